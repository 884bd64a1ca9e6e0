/** A line drawing of a kind of piece, as data: regions that parts are made of. */
export interface Drawing {
  /** What is seen, for those who do not see it. */
  readonly seen: string;
  readonly viewBox: readonly [width: number, height: number];
  /** Closed outlines, by region. Drawn in this order. */
  readonly regions: Readonly<Record<string, string>>;
  /** Which regions a part is; a part that is not here cannot be seen from this side. */
  readonly parts: Readonly<Record<string, readonly string[]>>;
  /** The part that is sliced off bit by bit, and between which x; what is off is gone from `from` on. */
  readonly sliced?: { readonly part: string; readonly from: number; readonly to: number };
  /** Lines that are no region: bone, seam, the oval that says stop. */
  readonly lines: readonly string[];
  /** Where words stand. */
  readonly labels: readonly { readonly x: number; readonly y: number; readonly text: string }[];
}
