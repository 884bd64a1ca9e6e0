import type { Person } from '../harness';
import { misfits } from './misfits';

export type Size = readonly [width: number, height: number];

/** What opens on a page and may be wider than it: pressed by its selector. */
const OPENED: Readonly<Record<string, readonly string[]>> = {
  counter: [
    '.kind',
    '.offer',
    ...[1, 2, 3, 4].map((at) => `.folds v-fold:nth-of-type(${at}) summary`),
    'v-where-bought summary',
  ],
  freezer: ['button[aria-expanded=false] ::-p-text(Enter a pack)'],
  'freezer/week': ['.who', '::-p-text(When we eat)'],
  'freezer/places': ['::-p-text(Change)'],
};

/** What does not fit at one of the sizes, the page as it is now. */
async function misfitsAt(person: Person, sizes: readonly Size[], what: string): Promise<string[]> {
  const found: string[] = [];
  const { isMobile = false, hasTouch = false } = person.page.viewport() ?? {};
  for (const [width, height] of sizes) {
    await person.page.setViewport({ width, height, isMobile, hasTouch });
    await person.page.evaluate(() => vendicusFinding.drawn());
    const { wide, small, torn } = await person.page.evaluate(misfits, width);
    found.push(...wide.map((each) => `${what} at ${width}: off the screen: ${each}`));
    found.push(...small.map((each) => `${what} at ${width}: too small: ${each}`));
    found.push(...torn.map((each) => `${what} at ${width}: torn: ${each}`));
  }
  return found;
}

/** What does not fit of a page, all that opens on it opened one after the other. */
export async function misfitsOf(person: Person, page: string, sizes: readonly Size[]): Promise<string[]> {
  const found = await misfitsAt(person, sizes, page);
  for (const opened of OPENED[page.split('/').slice(2).join('/')] ?? []) {
    const button = await person.page.$(`main ${opened}`);
    if (!button) continue;
    await button.evaluate((each) => (each as unknown as HTMLElement).click());
    found.push(...(await misfitsAt(person, sizes, `${page}, ${opened}`)));
  }
  return [...new Set(found)];
}
