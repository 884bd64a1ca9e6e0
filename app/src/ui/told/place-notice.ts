/** A stretch of the screen, in its pixels. */
export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** How far it stands from what it is about: close by, or past what stands there. */
const OFF = [6, 30, 60, 90, 120];
/** And from the edges of the screen. */
const EDGE = 8;
/** Where a bar is looked for, line by line, in such steps. */
const STEP = 8;

/** By how much two boxes lie over each other, in square pixels. */
export function overlapOf(a: Box, b: Box): number {
  const width = Math.min(a.right, b.right) - Math.max(a.left, b.left);
  const height = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
  return width > 0 && height > 0 ? width * height : 0;
}

/**
 * Where a notice stands: at what it is about (below, above, beside it, a little further off), and else as a bar
 * from the bottom of the screen up: the first place at which it lies over nothing that can be pressed. Where there
 * is none, the first at which it covers nothing that has to be seen; and else that at which it covers least.
 *
 * @param size of the notice, not wider than the screen
 * @param anchor what it is about; null where that is not on the screen
 * @param clear what stays in sight: what changed, and the deeds that can be done next
 * @param usable all else that can be pressed or filled in
 * @param view the screen
 */
export function placeNotice(
  { width, height }: { readonly width: number; readonly height: number },
  anchor: Box | null,
  clear: readonly Box[],
  usable: readonly Box[],
  view: Box,
): Box {
  const at = (left: number, top: number): Box => {
    const x = Math.max(view.left + EDGE, Math.min(left, view.right - EDGE - width));
    const y = Math.max(view.top + EDGE, Math.min(top, view.bottom - EDGE - height));
    return { left: x, top: y, right: x + width, bottom: y + height };
  };
  const seen = anchor ? [...clear, anchor] : clear;
  const covered = (box: Box, all: readonly Box[]): number =>
    all.reduce((sum, each) => sum + overlapOf(box, each), 0);
  const beside = anchor ? OFF.flatMap((off) => around(at, { width, height }, anchor, off)) : [];
  const places = [...beside, ...bars(at, { width, height }, view)];
  return (
    places.find((box) => covered(box, seen) + covered(box, usable) === 0) ??
    places.find((box) => covered(box, seen) === 0) ??
    places.reduce((best, box) => (covered(box, seen) < covered(best, seen) ? box : best))
  );
}

/** Below, above, at the right and at the left of it, as far off. */
function around(
  at: (left: number, top: number) => Box,
  { width, height }: { readonly width: number; readonly height: number },
  anchor: Box,
  off: number,
): Box[] {
  return [
    at(anchor.left, anchor.bottom + off),
    at(anchor.left, anchor.top - off - height),
    at(anchor.right + off, anchor.top),
    at(anchor.left - off - width, anchor.top),
  ];
}

/** From the bottom up: in the middle, at the right, at the left. */
function bars(
  at: (left: number, top: number) => Box,
  { width, height }: { readonly width: number; readonly height: number },
  view: Box,
): Box[] {
  const lefts = [(view.left + view.right - width) / 2, view.right - width, view.left];
  const rows = Math.max(1, Math.floor((view.bottom - view.top - height) / STEP));
  return Array.from({ length: rows + 1 }, (_, row) => view.bottom - height - row * STEP).flatMap((top) =>
    lefts.map((left) => at(left, top)),
  );
}
