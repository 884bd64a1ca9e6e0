import type { Fact } from '../ledger/entry';
import { JournalBuilder, wrappedPiece, workedPiece } from '../testing/journal-builder';
import { kindAndWay } from '../yield/prediction';
import { usualMinutes } from '../yield/minutes';
import { ownMinutes } from '../yield/own-minutes';
import type { KindWish } from '../cost/kind-wish';
import { basisOf } from './basis-of';
import { compareWithShop } from './comparison';
import { ownPacks } from './own-packs';
import { thrownAwayMinor } from './thrown-away';

const on = '2026-01-01';
const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 99 };

describe('what would really have been bought for the plates', () => {
  function compared(wish: KindWish, more: (builder: JournalBuilder) => JournalBuilder = (same) => same) {
    const builder = more(workedPiece());
    builder.records.push({ type: 'wish', key: 'beef-tenderloin', stamp, value: wish });
    const household = builder.household();
    return compareWithShop(household.journal.state, 'piece', basisOf(household));
  }

  it.each<[KindWish, number, number]>([
    [{}, 8722, 2722],
    [{ instead: 'cut' }, 8722, 2722],
    [{ instead: 'half' }, 4361, -1639],
    [{ instead: 'nothing' }, 0, -6000],
    // 3.43 + 0.49 kg of meat as mince at 9.00.
    [{ instead: 'piece', insteadItem: 'beef-grind' }, 3528, -2472],
  ])('%j: %d, saved %d', (wish, insteadMinor, savedMinor) => {
    expect(compared(wish)).toMatchObject({ insteadMinor, savedMinor, isKnown: true, complete: true });
  });

  it('another piece by the meat that it gives', () => {
    // An eye of round gives 83 % of meat: 3.92 ÷ 0.83 × 10.00.
    const wish = { instead: 'piece', insteadItem: 'piece-eye-of-round' } as const;
    const account = compared(wish, (builder) => builder.price('piece-eye-of-round', 1000, on));
    expect(account.insteadMinor).toBe(4723);
    expect(account.breakEvenPerKgMinor).toBeCloseTo(4723 / 5, 6);
  });

  it('is not known where the other has no price', () => {
    const account = compared({ instead: 'piece', insteadItem: 'piece-ribeye' });
    expect(account).toMatchObject({ insteadMinor: null, isKnown: false, complete: false });
  });
});

describe('what was thrown away later', () => {
  it('counts at the shop’s price, in part and out of a pack; not what goes to the bin at the board', () => {
    const builder = wrappedPiece().add(
      { type: 'discarded', lot: 'k1', amount: 'all', on },
      { type: 'unpacked', from: 'k2', lot: 'u', amount: { massDg: 1000 }, on },
      { type: 'discarded', lot: 'u', amount: 'all', on },
      { type: 'discarded', lot: 'bin', amount: 'all', on },
    );
    const household = builder.household();
    // 0.8575 and 0.1 kg of centre at 24.00.
    expect(thrownAwayMinor(household.journal.state, 'piece', basisOf(household))).toBe(2298);
  });
});

describe('bags and labels', () => {
  it('of a pack with two pieces in it are paid once, by the piece that gave most', () => {
    const received = (lot: string): Fact => ({
      type: 'received',
      lot,
      kind: 'strip-loin',
      count: 1,
      massDg: 10_000,
      paidMinor: 1000,
      on,
    });
    const cut = (from: string, lot: string, massDg: number): Fact => ({
      type: 'cut',
      from,
      lot,
      part: 'steaks',
      destination: 'main',
      massDg,
      count: 1,
      on,
    });
    const { state } = new JournalBuilder()
      .add(received('p'), received('q'), cut('p', 'a', 2000), cut('q', 'b', 3000))
      .add({
        type: 'packed',
        lot: 'k',
        name: 'k',
        from: [
          { lot: 'a', amount: 'all' },
          { lot: 'b', amount: 'all' },
        ],
        on,
      })
      .household().journal;
    const pack = state.lots.get('k')!;
    expect([ownPacks(state, 'p', [pack]).length, ownPacks(state, 'q', [pack]).length]).toEqual([0, 1]);
  });
});

describe('minutes', () => {
  const { kind, way } = kindAndWay('beef-tenderloin', 'muscles-apart')!;
  const closed = (lots: readonly string[]) =>
    new JournalBuilder()
      .add(
        ...lots.flatMap((lot): Fact[] => [
          { type: 'received', lot, kind: kind.id, way: way.id, count: 1, massDg: 20_000, paidMinor: 1, on },
          { type: 'closed', lot },
        ]),
      )
      .household().journal.state;

  it('are the household’s own after two of that way', () => {
    const minutes = new Map([
      ['a', 31],
      ['b', 25],
    ]);
    expect(ownMinutes(closed(['a']), minutes)(kind, way)).toBe(usualMinutes(kind, way));
    expect(ownMinutes(closed(['a', 'b']), minutes)(kind, way)).toBe(28);
  });
});
