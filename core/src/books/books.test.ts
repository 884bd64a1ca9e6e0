import { basisOf } from './basis-of';
import { JournalBuilder, workedPiece } from '../testing/journal-builder';
import { packedFrom } from './packed-from';
import { summarisePiece, totalsOf } from './piece-summary';

const on = '2026-01-01';

describe('a piece as one line of the Books', () => {
  const household = workedPiece().household();
  const { state } = household.journal;
  const summary = summarisePiece(state, state.lots.get('piece')!, basisOf(household));

  it('sums the worked piece up (docs/computations.md)', () => {
    expect(summary).toMatchObject({ usableDg: 39_200, perKgMinor: 1200, mainShare: 0.686 });
    expect(summary.yield).toBeCloseTo(0.784, 9);
    expect(summary.perUsableKgMinor).toBeCloseTo(1530.61, 2);
    expect(summary.comparison).toMatchObject({
      worthMinor: 8722,
      savedMinor: 2722,
      breakEvenPerKgMinor: expect.closeTo(1744.4, 6),
      complete: true,
    });
  });

  it('totals count finished pieces only, and are lower bounds where one of them is', () => {
    const open = new JournalBuilder()
      .add({ type: 'received', lot: 'o', kind: 'strip-loin', count: 1, massDg: 50_000, paidMinor: 9000, on })
      .household();
    const inWork = summarisePiece(open.journal.state, open.journal.state.lots.get('o')!, basisOf(open));
    expect(totalsOf([summary, inWork])).toEqual({
      pieces: 1,
      receivedDg: 50_000,
      usableDg: 39_200,
      paidMinor: 6000,
      savedMinor: 2722,
      complete: true,
    });
    const unpriced = {
      ...summary,
      comparison: {
        ...summary.comparison,
        worthMinor: 0,
        savedMinor: -6000,
        isKnown: false,
        complete: false,
      },
    };
    expect(totalsOf([summary, unpriced])).toMatchObject({ pieces: 2, savedMinor: 2722, complete: false });
    expect(totalsOf([])).toMatchObject({ pieces: 0, savedMinor: 0, complete: true });
  });
});

describe('from destinations to packs', () => {
  it('follows what was packed, straight and through a grind, and leaves out what is loose', () => {
    const builder = workedPiece().add(
      {
        type: 'packed',
        lot: 'k',
        name: 'Centre for four',
        from: [{ lot: 'centre', amount: { massDg: 20_000 } }],
        plates: 4,
        on,
      },
      {
        type: 'combined',
        lot: 'm',
        from: [{ lot: 'chain', amount: 'all' }],
        added: [],
        name: 'Mince',
        destination: 'grind',
        on,
      },
    );
    const packed = packedFrom(builder.household().journal.state, 'piece');
    expect(packed.map(({ name, destination, massDg }) => [name, destination, massDg])).toEqual([
      ['Centre for four', 'main', 20_000],
      ['Mince', 'grind', 4900],
    ]);
    expect(packedFrom(builder.household().journal.state, 'no such piece')).toEqual([]);
  });

  it('two takes of one destination into one pack are one', () => {
    const builder = new JournalBuilder().add(
      { type: 'received', lot: 'p', kind: 'strip-loin', count: 1, massDg: 10_000, paidMinor: 1000, on },
      { type: 'cut', from: 'p', lot: 'a', part: 'steaks', destination: 'main', massDg: 5000, count: 1, on },
      { type: 'cut', from: 'p', lot: 'b', part: 'steaks', destination: 'main', massDg: 3000, count: 1, on },
      {
        type: 'packed',
        lot: 'k',
        name: '2 steaks',
        from: [
          { lot: 'a', amount: 'all' },
          { lot: 'b', amount: 'all' },
        ],
        plates: 2,
        on,
      },
    );
    expect(packedFrom(builder.household().journal.state, 'p')).toEqual([
      { pack: 'k', name: '2 steaks', destination: 'main', massDg: 8000 },
    ]);
  });
});
