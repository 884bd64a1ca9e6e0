/** A stretch of the screen, in its pixels. */
export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** How far it stands from what it is about, and from the edges. */
const [GAP, EDGE] = [6, 8];
/** Where a bar is looked for, line by line, in such steps. */
const STEP = 8;

/** By how much two boxes lie over each other, in square pixels. */
export function overlapOf(a: Box, b: Box): number {
  const width = Math.min(a.right, b.right) - Math.max(a.left, b.left);
  const height = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
  return width > 0 && height > 0 ? width * height : 0;
}

/**
 * Where a notice stands: below what it is about, above it, beside it, and else as a bar from the bottom of
 * the screen up: the first place at which it covers nothing that has to be seen. Where there is no such place,
 * that at which it covers least.
 *
 * @param size of the notice, not wider than the screen
 * @param anchor what it is about; null where that is not on the screen
 * @param clear what stays in sight: what changed, and the deeds that can be done next
 * @param view the screen
 */
export function placeNotice(
  { width, height }: { readonly width: number; readonly height: number },
  anchor: Box | null,
  clear: readonly Box[],
  view: Box,
): Box {
  const at = (left: number, top: number): Box => {
    const x = Math.max(view.left + EDGE, Math.min(left, view.right - EDGE - width));
    const y = Math.max(view.top + EDGE, Math.min(top, view.bottom - EDGE - height));
    return { left: x, top: y, right: x + width, bottom: y + height };
  };
  const beside = anchor
    ? [
        at(anchor.left, anchor.bottom + GAP),
        at(anchor.left, anchor.top - GAP - height),
        at(anchor.right + GAP, anchor.top),
        at(anchor.left - GAP - width, anchor.top),
      ]
    : [];
  const all = anchor ? [...clear, anchor] : clear;
  const covered = (box: Box): number => all.reduce((sum, each) => sum + overlapOf(box, each), 0);
  const places = [...beside, ...bars(at, { width, height }, view)];
  const free = places.find((box) => covered(box) === 0);
  return free ?? places.reduce((best, box) => (covered(box) < covered(best) ? box : best));
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
