import * as fc from 'fast-check';
import { basisOf } from '../books/basis-of';
import { KINDS } from '../catalogue/kinds';
import { comparableItem } from '../cost/part-price';
import { JournalBuilder } from '../testing/journal-builder';
import { approximateWorth } from '../yield/approximate-worth';
import { habitOfWay, predict } from '../yield/prediction';
import { verdictOf, type Verdict } from '../yield/verdict';
import { Format } from './format';
import { tellVerdict, type ToldVerdict } from './verdict-words';

const on = '2026-01-02';
const formatIn = (currency: string, decimal: '.' | ',', system: 'metric' | 'imperial'): Format =>
  new Format({ settings: () => ({ currency, decimal, system }), today: () => on, zone: () => 'UTC' });
const euros = formatIn('EUR', '.', 'metric');

const verdict = (given: Partial<Verdict>): Verdict => ({
  answer: 'worth-it',
  chance: 0.9,
  savingMinor: 800,
  lowMinor: 400,
  highMinor: 1100,
  breakEvenPerKgMinor: 1930,
  settles: null,
  ...given,
});

describe('a verdict, told', () => {
  it('says what is saved, how far that goes, and how often', () => {
    expect(tellVerdict(verdict({}), false, euros)).toEqual({
      word: 'Worth it',
      sum: 'Saves €8',
      range: '€4 to €11 saved',
      chance: 'Cheaper 9 times in 10',
      leans: 'ahead',
    });
  });

  it('with prices missing it saves so much or more, and costs up to so much more', () => {
    expect(tellVerdict(verdict({}), true, euros)).toMatchObject({
      sum: 'Saves €8 or more',
      chance: 'Cheaper 9 times in 10 or more',
      range: '',
    });
    const dearer = verdict({ answer: 'leave-it', savingMinor: -2700, chance: 0.004 });
    expect(tellVerdict(dearer, true, euros)).toMatchObject({ sum: 'Costs up to €27 more', chance: '' });
    expect(tellVerdict(dearer, false, euros)).toMatchObject({
      sum: 'Costs €27 more',
      chance: 'Dearer almost surely',
    });
  });

  it('about the same tells no chance, and an open one no sum', () => {
    const even = verdict({ answer: 'about-even', savingMinor: 80, chance: 0.6 });
    expect(tellVerdict(even, false, euros)).toMatchObject({
      word: 'About the same',
      sum: 'A few cents either way',
      chance: '',
    });
    expect(tellVerdict(verdict({ answer: 'open', savingMinor: -9000 }), true, euros)).toMatchObject({
      word: 'Open',
      sum: 'one price decides',
      chance: '',
      range: '',
    });
  });

  it.each([
    [0.995, 'almost surely'],
    [0.95, 'almost surely'],
    [0.949, '9 times in 10'],
    [0.75, '8 times in 10'],
  ])('a chance of %d is “%s”', (chance, words) =>
    expect(tellVerdict(verdict({ chance }), false, euros).chance).toBe(`Cheaper ${words}`),
  );
});

/** What is wrong between the words and figures of a verdict and the prices that it is about. */
function contradictions(told: ToldVerdict, given: Verdict, perKgMinor: number, isMissing: boolean): string[] {
  const rules: readonly (readonly [boolean, string])[] = [
    [told.sum.startsWith('Saves') && given.breakEvenPerKgMinor < perKgMinor, 'saves above even money'],
    [told.sum.startsWith('Costs') && given.breakEvenPerKgMinor > perKgMinor, 'dearer below even money'],
    [
      told.leans === 'ahead' && !told.sum.startsWith('Saves') && given.savingMinor >= 1,
      'worth it, and saves nothing',
    ],
    [told.leans === 'dearer' && told.sum.startsWith('Saves'), 'to be left, and saves'],
    [told.leans === 'dearer' && /Cheaper/.test(told.chance), 'to be left, and mostly ahead'],
    [told.leans === 'ahead' && /Dearer|[1-6] times/.test(told.chance), 'worth it, and seldom ahead'],
    [(told.leans === 'open') !== (given.settles !== null), 'open, and nothing settles it'],
    [told.leans === 'open' && !isMissing, 'open with every price known'],
    [told.leans === 'open' && /\d/.test(told.sum + told.chance), 'open, and a figure'],
    [told.leans === 'even' && told.chance !== '', 'about the same, and a chance'],
    [
      /\d/.test(told.sum) && isMissing !== /or more|up to/.test(told.sum),
      'a bound only with prices missing, and always then',
    ],
    [/or more$/.test(told.sum) && told.sum.startsWith('Costs'), 'dearer is at most'],
    [/[−≥≤~!-]/.test(told.sum + told.range + told.chance), 'a sign where words say it'],
    [/or more/.test(told.chance) && !isMissing, 'a bound with every price known'],
    [
      Number.isNaN(given.savingMinor) || /NaN|Infinity|undefined/.test(Object.values(told).join()),
      'no figure',
    ],
  ];
  return rules.filter(([isWrong]) => isWrong).map(([, words]) => words);
}

it('a verdict never contradicts its own figures: any kind, any prices, known or not, any household', () => {
  const price = fc.oneof(fc.constant(null), fc.integer({ min: 1, max: 9000 }));
  const style = fc.constantFrom(
    euros,
    formatIn('USD', '.', 'imperial'),
    formatIn('JPY', '.', 'metric'),
    formatIn('EUR', ',', 'metric'),
  );
  fc.assert(
    fc.property(
      fc.constantFrom(...KINDS),
      fc.nat(),
      fc.array(price, { minLength: 8, maxLength: 8 }),
      fc.integer({ min: 0, max: 9000 }),
      fc.integer({ min: 300, max: 9000 }),
      style,
      (kind, wayAt, prices, perKgMinor, grams, format) => {
        const builder = new JournalBuilder();
        kind.parts.forEach((part, at) => {
          const item = comparableItem(
            { kind: kind.id, part: part.id, animal: kind.animal },
            part.destination,
          );
          const perKg = prices[at % prices.length];
          if (item && typeof perKg === 'number') builder.price(item.id, perKg);
        });
        const household = builder.household();
        const asked = { kind, way: kind.ways[wayAt % kind.ways.length]! };
        const habit = habitOfWay(household.journal.state, asked);
        const question = { massDg: grams * 10, marks: [], on };
        const prediction = predict(asked, habit, basisOf(household), question);
        const given = verdictOf(prediction, approximateWorth(prediction.model), perKgMinor, grams / 1000);
        const isMissing = prediction.missing.length > 0;
        const told = tellVerdict(given, isMissing, format);
        expect(contradictions(told, given, perKgMinor, isMissing)).toEqual([]);
      },
    ),
    { numRuns: 250 },
  );
});
