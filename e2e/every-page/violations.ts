import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { AxeResults } from 'axe-core';
import type { Person } from '../harness';

const AXE = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

/** How a page is lit: by what the machine prefers. */
async function light(person: Person, scheme: 'light' | 'dark'): Promise<void> {
  await person.page.emulateMediaFeatures([
    { name: 'prefers-color-scheme', value: scheme },
    { name: 'prefers-reduced-motion', value: 'reduce' },
  ]);
  await person.page.waitForFunction(
    (isDim) => document.documentElement.classList.contains('dim') === isDim,
    {},
    scheme === 'dark',
  );
}

/** What is wrong with the page as it is now; of some rules only, where they are named. */
export async function violations(person: Person, rules?: readonly string[]): Promise<string[]> {
  if (!(await person.page.evaluate(() => 'axe' in globalThis))) await person.page.evaluate(AXE);
  const found = (await person.page.evaluate(
    (runOnly) =>
      (globalThis as unknown as { axe: { run: (options: object) => Promise<unknown> } }).axe.run({
        resultTypes: ['violations'],
        ...(runOnly ? { runOnly } : {}),
      }),
    rules,
  )) as AxeResults;
  return found.violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
  );
}

/** And in the dim, where only the colours are others. */
export async function violationsInTheDim(person: Person): Promise<string[]> {
  await light(person, 'dark');
  const found = await violations(person, ['color-contrast']);
  await light(person, 'light');
  return found;
}
