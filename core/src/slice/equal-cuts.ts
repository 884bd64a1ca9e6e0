import type { Profile } from './profile';

/** More halvings than a double has digits for a log of metres. */
const HALVINGS = 60;

/**
 * Where to cut a stretch of a log into so many slices of equal weight; real numbers, on no grid.
 *
 * @returns the places between the slices, without both ends
 * @example a prism of 400 mm in four: 100, 200, 300
 */
export function equalCuts(
  { massTo }: Pick<Profile, 'massTo'>,
  fromMm: number,
  toMm: number,
  count: number,
): number[] {
  const [before, whole] = [massTo(fromMm), massTo(toMm) - massTo(fromMm)];
  return Array.from({ length: count - 1 }, (_, index) => {
    const wanted = before + (whole * (index + 1)) / count;
    let [low, high] = [fromMm, toMm];
    for (let halving = 0; halving < HALVINGS; halving++) {
      const middle = (low + high) / 2;
      if (massTo(middle) < wanted) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  });
}
