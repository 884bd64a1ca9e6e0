import { sum } from 'd3-array';
import type { Kind, Way } from '../catalogue/kind-schema';
import { partOf } from '../catalogue/kinds';
import { perPieceOf } from '../catalogue/per-piece';
import type { MassDg } from '../units/mass';
import type { Off } from './next-part';

/** A portion differs from the next by no more than this. */
const ONE_PORTION = 1.5;

/**
 * Whether all that is left on the board may be this part, so that it need not be weighed: every
 * other part of the way has been, and what is left is not several portions.
 *
 * @example strip loin, all weighed but the sirloin end: what is left is the end
 */
export function mayBeRest(kind: Kind, way: Way, part: string, leftDg: MassDg, off: readonly Off[]): boolean {
  const weighed = new Set(off.map((each) => each.part));
  if (
    leftDg <= 0 ||
    way.shares[part] === undefined ||
    Object.keys(way.shares).some((other) => other !== part && !weighed.has(other))
  )
    return false;
  const known = partOf(kind, part);
  if (known?.portion === undefined || perPieceOf(known, way) === 1) return true;
  const own = off.filter((each) => each.part === part);
  const count = sum(own, ({ count }) => count);
  return count > 0 && leftDg <= (ONE_PORTION * sum(own, ({ massDg }) => massDg)) / count;
}
