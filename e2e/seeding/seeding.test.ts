import { freshWindow, Person } from '../harness';
import { ADDRESS, begin, beginByHand, buy, weigh } from '../journeys';
import type { Counts } from './household-file';

/** Everything that lies in the database, without what is never twice the same. */
async function stored(person: Person): Promise<unknown> {
  const all = await person.page.evaluate(async () => {
    const opened = await new Promise<IDBDatabase>((done) => {
      const opening = indexedDB.open('vendicus-home');
      opening.onsuccess = () => done(opening.result);
    });
    const tables = [...opened.objectStoreNames].map(
      (name) =>
        new Promise<readonly [string, unknown]>((done) => {
          const all = opened.transaction(name).objectStore(name).getAll();
          all.onsuccess = () => done([name, all.result]);
        }),
    );
    return Object.fromEntries(await Promise.all(tables)) as Record<string, unknown[]>;
  });
  const bare = (value: unknown): unknown =>
    Array.isArray(value)
      ? value.map(bare).sort((a, b) => (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1))
      : typeof value === 'object' && value !== null
        ? Object.fromEntries(
            Object.entries(value)
              .filter(([key]) => !['id', 'at', 'device', 'lot', 'from', 'n', 'seq'].includes(key))
              .map(([key, each]) => [key, bare(each)]),
          )
        : typeof value === 'string'
          ? value
              .replace(/^(place|price)\/.*|^[0-9a-z]{14}$/, '$1')
              .replace(/"(id|began)":"[^"]*"|\["\w{14}.*/g, '')
          : value;
  return bare(all);
}

it.each([
  ['in kilograms and euros', {}, '5 kg', '12.00', '4.9 kg', '250 g'],
  ['in pounds and dollars', { currency: 'USD', system: 'imperial' }, '11.5 lb', '6.99', '11.25 lb', '9 oz'],
] as const)(
  '%s, what is put there is what the screens write',
  async (_name, counts, weight, price, drained, steak) => {
    const typed = await freshWindow();
    const byHand = await Person.at(typed, ADDRESS);
    await beginByHand(byHand, counts satisfies Counts);
    await buy(byHand, 'Strip loin', weight, price, {}, 'system' in counts ? 'lb' : 'kg');
    await weigh(byHand, drained);
    await byHand.sees('Drained');
    await weigh(byHand, steak, 'Steaks');
    await byHand.sees('Weighed 1');
    const put = await freshWindow();
    const seeded = await Person.at(put, ADDRESS);
    await begin(seeded, counts, { kind: 'Strip loin', weight, price, drained, cuts: [['Steaks', steak]] });
    expect(await stored(seeded)).toEqual(await stored(byHand));
    await Promise.all([typed.close(), put.close()]);
  },
);
