/** An id at the end of what the code says. */
const ID = /\bid ([A-Za-z0-9_-]{1,40})$/;

/** Letters of a name in the code. */
const LONGEST = 32;

/**
 * What the square code of a pack says: a short text that anyone can read without this program, and
 * the pack's id. No address of anything.
 *
 * @example "5 steaks, 861 g, wrapped 2026-11-24. Pack K7Q2 id a1b2c3"
 */
export function qrText({
  id,
  number,
  title,
  mass,
  on,
}: {
  readonly id: string;
  readonly number: string;
  readonly title: string;
  readonly mass: string;
  readonly on: string | null;
}): string {
  // Longer codes have smaller dots, which a freezer's frost makes harder to read.
  const what = title.length > LONGEST ? `${title.slice(0, LONGEST - 1)}…` : title;
  return `${what}, ${mass}${on ? `, wrapped ${on}` : ''}. Pack ${number} id ${id}`;
}

/** The id of the pack in what a code says; null where it is no label of ours. */
export function readQrText(text: string): string | null {
  return ID.exec(text.trim())?.[1] ?? null;
}
