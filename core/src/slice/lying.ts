import type { Profile } from './profile';
import type { SliceHow } from './wish';

/** A stretch of a log, in mm from its start, and how it was made. */
interface Stretch {
  readonly fromMm: number;
  readonly toMm: number;
  readonly how?: SliceHow;
}

/**
 * How thick a slice lies in its pack, mm: as it was cut; opened, half of that; a tail folded under,
 * twice its height; and nothing lies thicker than its smallest side.
 *
 * @example a slice of 30 mm of a log of 70 by 50: 30; a tail 25 mm high in the middle, folded: 50
 */
export function lyingMm(log: Profile, { fromMm, toMm, how = 'cut' }: Stretch): number {
  const middle = (fromMm + toMm) / 2;
  const [length, height, width] = [toMm - fromMm, log.heightAt(middle), log.widthAt(middle)];
  if (how === 'opened') return length / 2;
  if (how === 'folded') return Math.min(length / 2, 2 * height);
  return how === 'head' ? Math.min(length, height, width) : length;
}
