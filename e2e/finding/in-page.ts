import { findAll } from './find';

export { findAll, namesOf } from './find';

// What is done inside the page in one go, so that nothing is asked from outside again and again. The clock
// and the timers are the page's own, as they were before a test let its time go by faster.
const { setTimeout } = globalThis;
const now = performance.now.bind(performance);

/** How often is looked at least: a style sheet that came changes no element. */
const LOOK_MS = 250;
/** After a change so much is waited for the next ones. */
const CHANGES_MS = 50;

/** Waits for a change of the page, or a quarter of a second. */
function change(): Promise<void> {
  return new Promise((done) => {
    const observer = new MutationObserver(() => setTimeout(end, CHANGES_MS));
    const end = (): void => {
      observer.disconnect();
      done();
    };
    observer.observe(document, { subtree: true, childList: true, attributes: true, characterData: true });
    setTimeout(end, LOOK_MS);
  });
}

/** Waits for something to be so; false where it did not come to be. */
async function until<T>(is: () => T | null | false | undefined, patienceMs: number): Promise<T | null> {
  for (const end = now() + patienceMs; ; await change()) {
    const found = is();
    if (found) return found;
    if (now() > end) return null;
  }
}

/** Two frames, or what is left of them where nothing is drawn. */
export const drawn = (): Promise<void> =>
  new Promise((done) => {
    setTimeout(done, 100);
    requestAnimationFrame(() => requestAnimationFrame(() => done()));
  });

let isNudging = false;

/**
 * As `findAll`, for who waits for changes from outside: where nothing is found the page is changed a
 * little later, so that it is looked again though only a style sheet came.
 */
export function findAllAndNudge(root: ParentNode, selector: string): Element[] {
  const found = findAll(root, selector);
  if (found.length > 0 || isNudging) return found;
  isNudging = true;
  setTimeout(() => {
    isNudging = false;
    document.head.toggleAttribute('data-looked-for');
  }, LOOK_MS);
  return found;
}

/** What is wanted: by its name and role, by a selector, or by how an option of the open list begins. */
export interface Wanted {
  readonly called?: string;
  readonly at?: string;
  readonly option?: string;
}

function first({ called, at, option }: Wanted): HTMLElement | null {
  if (called !== undefined) return (findAll(document, called)[0] as HTMLElement | undefined) ?? null;
  return option === undefined ? document.querySelector<HTMLElement>(at ?? '') : optionThatReads(option);
}

/** The option that reads so, else the first that begins so. */
function optionThatReads(wanted: string): HTMLElement | null {
  const all = [...document.querySelectorAll<HTMLElement>('.p-select-overlay [role=option]')];
  const reads = (each: HTMLElement): string => each.textContent?.trim() ?? '';
  return (
    all.find((each) => reads(each) === wanted) ?? all.find((each) => reads(each).startsWith(wanted)) ?? null
  );
}

const isThere = (element: HTMLElement): boolean => {
  const { width, height } = element.getBoundingClientRect();
  return width > 0 && height > 0 && getComputedStyle(element).visibility === 'visible';
};
const isEnabled = (element: HTMLElement): boolean =>
  !(element as HTMLButtonElement).disabled && element.closest('fieldset:disabled') === null;

/** Puts a notice away that lies over it, and scrolls it out from under a bar, as one does. */
function uncover(element: HTMLElement): void {
  if (element.closest('.p-toast')) return;
  const { x, y } = middleOf(element);
  const above = document.elementFromPoint(x, y);
  above?.closest('.p-toast')?.querySelector<HTMLElement>('[aria-label="Close this notice"]')?.click();
  if (above?.closest('.end')) element.scrollIntoView({ block: 'center', behavior: 'instant' });
}

/** The middle of what of it is on the screen; of a link over two lines, of the first. */
function middleOf(element: HTMLElement): { readonly x: number; readonly y: number } {
  const boxes = [...element.getClientRects()].filter(({ width, height }) => width > 0 && height > 0);
  const { left, right, top, bottom } = boxes[0] ?? element.getBoundingClientRect();
  const between = (from: number, to: number, most: number): number =>
    (Math.max(0, from) + Math.min(most, to)) / 2;
  return { x: between(left, right, innerWidth), y: between(top, bottom, innerHeight) };
}

const isOnScreen = (element: HTMLElement): boolean => {
  const { left, right, top, bottom } = element.getBoundingClientRect();
  return right > 0 && bottom > 0 && left < innerWidth && top < innerHeight;
};

