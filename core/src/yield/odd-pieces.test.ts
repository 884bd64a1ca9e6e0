import * as fc from 'fast-check';
import { basisOf } from '../books/basis-of';
import { KINDS } from '../catalogue/kinds';
import { comparableItem } from '../cost/part-price';
import { askQuestion, questionsAbout } from '../deeds/questions';
import { closePiece, type SaidAtClosing } from '../deeds/work-on-piece';
import type { Fact } from '../ledger/entry';
import type { Household } from '../records/household';
import { JournalBuilder } from '../testing/journal-builder';
import { runs } from '../testing/runs';
import { typicalComposition, type Composition } from './composition';
import { habitOf } from './habit';
import { habitOfWay, kindAndWay, predict } from './prediction';
import { answerAt } from './verdict';

const on = '2026-01-01';
const RANK = { 'leave-it': 0, 'about-even': 1, open: 1, 'worth-it': 2 } as const;

/** Shares around some others, however far. */
const compositions = (keys: readonly string[]): fc.Arbitrary<Composition> =>
  fc
    .array(fc.integer({ min: 0, max: 1000 }), { minLength: keys.length, maxLength: keys.length })
    .filter((parts) => parts.some((part) => part > 0))
    .map((parts) => {
      const whole = parts.reduce((a, b) => a + b, 0);
      return { keys, shares: parts.map((part) => part / whole) };
    });

describe('one odd piece does not teach', () => {
  const cases = fc.constantFrom(...KINDS).chain((kind) => {
    const way = kind.ways[0]!;
    const typical = typicalComposition(way);
    return fc.record({
      kind: fc.constant(kind),
      odd: compositions(typical.keys),
      others: fc.nat({ max: 4 }),
      prices: fc.array(fc.integer({ min: 100, max: 6000 }), { minLength: 8, maxLength: 8 }),
      perKg: fc.integer({ min: 100, max: 4000 }),
    });
  });

  it('moves the answer one step at most, whatever it gave, on any kind at any prices', () => {
    fc.assert(
      fc.property(cases, ({ kind, odd, others, prices, perKg }) => {
        const way = kind.ways[0]!;
        const typical = typicalComposition(way);
        const prior = { typical, phi: kind.scatter.phi, estimated: way.estimated };
        const past = Array.from({ length: others }, () => typical);
        const builder = new JournalBuilder();
        kind.parts.forEach((part, at) => {
          const item = comparableItem(
            { kind: kind.id, part: part.id, animal: kind.animal },
            part.destination,
          );
          if (item) builder.price(item.id, prices[at % prices.length]!, on);
        });
        const basis = basisOf(builder.household());
        const answer = (pieces: readonly Composition[]) =>
          answerAt(
            predict({ kind, way }, habitOf(prior, pieces), basis, { massDg: 40_000, marks: [], on }),
            perKg,
          );
        const isOdd =
          odd.shares.reduce((sum, share, k) => sum + Math.abs(share - typical.shares[k]!), 0) > 0.4;
        if (!isOdd) return;
        const step = RANK[answer([...past, odd])] - RANK[answer(past)];
        expect(Math.abs(step)).toBeLessThanOrEqual(1);
      }),
      runs(400),
    );
  });

  it('and two that are alike may go on', () => {
    const { kind, way } = kindAndWay('strip-loin', 'trim-first')!;
    const typical = typicalComposition(way);
    const prior = { typical, phi: kind.scatter.phi, estimated: false };
    const odd = { keys: typical.keys, shares: [0.5, 0.1, 0.3, 0.05, 0.05] };
    const alike = { keys: typical.keys, shares: [0.51, 0.1, 0.29, 0.05, 0.05] };
    expect(habitOf(prior, [odd]).usual[0]).toBeGreaterThan(0.7 * 0.955 - 1e-9);
    expect(habitOf(prior, [odd, alike]).usual[0]).toBeLessThan(0.56);
  });

  it('the doubt widens where a piece contradicts the catalogue, or another', () => {
    const { kind, way } = kindAndWay('strip-loin', 'trim-first')!;
    const typical = typicalComposition(way);
    const prior = { typical, phi: kind.scatter.phi, estimated: false };
    const [steaks, ends, fat, strip, loss] = typical.shares as [number, number, number, number, number];
    const odd = { keys: typical.keys, shares: [steaks - 0.2, ends, fat + 0.2, strip, loss] };
    const other = { keys: typical.keys, shares: [steaks + 0.1, ends, fat - 0.1, strip, loss] };
    const as = habitOf(prior, [typical]);
    expect(habitOf(prior, [odd]).certainty).toBeLessThan(as.certainty / 2);
    expect(habitOf(prior, [odd, other]).phi).toBeLessThan(as.phi / 2);
  });
});

