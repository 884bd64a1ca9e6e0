import type { CDPSession } from 'puppeteer-core';
import { freshWindow, Person } from '../harness';
import { ADDRESS } from '../journeys';
import { demoPages } from '../pages';

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

// What the other tests find things by, and what a screen reader is told, are the same.
it('the finder inside the page names what the browser’s own tree names, on every page', async () => {
  const browser = await freshWindow();
  const person = await Person.at(browser, ADDRESS);
  await person.goTo('/demo/counter');
  const session = await person.page.createCDPSession();
  const byTheFinder = async (): Promise<string[]> => {
    const found = await person.page.evaluate(
      (roles) => roles.flatMap((role) => vendicusFinding.namesOf(role).map((name) => `${role}: ${name}`)),
      ROLES,
    );
    return found.sort();
  };
  for (const page of demoPages()) {
    await person.goOn(page);
    let [ours, theirs] = [await byTheFinder(), await byTheTree(session)];
    // What is fetched may have come between the two.
    for (let tries = 0; tries < 20 && ours.join() !== theirs.join(); tries++)
      [ours, theirs] = [await byTheFinder(), await byTheTree(session)];
    expect({ page, found: ours }).toEqual({ page, found: theirs });
  }
  await browser.close();
});
