import { sum } from 'd3-array';
import type { Kind, Way } from '../catalogue/kind-schema';
import { partOf } from '../catalogue/kinds';
import type { MassDg } from '../units/mass';
import { partsInTurn, type PartTurn } from './parts-in-turn';

/** What came off so far, in the order of weighing. */
export interface Off {
  readonly part: string | null;
  readonly massDg: MassDg;
  readonly count: number;
}

/** What to do next at the board. */
export interface NextPart {
  /** The part that is weighed next; null once everything has been. */
  readonly part: string | null;
  /** The step to show: the one that takes the part off, or one before it that takes nothing off. */
  readonly step: number;
}

/** Pieces differ: a part counts as off at most of its usual share. */
export const DONE = 0.75;
/** Portions go on until nearly all of their usual share is off … */
const PORTIONS_DONE = 0.93;
/** … or until what would be left for one more is not much of one. */
const NOT_A_PORTION = 0.6;

/**
 * What the way proposes after what came off so far: the first turn that is not done, whatever order
 * the others were done in. Portions come one after another until their usual share is off, or
 * until what the other parts usually weigh is all that is left. A part that two steps give is
 * weighed at both.
 *
 * @param massDg the weight bought, which the shares are of
 * @param leftDg what is still on the board
 */
export function nextPart(
  kind: Kind,
  way: Way,
  { massDg, leftDg }: { readonly massDg: MassDg; readonly leftDg: MassDg },
  off: readonly Off[],
): NextPart {
  const turns = partsInTurn(kind, way);
  const offDg = sumByPart(off);
  const usualDg = (part: string): number => (way.shares[part] ?? 0) * massDg;
  const share = (part: string): number => (usualDg(part) > 0 ? (offDg.get(part) ?? 0) / usualDg(part) : 1);
  const leftForOthers = (part: string): number =>
    sum(Object.keys(way.shares), (other) =>
      other === part ? 0 : Math.max(0, usualDg(other) - (offDg.get(other) ?? 0)),
    );
  const arePortionsDone = (part: string): boolean => {
    const count = countOf(off, part);
    return (
      count > 0 &&
      (share(part) >= PORTIONS_DONE ||
        leftDg - leftForOthers(part) < (NOT_A_PORTION * (offDg.get(part) ?? 0)) / count)
    );
  };
  const isDone = (part: string, index: number): boolean => {
    if (isPortions(kind, part)) return arePortionsDone(part);
    const nth = turns.slice(0, index + 1).filter((turn) => turn.part === part).length;
    return share(part) >= DONE || off.filter((each) => each.part === part).length >= nth;
  };
  const inHand = turns.findIndex(
    ({ part }, index) => part === off.at(-1)?.part && isPortions(kind, part) && !isDone(part, index),
  );
  // Who has the wings off is past the draining and what hangs loose: that comes at the end.
  const furthest = turns.findLastIndex(({ part }) => (offDg.get(part) ?? 0) > 0);
  const open = turns.flatMap(({ part }, index) => (isDone(part, index) ? [] : [index]));
  const ahead = open.find((index) => index >= furthest || !isAnytime(kind, way, turns[index]?.step));
  const at = inHand >= 0 ? inHand : (ahead ?? open[0] ?? -1);
  const turn = turns[at];
  return turn
    ? { part: turn.part, step: inHand >= 0 ? way.steps.indexOf(turn.step) : stepBefore(kind, way, turns, at) }
    : { part: null, step: way.steps.length - 1 };
}

/** The turn's step; or the first one that takes nothing off this way, between it and the turn before. */
function stepBefore(kind: Kind, way: Way, turns: readonly PartTurn[], at: number): number {
  const own = way.steps.indexOf(turns[at]?.step ?? '');
  // The very first step, the draining, is over by now.
  const before = at === 0 ? 0 : way.steps.indexOf(turns[at - 1]?.step ?? '');
  const between = way.steps.findIndex(
    (id, index) =>
      index > before &&
      index < own &&
      kind.steps.find((step) => step.id === id)?.frees.every((part) => way.shares[part] === undefined),
  );
  return between < 0 ? own : between;
}

/** Whether what a step gives can wait; in a household's own kinds the first step, the draining, may give something, too. */
function isAnytime(kind: Kind, way: Way, step: string | undefined): boolean {
  return step === way.steps[0] || kind.steps.find(({ id }) => id === step)?.anytime === true;
}

function isPortions(kind: Kind, part: string): boolean {
  return partOf(kind, part)?.portion !== undefined;
}

function sumByPart(off: readonly Off[]): Map<string, MassDg> {
  const sums = new Map<string, MassDg>();
  for (const { part, massDg } of off) if (part !== null) sums.set(part, (sums.get(part) ?? 0) + massDg);
  return sums;
}

function countOf(off: readonly Off[], part: string): number {
  return sum(off, (each) => (each.part === part ? each.count : 0));
}
