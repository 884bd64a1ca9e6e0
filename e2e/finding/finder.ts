import type { CustomQueryHandler } from 'puppeteer-core';
import { forThePage } from '../for-the-page';

const finding = forThePage('e2e/finding/in-page.ts', 'vendicusFinding');

/** Puts what finds and waits inside a page there, before anything of the page. */
export const FINDING = `void ${finding};`;

/**
 * Finds what is called so inside the page: `::-p-called([name="Price"][role="textbox"])`. The browser's
 * own tree, `::-p-aria`, takes ten times as long and stays where it is what is tested; that both find
 * the same on every page is tested.
 */
export const FINDER: CustomQueryHandler = {
  queryOne: new Function(
    'root',
    'wanted',
    `return ${finding}.findAllAndNudge(root, wanted)[0] ?? null`,
  ) as never,
  queryAll: new Function('root', 'wanted', `return ${finding}.findAllAndNudge(root, wanted)`) as never,
};
