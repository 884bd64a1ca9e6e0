import type { BenchActs } from './bench-acts';
import type { Hand } from './hand';

/** What the keys reach at the bench. */
export interface AtTheBench {
  readonly acts: Pick<BenchActs, 'take' | 'takeRest' | 'tare' | 'undo' | 'pause' | 'chooseBeside'>;
  readonly hand: Pick<
    Hand,
    'isRest' | 'isTyped' | 'weighed' | 'toggleTyping' | 'goStep' | 'toggleHandsFree' | 'toggleMode'
  >;
  /** What is weighed is a pack at once, or lies on the table. */
  readonly togglePacks: () => unknown;
  readonly turnDrawing: () => unknown;
  readonly showList: () => unknown;
  /** The practice scale's tray, while that is the scale. */
  readonly tray: () => { lay(): unknown; clear(): unknown; layTray(): unknown } | undefined;
}

export type Keys = Readonly<Record<string, (at: AtTheBench) => unknown>>;

/** What each key does while no field has the hand. A new one is a line here. */
export const BENCH_KEYS: Keys = {
  ' ': ({ acts }) => acts.take(),
  // Where nothing is typed there is nothing to take.
  Enter: ({ acts, hand }) => (!hand.isTyped() || hand.weighed()) && acts.take(),
  t: ({ acts }) => acts.tare(),
  u: ({ acts }) => acts.undo(),
  l: ({ acts, hand }) => hand.isRest() && acts.takeRest(),
  i: ({ hand }) => hand.toggleTyping(),
  h: ({ hand }) => hand.toggleHandsFree(),
  c: ({ hand }) => hand.toggleMode(),
  k: ({ togglePacks }) => togglePacks(),
  m: ({ tray }) => tray()?.lay(),
  r: ({ tray }) => tray()?.clear(),
  y: ({ tray }) => tray()?.layTray(),
  p: ({ acts }) => acts.pause(),
  o: ({ turnDrawing }) => turnDrawing(),
  w: ({ showList }) => showList(),
  ArrowRight: ({ hand }) => hand.goStep(1),
  ArrowLeft: ({ hand }) => hand.goStep(-1),
  ArrowDown: ({ acts }) => acts.chooseBeside(1),
  ArrowUp: ({ acts }) => acts.chooseBeside(-1),
};

/** Does what a key does, where it does something. */
export function pressKey(key: string, at: AtTheBench, keys: Keys = BENCH_KEYS): boolean {
  const act = keys[key];
  if (!act) return false;
  void act(at);
  return true;
}
