/**
 * What a line on a drawing stands for. A closed one of bone, fat or face is filled: bone pale, fat
 * in its texture, the face of a cut as the meat. Skin is a scatter of dots.
 */
export type LandmarkOf =
  | 'seam'
  | 'joint'
  | 'silver-skin'
  | 'bone'
  | 'stop'
  | 'gland'
  | 'grain'
  | 'face'
  | 'fat'
  | 'skin';

/** A line that is no region. */
export interface Landmark {
  readonly of: LandmarkOf;
  readonly d: string;
  /** The region that it lies on and leaves the board with; without one it stays to the end. */
  readonly on?: string;
}

/** A line drawing of a piece from one side, as data: regions that parts are made of. */
export interface Side {
  /** The side as one says it at the board: "fat side up". */
  readonly name: string;
  /** What is seen, for those who do not see it. */
  readonly seen: string;
  readonly viewBox: readonly [width: number, height: number];
  /** Closed outlines that do not overlap, by region. Drawn in this order. */
  readonly regions: Readonly<Record<string, string>>;
  /** The regions that are not meat. */
  readonly stuff?: Readonly<Record<string, 'fat' | 'bone'>>;
  /** Which regions a part is, its very own first; a part that is not here cannot be seen from this side. */
  readonly parts: Readonly<Record<string, readonly string[]>>;
  /** The regions that are sliced off bit by bit, and between which x; what is off is gone from `from` on. */
  readonly sliced?: { readonly regions: readonly string[]; readonly from: number; readonly to: number };
  /** How many units of the drawing are 10 cm of a piece of the usual size; 0 where that is not known. */
  readonly tenCm: number;
  /** Lines that are no region, in the order in which they are drawn. */
  readonly landmarks: readonly Landmark[];
  /** What stands behind the regions and looks out from them: bones above the meat. */
  readonly behind?: readonly Landmark[];
  /** Where the knife (or the twine) goes, by step. */
  readonly cuts: Readonly<Record<string, readonly string[]>>;
  /** Where words stand: the middle of each. */
  readonly labels: readonly { readonly x: number; readonly y: number; readonly text: string }[];
}

/** A kind of piece from the side that one works on, and another where the work needs it. */
export interface Drawing {
  readonly sides: readonly [Side, ...Side[]];
}

/**
 * The part that a region belongs to when a piece is cut a way: the one that has the region
 * nearest the front of its list; of two, the one that comes off first. So the middle of a loin
 * is the roast until the roast is off, and steaks then.
 *
 * @param among the parts of the way that are not off yet, in the order of work
 */
export function partOfRegion(
  { parts }: Pick<Side, 'parts'>,
  region: string,
  among: readonly string[],
): string | undefined {
  const ranked = among
    .map((part) => ({ part, rank: parts[part]?.indexOf(region) ?? -1 }))
    .filter(({ rank }) => rank >= 0);
  return ranked.reduce<(typeof ranked)[number] | undefined>(
    (best, each) => (best && best.rank <= each.rank ? best : each),
    undefined,
  )?.part;
}
