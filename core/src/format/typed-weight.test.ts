import * as fc from 'fast-check';
import type { WeightAsked } from '../board/meant-weight';
import { Format } from './format';
import { typedWeight } from './typed-weight';

const formatIn = (system: 'metric' | 'imperial', decimal: '.' | ',' = '.'): Format =>
  new Format({
    settings: () => ({ system, decimal, currency: 'EUR' }),
    today: () => '2026-11-24',
    zone: () => 'Europe/Paris',
  });

/** Something that came off a bird of 2 kg, all of which is on the board. */
const asked = (over: Partial<WeightAsked> = {}): WeightAsked => ({
  inDg: 20_000,
  leftDg: 20_000,
  isDrained: false,
  usual: [3000, 4000],
  portion: null,
  count: 1,
  ...over,
});
const unknown = asked({ usual: null });
const drained = asked({ inDg: 49_000, leftDg: 49_000, isDrained: true });
/** A steak of 11.4 oz of a loin of 11.2 lb. */
const steak = asked({
  inDg: 50_802,
  leftDg: 50_802,
  usual: [30_000, 40_000],
  portion: { massDg: 3232, name: 'steak', several: 'steaks', most: 100 },
});

describe('a weight that is typed at the board', () => {
  it.each([
    ['metric', '372', asked(), 3720],
    ['metric', '0.372 kg', asked(), 3720],
    ['metric', '1.95', asked({ isDrained: true }), 19_500],
    ['imperial', '4.2', asked({ isDrained: true }), 19_051],
    ['metric', '90', unknown, 900],
    ['metric', '0.5 g', unknown, 5],
    // What lies there may come in several goes: lighter than usual is no slip.
    ['metric', '40', asked(), 400],
    ['metric', '400 g', asked({ usual: [1000, 2000] }), 4000],
    ['metric', '5', asked({ usual: null, leftDg: 4000 }), 50],
    // The only unit that makes sense.
    ['metric', '2150', asked({ inDg: 22_000, leftDg: 22_000, isDrained: true }), 21_500],
    ['metric', '4850', drained, 48_500],
    ['metric', '0.35', asked(), 3500],
    ['metric', '1.250', asked({ usual: [12_000, 14_000] }), 12_500],
    ['imperial', '67.2', asked({ isDrained: true }), 19_051],
    ['imperial', '0.85', steak, 3856],
    ['imperial', '13.5', steak, 3827],
    ['imperial', '1/2 lb', steak, 2268],
    // Several at once are as many times as heavy.
    ['imperial', '7 lb', { ...steak, count: 10 }, 31_751],
    // More than is left, and nothing else that was meant: the ledger says no.
    ['metric', '6 kg', drained, 60_000],
    ['metric', '5 kg', asked(), 50_000],
  ] as const)('%s: %s', (system, text, of, massDg) => {
    expect(typedWeight(text, of, formatIn(system))?.value?.massDg).toBe(massDg);
  });

  it('is nothing while nothing is typed', () => {
    expect(typedWeight('  ', asked(), formatIn('metric'))).toBeNull();
  });

  it.each([
    ['a lot', 'That is not a weight. Write it like 372 g or 1.2 kg.'],
    ['0', 'A weight is more than zero.'],
  ])('%s is none', (text, problem) => {
    expect(typedWeight(text, asked(), formatIn('metric'))).toEqual({ ok: false, problem });
  });

  it.each([
    ['metric', '485', drained, '485 kg? It was 4.900 kg before.', ['4.85 kg']],
    ['imperial', '4850', drained, '4850 lb? It was 10.80 lb before.', ['4850 g']],
    [
      'imperial',
      '112',
      steak,
      '112 oz for one steak? About 11.4 oz is likely.',
      ['11.2 oz', '1.12 lb', '10 steaks, 112 oz', 'one piece of 112 oz'],
    ],
    [
      'imperial',
      '7 lb',
      steak,
      '7 lb for one steak? About 11.4 oz is likely.',
      ['7 oz', '10 steaks, 7 lb', 'one piece of 7 lb'],
    ],
    [
      'metric',
      '3500',
      asked({ leftDg: 40_000, inDg: 40_000, usual: [2500, 4000] }),
      '3500 g? Usually 250 to 400 g in all.',
      ['350.0 g', '3500 g'],
    ],
    [
      'metric',
      '1.250 g',
      asked({ usual: [12_000, 14_000] }),
      '1.250 g? Usually 1.200 to 1.400 kg in all.',
      ['1250 g'],
    ],
    ['metric', '0.09', unknown, '0.09 g or 0.09 kg?', ['0.09 g', '0.09 kg']],
    ['imperial', '0.2', unknown, '0.2 oz or 0.2 lb?', ['0.2 oz', '0.2 lb']],
  ] as const)('%s: %s is asked about', (system, text, of, problem, words) => {
    const read = typedWeight(text, of, formatIn(system));
    expect([read?.problem, read?.answers?.map(({ word }) => word)]).toEqual([problem, words]);
  });

  it('is as typed once somebody says so', () => {
    expect(typedWeight('112', steak, formatIn('imperial'), true)?.value?.massDg).toBe(31_751);
  });

  it('is settled by every answer: what a press types counts, and is asked about no more', () => {
    const masses = fc.integer({ min: 1, max: 99_999 });
    fc.assert(
      fc.property(
        masses,
        fc.constantFrom('', '.5', ' g', ' kg', ' lb', ' oz'),
        fc.constantFrom(asked(), unknown, drained, steak, { ...steak, count: 3 }),
        fc.constantFrom('metric' as const, 'imperial' as const),
        (figure, end, of, system) => {
          const format = formatIn(system);
          for (const { text, count, isSure } of typedWeight(`${figure}${end}`, of, format)?.answers ?? []) {
            const again = typedWeight(text, { ...of, count: count ?? of.count }, format, isSure);
            expect(again?.problem).toBeUndefined();
          }
        },
      ),
    );
  });
});
