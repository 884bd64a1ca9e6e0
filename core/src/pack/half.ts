/** A half of a portion that is cut in two. */
export interface Half {
  readonly of: string;
  readonly side: 1 | 2;
}

/** Both sides of a cut. */
export const SIDES = [1, 2] as const;

/** A portion as it is, or a half of it. */
export type Served = string | Half;

/** The portion that something is, or is a half of. */
export function portionOf(served: Served): string {
  return typeof served === 'string' ? served : served.of;
}

/** What it goes by where there is one text for it: on the table, and at the command line. */
export function servedName(served: Served): string {
  return typeof served === 'string' ? served : `${served.of}/${served.side}`;
}
