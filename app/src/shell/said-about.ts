import type { Box } from '../ui/told/place-notice';

/** What lies over the page: what is said meanwhile is about something in it. */
const WINDOW = '.p-dialog';
/** What is done next, and the ways on: a notice never lies over them. */
const NEXT = '.act, .places, [data-keeps-clear], .p-dialog-header';
/** What can be pressed or filled in. */
const PRESSED = 'button, a, input, textarea, select, [role=button], [role=combobox], [role=switch], label';

/** What a notice is about, and what it must not cover, as it stands on the screen now. */
export interface SaidAbout {
  readonly anchor: Box | null;
  readonly clear: readonly Box[];
  /** All else that can be pressed or filled in: left free, too, where there is room. */
  readonly usable: readonly Box[];
}

const boxOf = (element: Element): Box => {
  const { left, top, right, bottom } = element.getBoundingClientRect();
  return { left, top, right, bottom };
};
const isOn = ({ left, top, right, bottom }: Box): boolean =>
  right > left && bottom > top && bottom > 0 && right > 0 && top < innerHeight && left < innerWidth;

/** What of the page shows what changed: rows, trays and days say so by `data-of`. */
function showing(root: ParentNode, of: readonly string[]): Element[] {
  const wanted = new Set(of);
  return [...root.querySelectorAll('[data-of]')].filter((each) =>
    (each.getAttribute('data-of') ?? '').split(' ').some((name) => wanted.has(name)),
  );
}

/**
 * Finds on the screen what a notice is about: what shows what changed, else what was pressed.
 *
 * @param of what changed, by what pages call it
 * @param pressed what was pressed last, if it is still there
 */
export function saidAbout(page: Document, of: readonly string[], pressed: Element | null): SaidAbout {
  const root = page.querySelector(WINDOW) ?? page;
  const changed = showing(root, of);
  const seen = changed.map(boxOf).filter(isOn);
  const hand = pressed?.isConnected && root.contains(pressed) ? (pressed.closest(PRESSED) ?? pressed) : null;
  const handBox = hand && boxOf(hand);
  const next = [...page.querySelectorAll(NEXT)].map(boxOf).filter(isOn);
  const isAtHand = handBox !== null && isOn(handBox);
  const usable = [...root.querySelectorAll(PRESSED)].filter((each) => !each.closest('.said'));
  return {
    usable: usable.map(boxOf).filter(isOn),
    anchor: seen[0] ?? (isAtHand && changed.length === 0 ? handBox : null),
    clear: [...seen, ...next, ...(isAtHand ? [handBox] : [])],
  };
}
