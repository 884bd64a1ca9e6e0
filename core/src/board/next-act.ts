import type { Kind, Way } from '../catalogue/kind-schema';
import { partOf } from '../catalogue/kinds';
import type { MassDg } from '../units/mass';
import { actsOf, type Act } from './acts';

/** What came off so far, in the order of weighing. */
export interface Off {
  readonly part: string | null;
  readonly massDg: MassDg;
  readonly count: number;
}

/** What to do next at the board. */
export interface NextAct {
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
 * What the way proposes after what came off so far. Portions come one after another until their
 * usual share is off, or until what the later parts usually weigh is all that is left; anything
 * else makes room for what comes next.
 *
 * @param massDg the weight bought, which the shares are of
 * @param leftDg what is still on the board
 */
export function nextAct(kind: Kind, way: Way, { massDg, leftDg }: { readonly massDg: MassDg; readonly leftDg: MassDg }, off: readonly Off[]): NextAct {
  const acts = actsOf(kind, way);
  const offDg = sumByPart(off);
  const usualDg = (part: string): number => (way.shares[part] ?? 0) * massDg;
  const share = (part: string): number => (usualDg(part) > 0 ? (offDg.get(part) ?? 0) / usualDg(part) : 0);
  const isPortions = (act: Act | undefined): boolean => act !== undefined && partOf(kind, act.part)?.portion !== undefined;
  const leftFor = (from: number): number => {
    const later = new Set(acts.slice(from).map(({ part }) => part));
    return [...later].reduce((sum, part) => sum + Math.max(0, usualDg(part) - (offDg.get(part) ?? 0)), 0);
  };
  let { at, last } = placeInOrder(acts, off, isPortions);
  const inHand = acts[at];
  if (isPortions(inHand) && offDg.has(inHand?.part ?? '')) {
    const mean = (offDg.get(inHand?.part ?? '') ?? 0) / countOf(off, inHand?.part ?? '');
    if (share(inHand?.part ?? '') >= PORTIONS_DONE || leftDg - leftFor(at + 1) < NOT_A_PORTION * mean) at += 1;
    else return shown(kind, way, acts, at, at);
  }
  while (acts[at] && share(acts[at]?.part ?? '') >= DONE) last = at++;
  return shown(kind, way, acts, at, last);
}

/** How far the work has come: the act in hand, and the last that something was weighed for. */
function placeInOrder(acts: readonly Act[], off: readonly Off[], isPortions: (act: Act | undefined) => boolean): { at: number; last: number } {
  let [at, last] = [0, -1];
  for (const { part } of off) {
    const found = acts.findIndex((act, index) => index >= at && act.part === part);
    if (found < 0) continue;
    last = found;
    at = isPortions(acts[found]) ? found : found + 1;
  }
  return { at, last };
}

function shown(kind: Kind, way: Way, acts: readonly Act[], at: number, last: number): NextAct {
  const act = acts[at];
  const steps = way.steps;
  if (!act) return { part: null, step: steps.length - 1 };
  const own = steps.indexOf(act.step);
  const before = last < 0 ? 0 : steps.indexOf(acts[last]?.step ?? '');
  // A step in between that takes nothing off comes first; the very first, the draining, is over by now.
  const between = steps.findIndex((id, index) => index > before && index < own && kind.steps.find((step) => step.id === id)?.frees.length === 0);
  return { part: act.part, step: last === at || between < 0 ? own : between };
}

function sumByPart(off: readonly Off[]): Map<string, MassDg> {
  const sums = new Map<string, MassDg>();
  for (const { part, massDg } of off) if (part !== null) sums.set(part, (sums.get(part) ?? 0) + massDg);
  return sums;
}

function countOf(off: readonly Off[], part: string): number {
  return off.reduce((sum, each) => sum + (each.part === part ? each.count : 0), 0);
}