/** Whether what it lies in shows something else there: it is scrolled out of it. */
function isCutOff(element: HTMLElement): boolean {
  const { x, y } = middleOf(element);
  const seen = document.elementFromPoint(x, y);
  return seen === null || !(element.contains(seen) || seen.contains(element));
}

/** How something is come at. */
interface How {
  readonly patienceMs: number;
  /** Where it is pressed: as it lies, or scrolled to the middle first. */
  readonly scroll?: 'never' | 'middle';
}

/** The element once it can be pressed: there, enabled, uncovered, and standing still. */
async function ready(wanted: Wanted, { patienceMs, scroll }: How): Promise<HTMLElement | null> {
  for (const end = now() + patienceMs; now() < end;) {
    const isReady = (): HTMLElement | null => {
      const element = first(wanted);
      return element && isThere(element) && isEnabled(element) ? element : null;
    };
    const element = await until(isReady, end - now());
    if (!element) return null;
    if (scroll === 'middle' || (scroll !== 'never' && !isOnScreen(element)))
      element.scrollIntoView({ block: 'center', inline: 'center', behavior: 'instant' });
    if (scroll !== 'never' && isCutOff(element))
      element.scrollIntoView({ block: 'center', behavior: 'instant' });
    uncover(element);
    const before = middleOf(element);
    await drawn();
    const after = middleOf(element);
    if (isReady() === element && before.x === after.x && before.y === after.y) return element;
  }
  return null;
}

/** Where a thing is pressed, and where it leads. */
export interface Spot {
  readonly x: number;
  readonly y: number;
  readonly href: string | null;
}

/** Where it is pressed, once it can be; null where it cannot. */
export async function spotOf(wanted: Wanted, how: How): Promise<Spot | null> {
  const element = await ready(wanted, how);
  if (!element) return null;
  const { x, y } = middleOf(element);
  expects(element, document.elementFromPoint(x, y));
  return { x, y, href: (element as HTMLAnchorElement).href ?? null };
}

let wasMissed = false;
let noted = new AbortController();

/** Notes whether the next press meets the element, or what is seen in its place, from beginning to end. */
function expects(element: HTMLElement, seen: Element | null): void {
  wasMissed = false;
  noted.abort();
  noted = new AbortController();
  const isMet = (at: Node): boolean => at === seen || element.contains(at);
  const note = ({ target, type }: Event): void => {
    // What is gone by the end of the press has done what it does at its beginning.
    if (!isMet(target as Node)) wasMissed ||= type === 'pointerdown' || element.isConnected;
  };
  const once = { capture: true, once: true, signal: noted.signal };
  for (const type of ['pointerdown', 'click']) addEventListener(type, note, once);
}

/** Whether the last press met something else, as what was meant had moved away under the pointer. */
export const isMissed = (): boolean => wasMissed;

/** What a hand types into; all else, a time or a day, is set as its picker does. */
const TYPED = ['text', 'url', 'tel', 'search', 'password', 'number', 'email'];

/** Fills the field as a paste does, in one go: what closes just now may still want the focus back. */
export async function fillField(wanted: Wanted, text: string, how: How): Promise<boolean> {
  const field = (await ready(wanted, how)) as HTMLInputElement | null;
  if (!field) return false;
  field.focus();
  await drawn();
  if (field instanceof HTMLTextAreaElement || TYPED.includes(field.type)) {
    if (document.activeElement !== field) field.focus();
    field.select();
    document.execCommand(text === '' ? 'delete' : 'insertText', false, text);
    return true;
  }
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, text);
  for (const type of ['input', 'change']) field.dispatchEvent(new Event(type, { bubbles: true }));
  return true;
}

const told = (): string => document.body.innerText.replace(/\s+/g, ' ');
const bare = (text: string | null): string => (text ?? '').replace(/\s+/g, '').toLowerCase();

/** Waits until the page says a text, on another page than before or more often than so many times. */
export async function says(
  wanted: string,
  before: { readonly page: string; readonly times: number },
  patienceMs: number,
): Promise<boolean> {
  const isSaid = (): boolean =>
    // Cheap, and mostly enough to know that it is not: what is shown is laid out first.
    bare(document.body.textContent).includes(bare(wanted)) &&
    told().split(wanted).length - 1 > (location.href === before.page ? before.times : 0);
  return (await until(isSaid, patienceMs)) !== null;
}
