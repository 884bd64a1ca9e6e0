import { Format } from './format';
import { typedWeight, type WeightAsked } from './typed-weight';

const formatIn = (system: 'metric' | 'imperial'): Format =>
  new Format({
    settings: () => ({ system, decimal: '.', currency: 'EUR' }),
    today: () => '2026-11-24',
    zone: () => 'Europe/Paris',
  });

/** Something that came off a bird of 2 kg, all of which is on the board. */
const asked = (over: Partial<WeightAsked> = {}): WeightAsked => ({
  inDg: 20_000,
  leftDg: 20_000,
  isDrained: false,
  usual: [3000, 4000],
  isPortioned: false,
  ...over,
});

describe('a weight that is typed at the bench', () => {
  it.each([
    ['metric', '372', asked(), 3720],
    ['metric', '0.372 kg', asked(), 3720],
    ['metric', '1.95', asked({ isDrained: true }), 19_500],
    ['imperial', '4.2', asked({ isDrained: true }), 19_051],
    ['metric', '90', asked({ usual: null }), 900],
    ['metric', '0.5 g', asked({ usual: null }), 5],
  ] as const)('%s: %s', (system, text, of, massDg) => {
    expect(typedWeight(text, of, formatIn(system))?.value?.massDg).toBe(massDg);
  });

  it('is nothing while nothing is typed', () => {
    expect(typedWeight('  ', asked(), formatIn('metric'))).toBeNull();
  });

  it.each([
    ['metric', 'a lot', asked(), 'That is not a weight. Write it like 372 g or 1.2 kg.'],
    ['metric', '0', asked(), 'A weight is more than zero.'],
    ['metric', '1.250 g', asked(), 'Is 1250 g meant? Write it so.'],
    ['metric', '0.35', asked(), '0.35 kg, or 0.35 g? Write the unit: usually 300 to 400 g.'],
    ['metric', '0.09', asked({ usual: null }), '0.09 kg, or 0.09 g? Write the unit.'],
    ['imperial', '0.3', asked({ usual: null }), '0.3 lb, or 0.3 oz? Write the unit.'],
    ['imperial', '67.2', asked({ isDrained: true }), '67.2 lb, or 67.2 oz? Write the unit.'],
  ] as const)('%s: %s is asked about', (system, text, of, problem) => {
    expect(typedWeight(text, of, formatIn(system))?.problem).toBe(problem);
  });
});
