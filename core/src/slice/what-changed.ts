import type { Slice } from './wish';

/** How the rest of a plan differs from what was planned for it before. */
export interface Changed {
  readonly count: number;
  readonly countBefore: number;
  /** Mean thickness now and before, mm. */
  readonly thicknessMm: number;
  readonly beforeMm: number;
}

/** Less than this is no news at a board. */
const NEWS_MM = 0.5;

/**
 * What has changed in the slices that are still to come, since the plan was first made.
 *
 * @param before all slices of the first plan, in the order of cutting
 * @param after those still to come now
 * @param done how many are off
 * @returns null where nothing has, or nothing is left
 * @example three of 31 mm instead of three of 30
 */
export function whatChanged(
  before: readonly Pick<Slice, 'thicknessMm'>[],
  after: readonly Pick<Slice, 'thicknessMm'>[],
  done: number,
): Changed | null {
  const wasToCome = before.slice(done);
  if (after.length === 0 || wasToCome.length === 0) return null;
  const mean = (slices: readonly Pick<Slice, 'thicknessMm'>[]): number =>
    slices.reduce((sum, { thicknessMm }) => sum + thicknessMm, 0) / slices.length;
  const changed = {
    count: after.length,
    countBefore: wasToCome.length,
    thicknessMm: mean(after),
    beforeMm: mean(wasToCome),
  };
  return changed.count !== changed.countBefore || Math.abs(changed.thicknessMm - changed.beforeMm) >= NEWS_MM
    ? changed
    : null;
}
