import type { Result } from '../units/result';
import { replan, type CutSlice } from './replan';
import type { Profile } from './profile';
import type { Plan, Request } from './wish';

/** What is left to do, after slices that were weighed in turn. */
export interface Followed {
  /** The slices that are off, each where the plan of its moment aimed. */
  readonly done: readonly CutSlice[];
  readonly next: Result<Plan>;
}

/**
 * Follows the weighings: each slice was cut where the plan stood at that moment, and the plan was
 * made anew after it.
 *
 * @param weights of the slices weighed so far, g, in order; the square-off first where there is one
 * @param hasSquareOff whether the first of the weights is the square-off
 */
export function followWeights(
  profile: Profile,
  request: Request,
  weights: readonly number[],
  hasSquareOff: boolean,
): Followed {
  const done: CutSlice[] = [];
  let next = replan(profile, request, done);
  for (const [index, massG] of weights.entries()) {
    if (index === 0 && hasSquareOff) {
      done.push({ kind: 'square-off', aimedToMm: request.squareOffMm, massG });
    } else {
      const slice = next.value?.slices[0];
      if (!slice) break;
      const aimedToMm = request.from === 'start' ? slice.toMm : profile.lengthMm - slice.fromMm;
      done.push({ kind: slice.kind, aimedToMm, massG, how: slice.how });
    }
    next = replan(profile, request, done);
  }
  return { done, next };
}