/** A loin of 5 kg of which something is missing, closed with what was said. */
function closedLoin(steaksDg: number, said: SaidAtClosing): Household {
  const cut = (
    lot: string,
    part: string,
    destination: 'main' | 'second' | 'render' | 'bin',
    massDg: number,
  ): Fact => ({
    type: 'cut',
    from: 'p',
    lot,
    part,
    destination,
    massDg,
    count: 1,
    on,
  });
  const builder = new JournalBuilder().add(
    {
      type: 'received',
      lot: 'p',
      kind: 'strip-loin',
      way: 'trim-first',
      count: 1,
      massDg: 50_000,
      paidMinor: 6000,
      on,
    },
    cut('s', 'steaks', 'main', steaksDg),
    cut('e', 'ends', 'second', 5000),
    cut('f', 'fat-cap', 'render', 7000),
    cut('b', 'strip-and-tail', 'bin', 1500),
  );
  const piece = builder.household().journal.state.lots.get('p')!;
  return builder.add(...(closePiece(piece, said).facts ?? [])).household();
}

describe('what is asked when a piece is closed', () => {
  const asked = kindAndWay('strip-loin', 'trim-first')!;
  const pieces = (said: SaidAtClosing, steaksDg = 25_000): number =>
    habitOfWay(closedLoin(steaksDg, said).journal.state, asked).pieces;

  it('only what was really lost teaches', () => {
    expect(pieces({ loss: 'lost' })).toBe(1);
    expect(pieces({ loss: 'not-weighed' })).toBe(0);
    // Closed before anybody was asked: nobody knows.
    expect(pieces({ reason: 'the dog' })).toBe(0);
    expect(pieces({}, 35_000)).toBe(1);
    expect(pieces({ bones: 'meat-left' }, 35_000)).toBe(0);
  });

  it('a tray not weighed yet, or really lost? Meat left on the bones?', () => {
    const builder = new JournalBuilder().add(
      {
        type: 'received',
        lot: 'p',
        kind: 'lamb-leg',
        way: 'boned',
        count: 1,
        massDg: 20_000,
        paidMinor: 3000,
        on,
      },
      {
        type: 'cut',
        from: 'p',
        lot: 'l',
        part: 'boneless-leg',
        destination: 'main',
        massDg: 11_000,
        count: 1,
        on,
      },
      { type: 'cut', from: 'p', lot: 'b', part: 'bones', destination: 'stock', massDg: 4500, count: 1, on },
    );
    const { state } = builder.household().journal;
    const piece = state.lots.get('p')!;
    const asks = (said: SaidAtClosing): string[] =>
      (closePiece(piece, said).facts ?? [])
        .flatMap((fact) => questionsAbout(state, fact))
        .map((question) => askQuestion(question, (massDg) => `${massDg / 10} g`));
    expect(asks({})).toEqual([
      '450 g (22.5 % of the drained weight) has not been weighed. Is a tray not weighed yet, or is it really lost?',
      expect.stringMatching(/^Bones: 450 g, usually 2\d\d(\.\d)? g to 3\d\d(\.\d)? g\. Is meat left on\?$/),
    ]);
    expect(asks({ loss: 'lost', bones: 'clean' })).toEqual([]);
  });
});
