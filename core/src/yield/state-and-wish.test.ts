import { basisOf } from '../books/basis-of';
import { KINDS } from '../catalogue/kinds';
import type { KindWish } from '../cost/kind-wish';
import { eatenShare } from '../cost/plates';
import { wishOfKind } from '../deeds/wish-of-kind';
import { predictionReport } from '../exchange/prediction-report';
import type { Household } from '../records/household';
import { JournalBuilder } from '../testing/journal-builder';
import { evenMoney } from './even-money';
import { habitOfWay, kindAndWay, predict, type Prediction } from './prediction';

const on = '2026-01-01';

/** A household that wishes something of a kind, with some prices. */
function household(kind: string, wish: KindWish, prices: Readonly<Record<string, number>>): Household {
  const builder = new JournalBuilder();
  for (const [item, perKg] of Object.entries(prices)) builder.price(item, perKg, on);
  const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 50 };
  builder.records.push({ type: 'wish', key: kind, stamp, value: wish });
  return builder.household();
}

function expected(
  kind: string,
  way: string,
  wish: KindWish,
  prices: Readonly<Record<string, number>> = {},
): Prediction {
  const asked = kindAndWay(kind, way)!;
  const of = household(kind, wish, prices);
  const habit = habitOfWay(of.journal.state, asked);
  return predict(asked, habit, basisOf(of), { massDg: 50_000, marks: [], on });
}

const shareOf = ({ parts }: Prediction, part: string): number =>
  parts.find((each) => each.part === part)?.share ?? 0;

describe('in which state a piece is bought (common practice, and estimates)', () => {
  it('a leg without its shank is a way of its own: boneless 73, bones 15, waste 10, rest 2', () => {
    const prediction = expected('lamb-leg', 'boned-no-shank', {});
    expect(['boneless-leg', 'shank', 'bones', 'waste'].map((part) => shareOf(prediction, part))).toEqual([
      expect.closeTo(0.73, 9),
      0,
      expect.closeTo(0.15, 9),
      expect.closeTo(0.1, 9),
    ]);
  });

  it('a tenderloin in its fat gives 39 % of centre, a peeled one 49 %', () => {
    expect(shareOf(expected('beef-tenderloin', 'muscles-apart', {}), 'centre')).toBeCloseTo(0.39, 9);
    expect(shareOf(expected('beef-tenderloin-peeled', 'muscles-apart', {}), 'centre')).toBeCloseTo(0.49, 9);
  });

  it('a brined bird, and one with its giblets, gives less of everything else', () => {
    const plain = shareOf(expected('whole-chicken', 'eight-pieces', {}), 'breast');
    const brined = expected('whole-chicken', 'eight-pieces', { states: ['brined'] });
    expect(shareOf(brined, 'breast')).toBeCloseTo(plain * (1 - 0.08 / 0.99), 6);
    const both = expected('whole-chicken', 'eight-pieces', { states: ['brined', 'giblets'] });
    expect(shareOf(both, 'giblets')).toBeGreaterThan(0.04);
    expect(shareOf(both, 'breast')).toBeLessThan(shareOf(brined, 'breast'));
  });
});

