import { JournalBuilder } from '../testing/journal-builder';
import type { Place } from '../cold/place';
import type { RecordChange } from '../records/record';
import { movePlaceUp, removePlace, savePlace } from './arrange-places';
import type { Deed } from './deed';
import { learnSticker, nameStickerItem } from './learn-sticker';
import { correctPrice, deletePrice, notePrices, renameShop } from './note-prices';
import { settleOverdue } from './settle-overdue';

const on = '2026-01-05';
const chest: Place = { name: 'Chest', cold: 'freezer' };
const drawer = (name: string, order: number): Place => ({ name, cold: 'freezer', within: 'chest', order });
const places = new Map([
  ['chest', chest],
  ['top', drawer('Top', 0)],
  ['low', drawer('Low', 1)],
]);
const pack = new JournalBuilder()
  .add(
    {
      type: 'acquired',
      lot: 'a',
      name: 'Chops',
      destination: 'main',
      massDg: 9000,
      count: 2,
      paidMinor: null,
      origin: 'bought-cut',
      on: null,
      boughtOn: '2026-01-01',
    },
    { type: 'placed', lot: 'a', place: 'top' },
  )
  .household()
  .journal.state.lots.get('a')!;

/** What a deed's registers say after it, from what they said before. */
const said = (
  { records = [] }: Deed,
  before: ReadonlyMap<string, unknown> = new Map(),
): [string, unknown][] =>
  records.map((each) => [
    each.key,
    'change' in each
      ? (each as { change: (now: unknown) => unknown }).change(before.get(each.key))
      : each.value,
  ]);

describe('prices', () => {
  const note = { item: 'strip-steak', shop: 'A', perKgMinor: 2490, on };

  it('are noted, put in the place of others, and taken out', () => {
    let n = 0;
    const deed = notePrices([note, note], '2 prices written down.', () => `k${(n += 1)}`);
    expect(said(deed).map(([key]) => key)).toEqual(['k1', 'k2']);
    expect(said(correctPrice(new JournalBuilder().household(), 'k1', note, 'x'))).toEqual([['k1', note]]);
    expect(said(deletePrice('k1'))).toEqual([['k1', null]]);
  });

  it('go under the name that a shop has now', () => {
    expect(renameShop('A', ' B ', 'k').value).toEqual({
      records: [{ type: 'shop', key: 'k', value: { from: 'A', to: 'B' } }],
      say: 'A is B now, everywhere.',
    });
    for (const [from, to] of [
      ['', 'B'],
      ['A', ' '],
      ['A', 'A'],
    ] as const)
      expect(renameShop(from, to, 'k').problem).toContain('Choose a shop');
  });
});

describe('places', () => {
  it('that are as cold as what they are within stay so', () => {
    const warm: Place = { ...chest, cold: 'refrigerator' };
    const deed = savePlace('chest', warm, places);
    expect(said(deed, places)).toEqual([
      ['chest', warm],
      ['top', { ...drawer('Top', 0), cold: 'refrigerator' }],
      ['low', { ...drawer('Low', 1), cold: 'refrigerator' }],
    ]);
    expect(said(savePlace('chest', chest, places))).toHaveLength(1);
  });

  it('change with the one above', () => {
    const siblings = [...places].slice(1).map(([id, place]) => ({ id, place }));
    expect(said(movePlaceUp('low', siblings), places)).toEqual([
      ['low', drawer('Low', 0)],
      ['top', drawer('Top', 1)],
    ]);
  });

  it('go with their drawers, unless something lies in them', () => {
    expect(said(removePlace('chest', places, []).value!).map(([key]) => key)).toEqual([
      'chest',
      'top',
      'low',
    ]);
    expect(removePlace('chest', places, [pack]).problem).toBe(
      '1 pack lies in Chest. Move it first; the drawers are drawn under Packs.',
    );
  });
});

describe('something past its last day', () => {
  const day = { on, today: '2026-01-09', freezer: 'top' };

  it('was eaten, frozen or bought then', () => {
    expect(settleOverdue(pack, 'eaten', day).value?.facts).toEqual([
      { type: 'eaten', lot: 'a', amount: 'all', on },
    ]);
    expect(settleOverdue(pack, 'frozen', day).value?.facts).toEqual([
      { type: 'placed', lot: 'a', place: 'top', on },
    ]);
    expect(settleOverdue(pack, 'bought', day).value?.facts).toEqual([
      { type: 'corrected', entry: pack.made, set: { boughtOn: on } },
    ]);
  });

  it('was not frozen before it came', () => {
    const before = { ...day, on: '2025-12-01' };
    const cut = { ...pack, on: '2025-12-20' };
    expect(settleOverdue(cut, 'frozen', before).problem).toContain('before it was bought or wrapped');
    expect(settleOverdue(cut, 'bought', before).ok).toBe(true);
  });

  it('wants a day that is past, and a freezer', () => {
    expect(settleOverdue(pack, 'eaten', { ...day, on: '' }).problem).toContain('Say the day first');
    expect(settleOverdue(pack, 'eaten', { ...day, on: '2026-01-10' }).problem).toContain('Say the day first');
    expect(settleOverdue(pack, 'frozen', { ...day, freezer: null }).problem).toContain('which freezer');
  });
});

describe('a shop’s stickers', () => {
  const layout = { length: 13, item: [2, 7], value: [8, 12], of: 'price', unit: 1, innerCheck: 7 } as const;

  it('are learnt from one, and an item is named beside those known by then', () => {
    const learnt = learnSticker('k', { shop: 'A', digits: '2112345012345', layout, kind: 'ribeye' });
    expect(learnt.say).toBe('Learnt: A’s numbers carry the price');
    const [[, value]] = said(learnt) as [[string, { shop: string; items: Record<string, string> }]];
    expect(value.items).toEqual({ '12345': 'ribeye' });
    const known = value as Parameters<typeof nameStickerItem>[0]['known'];
    const named = nameStickerItem({ key: 'k', known }, '99999', { id: 'pork-loin', name: 'Pork loin' });
    const change = named.records?.[0] as Extract<RecordChange, { type: 'shop-code' }>;
    expect(change.change({ ...known, items: { '7': 'x' } })?.items).toEqual({
      '7': 'x',
      '99999': 'pork-loin',
    });
  });
});
