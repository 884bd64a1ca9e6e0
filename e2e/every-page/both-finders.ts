import type { CDPSession } from 'puppeteer-core';
import type { Person } from '../harness';

/** What is looked for by name. */
const ROLES = ['button', 'link', 'textbox', 'searchbox', 'combobox', 'checkbox', 'radio', 'heading'];

interface Node {
  readonly ignored: boolean;
  readonly role?: { readonly value: string };
  readonly name?: { readonly value: string };
}

const bare = (text: string): string => text.replace(/\s+/g, '');

/** What the browser's own tree names, role by role. */
async function byTheTree(session: CDPSession): Promise<string[]> {
  const { nodes } = (await session.send('Accessibility.getFullAXTree')) as { nodes: Node[] };
  return nodes
    .filter(({ ignored, role }) => !ignored && ROLES.includes(role?.value ?? ''))
    .map(({ role, name }) => `${role?.value}: ${bare(name?.value ?? '')}`)
    .sort();
}

/** What the finder inside the page names. */
async function byTheFinder(person: Person): Promise<string[]> {
  const found = await person.page.evaluate(
    (roles) => roles.flatMap((role) => vendicusFinding.namesOf(role).map((name) => `${role}: ${name}`)),
    ROLES,
  );
  return found.sort();
}

/** What tests find things by, and what a screen reader is told: the same on every page. */
export async function bothFinders(
  person: Person,
  session: CDPSession,
): Promise<{ readonly ours: string[]; readonly theirs: string[] }> {
  let [ours, theirs] = [await byTheFinder(person), await byTheTree(session)];
  // What is fetched may have come between the two.
  for (let tries = 0; tries < 20 && ours.join() !== theirs.join(); tries++)
    [ours, theirs] = [await byTheFinder(person), await byTheTree(session)];
  return { ours, theirs };
}
