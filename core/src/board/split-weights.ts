import { allocate } from '../units/allocate';
import { failure, success, type Result } from '../units/result';
import type { MassDg } from '../units/mass';

/** Pieces of one purchase that go one way. */
export interface SplitGroup {
  readonly count: number;
  /** As it was weighed; null where it was not. */
  readonly massDg: MassDg | null;
}

/** What each group of a split piece weighs. */
export interface SplitWeights {
  readonly massesDg: readonly MassDg[];
  /** All were weighed, and come to so much less than is there; below zero, to more. */
  readonly missingDg: MassDg;
}

/**
 * What each group weighs: what was weighed counts as it was, and those that were not share the rest by
 * their number.
 *
 * @param leftDg what they weigh together, as far as the journal knows
 * @returns with no mass at all for the rest, which of the two is the matter
 * @example splitWeights(64_000, [{ count: 2, massDg: 31_000 }, { count: 2, massDg: null }]) // 31_000 and 33_000
 */
export function splitWeights(
  leftDg: MassDg,
  groups: readonly SplitGroup[],
): Result<SplitWeights, 'nothing-for-the-rest'> {
  const weighedDg = groups.reduce((sum, { massDg }) => sum + (massDg ?? 0), 0);
  const isOpen = groups.map(({ massDg }) => massDg === null);
  if (!isOpen.includes(true)) {
    const massesDg = groups.map(({ massDg }) => massDg ?? 0);
    return success({ massesDg, missingDg: leftDg - weighedDg });
  }
  const unweighed = groups.reduce((sum, { count, massDg }) => (massDg === null ? sum + count : sum), 0);
  if (leftDg - weighedDg < unweighed) return failure('nothing-for-the-rest');
  const shares = allocate(
    leftDg - weighedDg,
    groups.map(({ count, massDg }) => (massDg === null ? count : 0)),
  );
  return success({ massesDg: groups.map(({ massDg }, at) => massDg ?? shares[at] ?? 0), missingDg: 0 });
}

/** A bird of one purchase that weighs so many times another is likelier a slip; an estimate of our own. */
const MUCH = 2;

/**
 * Whether what would be left for those that were not weighed is far from what the others weigh.
 *
 * @example two of 8 kg weighed at 7 kg: the other two would weigh 0.5 kg each
 */
export function isUnlikelySplit(groups: readonly SplitGroup[], massesDg: readonly MassDg[]): boolean {
  const each = groups.map(({ count }, at) => (massesDg[at] ?? 0) / count);
  return Math.max(...each) > MUCH * Math.min(...each);
}