describe('where lesser parts go', () => {
  const prices = { 'fillet-steak': 5000, 'beef-thin': 1800, 'beef-grind': 900, 'beef-stew': 1200 };

  it('decides what they are worth, and what is usable', () => {
    const usual = expected('beef-tenderloin', 'muscles-apart', {}, prices);
    const stewed = expected('beef-tenderloin', 'muscles-apart', { goes: { chain: 'stew' } }, prices);
    // 9.5 % at 12.00 instead of 9.00.
    expect(stewed.worthPerKg.mean - usual.worthPerKg.mean).toBeCloseTo(0.095 * 300, 4);
    const binned = expected('beef-tenderloin', 'muscles-apart', { goes: { chain: 'bin' } }, prices);
    expect(usual.worthPerKg.mean - binned.worthPerKg.mean).toBeCloseTo(0.095 * 900, 4);
    expect(usual.usable.share - binned.usable.share).toBeCloseTo(0.095, 9);
  });

  it('is kept with what else is wished, and counts for even money too', () => {
    const change = wishOfKind('beef-tenderloin', { goes: { chain: 'bin' } }).records![0]!;
    if (!('change' in change)) throw new Error('not a change');
    expect((change.change as (known: KindWish) => KindWish)({ way: 'whole-steaks' })).toEqual({
      way: 'whole-steaks',
      goes: { chain: 'bin' },
    });
    const even = (wish: KindWish): number => {
      const of = household('beef-tenderloin', wish, prices);
      return evenMoney(of.journal.state, 'beef-tenderloin', basisOf(of), on)!.perKgMinor;
    };
    expect(even({}) - even({ goes: { chain: 'bin' } })).toBeCloseTo(0.095 * 900, 4);
  });

  it('the command line takes the same', () => {
    const request = { kind: 'beef-tenderloin', perKg: 20, kg: 3, marks: [], on, seed: 1 };
    const of = household('beef-tenderloin', {}, prices);
    const both: Record<string, string>[] = [{}, { chain: 'stew' }];
    const [usual, stewed] = both.map(
      (goes) => predictionReport(of, { ...request, goes }).value!.breakEvenPerKgMinor,
    );
    expect(stewed! - usual!).toBeCloseTo(0.095 * 300, 4);
    expect(predictionReport(of, { ...request, goes: { chain: 'moon' } }).problem).toContain('"chain=moon"');
    expect(predictionReport(of, { ...request, goes: { wool: 'stew' } }).problem).toContain('is no part of');
  });
});

describe('whether the skin of a bird is eaten', () => {
  const bird = { kind: 'whole-chicken', perKg: 10, kg: 1.6, marks: [], on, seed: 1 };
  const skinLeft = (): Household => {
    const builder = new JournalBuilder();
    const stamp = { at: '2026-01-01T00:00:00.000Z', device: 'tablet', seq: 50 };
    builder.records.push({ type: 'settings', key: 'skin', stamp, value: { skin: 'left' } });
    return builder.household();
  };

  it('of parts with their bone, on and off: breast 80, 69; thigh 79, 64; drumstick 67, 58; wing 54 (estimates)', () => {
    const eaten = (part: string) => [
      eatenShare({ kind: 'whole-chicken', part }),
      eatenShare({ kind: 'whole-chicken', part }, 'left'),
    ];
    expect(
      ['breast', 'thighs', 'drumsticks', 'wings'].map(eaten).map((of) => of.map(roundToHundredth)),
    ).toEqual([
      [0.8, 0.69],
      [0.79, 0.64],
      [0.67, 0.58],
      [0.54, 0.54],
    ]);
  });

  it('moves the plates of a bird, and not what it is worth', () => {
    const eaten = predictionReport(new JournalBuilder().household(), bird).value!;
    const left = predictionReport(skinLeft(), bird).value!;
    // 0.39 × 0.69 + 0.175 × 0.64 + 0.135 × 0.58 + 0.115 × 0.54 = 0.5215.
    expect(left.plates.expected).toBeCloseTo((0.5215 * 1600) / 190, 2);
    expect(eaten.plates.expected).toBeCloseTo((0.6028 * 1600) / 190, 2);
    expect(left.breakEvenPerKgMinor).toBe(eaten.breakEvenPerKgMinor);
  });

  it('the command line says it for one question, and refuses what says nothing', () => {
    const of = new JournalBuilder().household();
    expect(predictionReport(of, { ...bird, skin: 'left' }).value).toEqual(
      predictionReport(skinLeft(), bird).value,
    );
    expect(predictionReport(of, { ...bird, skin: 'fried' }).problem).toContain('"fried" says nothing');
  });

  it('no part is more bone and skin than it is, and only birds have skin', () => {
    for (const { id, animal, parts } of KINDS)
      for (const part of parts) {
        expect(eatenShare({ kind: id, part: part.id }, 'left')).toBeGreaterThan(0.4);
        if (part.skin) expect(['chicken', 'turkey']).toContain(animal);
      }
  });
});

const roundToHundredth = (share: number): number => Math.round(100 * share) / 100;
