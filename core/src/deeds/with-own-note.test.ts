import type { FactOf } from '../ledger/entry';
import type { PriceNote } from '../price/price-note';
import { JournalBuilder } from '../testing/journal-builder';
import { basisOf } from '../books/basis-of';
import { buy } from './buy';
import { correctPiece, pieceBought } from './correct-piece';
import { inFull } from './in-full';

const on = '2026-01-01';
const piece: FactOf<'received'> = {
  type: 'received',
  lot: 'p',
  kind: 'strip-loin',
  count: 1,
  massDg: 50_000,
  paidMinor: 6000,
  shop: 'Hollis Lane Farm',
  on,
};
const asked: PriceNote = {
  item: 'piece-strip-loin',
  shop: 'Hollis Lane Farm',
  perKgMinor: 1200,
  asked: { minor: 1200, unit: 'kg' },
  on,
};
const cut: PriceNote = { item: 'strip-steak', shop: 'Hollis Lane Farm', perKgMinor: 3000, on };

/** The household after a purchase with the prices that were noted with it. */
function bought(): JournalBuilder {
  let count = 0;
  const deed = buy(piece, { marks: [], prices: [asked, cut], apart: false, newId: () => `n${count++}` });
  const builder = new JournalBuilder().add(...(deed.facts ?? []));
  for (const record of deed.records ?? [])
    if ('value' in record)
      builder.records.push({
        ...record,
        stamp: { at: '2026-01-01T00:00:00.000Z', device: 't', seq: 1 },
      } as never);
  return builder;
}

describe('the price that a purchase noted', () => {
  it('is put right with it: its price, its day and its shop', () => {
    const household = bought().household();
    const lot = household.journal.state.lots.get('p')!;
    const right = { ...pieceBought(lot), paidMinor: 5500, shop: 'Breakwater Wholesale', on: '2026-01-02' };
    const deed = inFull(household, correctPiece(lot, right).value!);
    expect(deed.records).toEqual([
      {
        type: 'price',
        key: 'n0',
        value: {
          item: 'piece-strip-loin',
          shop: 'Breakwater Wholesale',
          perKgMinor: 1100,
          on: '2026-01-02',
          lot: 'p',
        },
      },
    ]);
  });

  it('keeps what was asked where only the shop was another', () => {
    const household = bought().household();
    const lot = household.journal.state.lots.get('p')!;
    const deed = inFull(
      household,
      correctPiece(lot, { ...pieceBought(lot), shop: 'Fennel Street Market' }).value!,
    );
    expect(deed.records).toMatchObject([{ value: { shop: 'Fennel Street Market', asked: asked.asked } }]);
  });

  it('goes with a purchase that is taken back, and so do those of its cuts; done again they are back', () => {
    const items = (builder: JournalBuilder): string[] => [
      ...basisOf(builder.household()).pricing.book.byItem.keys(),
    ];
    const builder = bought();
    const [entry] = builder.household().journal.entries;
    expect(items(builder)).toEqual(['piece-strip-loin', 'strip-steak']);
    builder.add({ type: 'undone', entries: [entry!.id] });
    expect(items(builder)).toEqual([]);
    builder.add({ type: 'redone', entries: [entry!.id] });
    expect(items(builder)).toEqual(['piece-strip-loin', 'strip-steak']);
  });

  it('of another purchase stays', () => {
    const builder = bought().add({ ...piece, lot: 'q' });
    const last = builder.household().journal.entries.at(-1)!;
    builder.add({ type: 'undone', entries: [last.id] });
    expect(basisOf(builder.household()).pricing.book.byItem.size).toBe(2);
  });
});
