/** A weight under this share of the least that is usual is hardly one; of what comes in portions, one of many. */
const HARDLY = { whole: 1 / 5, portions: 1 / 40 };
/** Of a part of which nobody knows what is usual, an ounce is hardly a weighing. */
const HARDLY_DG = 280;

/** What a bare figure could mean, in tenths of a gram. */
interface Meanings {
  /** In grams or ounces. */
  readonly smallDg: number;
  /** In kilograms or pounds. */
  readonly largeDg: number;
}

/**
 * Whether a figure typed without its unit was probably meant in the large one: in the small one it
 * would be hardly anything, in the large one it fits on the board.
 *
 * @param usual the least of this part that is usual, in tenths of a gram, and whether it comes in portions;
 *   null where nobody knows
 * @param leftDg what is still on the board
 * @example "1.72" where the centre is usually 1.49 to 1.91 lb: ounces are in doubt
 */
export function unitInDoubt(
  { smallDg, largeDg }: Meanings,
  usual: { readonly lowDg: number; readonly isPortioned: boolean } | null,
  leftDg: number,
): boolean {
  const hardly = usual ? usual.lowDg * (usual.isPortioned ? HARDLY.portions : HARDLY.whole) : HARDLY_DG;
  return smallDg < hardly && largeDg >= hardly && largeDg <= leftDg * 1.05;
}
