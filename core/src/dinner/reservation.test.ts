import { freePacks, keepPacks } from '../deeds/keep-pack';
import { JournalBuilder } from '../testing/journal-builder';
import { notKept } from './reservation';

const stock = (): ReturnType<typeof notKept> => {
  const journal = new JournalBuilder();
  for (const lot of ['a', 'b'])
    journal.add({
      type: 'acquired',
      lot,
      name: `Pack ${lot}`,
      destination: 'main',
      massDg: 5000,
      count: 1,
      paidMinor: null,
      origin: 'gift',
      on: null,
    });
  return [...journal.household().journal.state.lots.values()];
};

describe('packs that are kept for something', () => {
  it('are for no plan, until they are free again', () => {
    const [a, b] = stock() as [ReturnType<typeof stock>[0], ReturnType<typeof stock>[0]];
    const kept = keepPacks([a], '  the game ').value!;
    expect(kept).toMatchObject({
      records: [{ type: 'reserved', key: 'a', value: { for: 'the game' } }],
      say: 'Pack a: kept for the game',
    });
    const reserved = new Map([['a', { for: 'the game' }]]);
    expect(notKept([a, b], reserved)).toEqual([b]);
    expect(freePacks([a, b], reserved)).toMatchObject({
      records: [{ type: 'reserved', key: 'a', value: null }],
      say: 'Pack a is for any day again',
    });
  });

  it('need a reason in a few words', () => {
    for (const what of ['', '   ', 'x'.repeat(61)])
      expect(keepPacks(stock(), what).problem).toMatch(/^Say what it is kept for/);
  });
});
