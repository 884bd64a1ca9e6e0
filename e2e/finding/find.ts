import { computeAccessibleName, getRole, isInaccessible } from 'dom-accessibility-api';

/** What is looked for: a name as a screen reader says it, a role, or both. */
interface Wanted {
  readonly name?: string;
  readonly role?: string;
}

/** Where a role may stand, so that not every element is asked for its own. */
const WHERE: Readonly<Record<string, string>> = {
  // What unfolds is none to a browser.
  button: 'button, input, [role=button]',
  link: 'a[href], area[href], [role=link]',
  textbox: 'input, textarea, [role=textbox], [contenteditable]',
  searchbox: 'input, [role=searchbox]',
  combobox: 'input, select, [role=combobox]',
  checkbox: 'input, [role=checkbox]',
  radio: 'input, [role=radio]',
  spinbutton: 'input, [role=spinbutton]',
};

const ATTRIBUTE = /\[\s*(\w+)\s*=\s*"([^"]*)"\s*\]/g;

/** Reads `Price`, `[name="Price"]` or `[name="Price"][role="textbox"]`. */
function wantedOf(selector: string): Wanted {
  const wanted: Record<string, string> = {};
  const bare = selector.replace(ATTRIBUTE, (_all, attribute: string, value: string) => {
    wanted[attribute] = value;
    return '';
  });
  return bare.trim() ? { name: bare, ...wanted } : wanted;
}

/** Without its spaces: where an inline element begins with one, a browser keeps it, and the standard does not say. */
const tidy = (text: string): string => text.replace(/\s+/g, '');

/** The role that Chromium gives: to a field for a file too, where the standard names none. */
const roleOf = (element: Element): string | null =>
  element.getAttribute('role') ??
  (element instanceof HTMLInputElement && element.type === 'file' ? 'button' : getRole(element));

/** Whether its own words could come to the name: asked first, for a name takes long to put together. */
function mayBeCalled(element: Element, name: string): boolean {
  const label = element.getAttribute('aria-label');
  if (label !== null && !element.hasAttribute('aria-labelledby')) return tidy(label) === name;
  if (element.matches('input, select, textarea, [aria-labelledby], [title]')) return true;
  if (element.querySelector('[aria-label], [alt], [title], svg, input, [aria-labelledby]')) return true;
  const text = tidy(element.textContent ?? '');
  return text.includes(name.slice(0, 4)) && text.includes(name.slice(-4));
}

/** All elements below a root that are called so, in the order of the page; none that is hidden. */
export function findAll(root: ParentNode, selector: string): Element[] {
  const { name: said, role } = wantedOf(selector);
  const name = said === undefined ? undefined : tidy(said);
  const places = role === undefined ? '*' : (WHERE[role] ?? '*');
  return [...root.querySelectorAll(places)].filter(
    (element) =>
      (role === undefined ? isControl(element) : roleOf(element) === role) &&
      (name === undefined || isCalled(element, name)) &&
      !isInaccessible(element) &&
      isDrawn(element) &&
      element.closest('[inert]') === null,
  );
}

/** The names of all that have a role, without spaces. */
export const namesOf = (role: string): string[] =>
  findAll(document, `[role="${role}"]`).map((element) => tidy(computeAccessibleName(element)));

/** Not folded away in what is closed: such things have a size all the same. */
const isDrawn = (element: Element): boolean =>
  element.checkVisibility() || getComputedStyle(element).display === 'contents';

/** What has a role, or takes a figure though no role is known for it: a time, a day. */
const isControl = (element: Element): boolean =>
  element.matches('input, select, textarea') ||
  ![null, 'generic', 'presentation', 'none'].includes(roleOf(element));

const isCalled = (element: Element, name: string): boolean =>
  mayBeCalled(element, name) && tidy(computeAccessibleName(element)) === name;
