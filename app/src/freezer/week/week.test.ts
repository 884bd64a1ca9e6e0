import { TestBed } from '@angular/core/testing';
import type { Fact } from '@core/ledger/entry';
import { addDays } from '@core/units/date';
import { Colds } from '../../household/colds';
import { Notices } from '../../household/notices';
import { inHousehold } from '../../testing/household';
import { PiecesNow } from './pieces-now';
import { Week } from './week';

const TODAY = '2026-11-24';
const eaters = ['Ada', 'Bo'].map((name) => ({ name, plateDg: 2000 }));
const pack = (lot: string, animal: 'beef' | 'pork' | 'lamb'): Fact[] => [
  {
    type: 'acquired',
    lot,
    name: lot,
    animal,
    destination: 'main',
    massDg: 4000,
    count: 2,
    plates: 2,
    paidMinor: null,
    origin: 'already-here',
    on: '2026-10-01',
  },
  { type: 'placed', lot, place: 'freezer' },
];

/** Three packs in a freezer, for two eaters. */
async function weekOf() {
  const { it: week, store } = await inHousehold(Week, { eaters }, [Week, Colds, PiecesNow]);
  await store.perform({
    facts: [...pack('steaks', 'beef'), ...pack('chops', 'pork'), ...pack('shanks', 'lamb')],
    records: [
      { type: 'place', key: 'freezer', value: { name: 'Freezer', cold: 'freezer' } },
      { type: 'place', key: 'fridge', value: { name: 'Refrigerator', cold: 'refrigerator' } },
    ],
  });
  const on = (date: string) => week.days().find((day) => day.date === date)!;
  return { week, store, on, said: () => TestBed.inject(Notices).notice()?.text };
}

describe('the week', () => {
  const day = addDays(TODAY, 2);

  it('takes a pack onto a day, to another, and off the plan', async () => {
    const { week, on, said } = await weekOf();
    await week.put('steaks', day);
    expect(on(day).servings.map(({ serving }) => serving.lot)).toEqual(['steaks']);
    await week.put('steaks', addDays(day, 1), day);
    expect([on(day).servings.length, on(addDays(day, 1)).servings.length]).toEqual([0, 1]);
    await week.take('steaks', addDays(day, 1));
    expect([on(addDays(day, 1)).servings.length, said()]).toEqual([0, 'steaks is off the plan']);
    expect(await week.put('nothing', day)).toBe(false);
  });

  it('knows who comes, and how much of a pack is served', async () => {
    const { week, on } = await weekOf();
    await week.put('steaks', day);
    await week.set(day, { guests: 1 }, '1 guest');
    await week.setServing(day, 'steaks', { amount: { count: 1 } });
    expect([on(day).wanted, on(day).plates]).toEqual([3, 1]);
    await week.setServing(day, 'chops', { amount: 'all' });
    expect(on(day).servings).toHaveLength(1);
  });

  it('proposes dinners and says why; the reasons go with the next change by hand', async () => {
    const { week, on } = await weekOf();
    await week.propose(3);
    const planned = week.days().filter(({ servings }) => servings.length > 0);
    expect(planned).toHaveLength(3);
    expect([...week.why().keys()]).toEqual(planned.map(({ date }) => date));
    const [first] = planned;
    await week.take(first!.servings[0]!.serving.lot, first!.date);
    expect([week.why().size, on(first!.date).servings.length]).toEqual([0, 0]);
  });

  it('is emptied, once; and with nothing to propose it says so', async () => {
    const { week, store, said } = await weekOf();
    await week.put('chops', day);
    await week.clear();
    expect(week.days().every(({ servings }) => servings.length === 0)).toBe(true);
    const { length } = store.household().journal.entries;
    expect(await week.clear()).toBe(true);
    expect(store.household().journal.entries).toHaveLength(length);
    await store.perform({
      facts: ['steaks', 'chops', 'shanks'].map((lot) => ({ type: 'eaten', lot, amount: 'all', on: TODAY })),
    });
    await week.propose(3);
    expect(said()).toContain('Nothing to propose');
  });

  it('takes out what is planned, and serves it', async () => {
    const { week, store, on } = await weekOf();
    await week.put('steaks', TODAY);
    await week.takeOut(TODAY, on(TODAY).servings[0]!.serving, 'refrigerator');
    expect(store.state().lots.get('steaks')).toMatchObject({ place: 'fridge', thawingDg: 4000 });
    await week.serve(on(TODAY));
    expect(store.state().lots.get('steaks')?.leftDg).toBe(0);
    expect(on(TODAY).servings[0]?.isServed).toBe(true);
  });

  it('goes a week on, and back', async () => {
    const { week } = await weekOf();
    week.go(7);
    expect(week.days()[0]?.date).toBe(addDays(TODAY, 7));
    week.go(-7);
    expect(week.from()).toBe(TODAY);
  });
});
