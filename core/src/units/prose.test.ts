import { KINDS } from '../catalogue/kinds';
import { toldIn } from './prose';

const POUNDS = { system: 'imperial', decimal: '.' } as const;
const COMMA = { system: 'metric', decimal: ',' } as const;

describe('a sentence with quantities', () => {
  // By hand: 25.4 mm to the inch, 28.35 g to the ounce; °F = 1.8 × °C + 32.
  it.each([
    ['25 to 32 mm gives about 340 to 400 g', '1 to 1 1/4 in gives about 12 to 14 oz'],
    ['4 to 6 mm straight across', '1/8 to 1/4 in straight across'],
    ['12 to 18 cm each', '4 1/2 to 7 in each'],
    ['about 5 cm from its end', 'about 2 in from its end'],
    ['2.5 cm dice', '1 in dice'],
    ['Often 6 to 9 kg.', 'Often 13 to 20 lb.'],
    ['about 0.6 kg', 'about 1.3 lb'],
    ['heated through first (71 °C, 160 °F).', 'heated through first (160 °F).'],
    ['under 4.4 °C (40 °F) or', 'under 40 °F or'],
    ['at 4 °C or below, at −18 °C', 'at 40 °F or below, at 0 °F'],
    ['from 4 °C to −10 °C', 'from 40 °F to 14 °F'],
    ['at least 63 °C, 71 °C, 74 °C', 'at least 145 °F, 160 °F, 165 °F'],
    ['size is number × 100 g', 'size is number × 100 g'],
    ['about 5 minutes, 3 steps', 'about 5 minutes, 3 steps'],
  ])('%s', (metric, imperial) => {
    expect(toldIn(metric, POUNDS)).toBe(imperial);
  });

  it('keeps its own units elsewhere, with the reader’s sign, and says a temperature once', () => {
    expect(toldIn('2.5 cm, 71 °C, 160 °F, 4.4 °C (40 °F)', COMMA)).toBe('2,5 cm, 71 °C, 4,4 °C');
  });

  it('leaves no metric measure in the guides of a household that has none', () => {
    for (const kind of KINDS) {
      const texts = [
        kind.about,
        kind.askFor,
        ...kind.lookFor,
        ...kind.endCheck,
        ...kind.ways.map(({ about }) => about),
        ...kind.steps.flatMap(({ title, how, feel, caution }) => [title, how, feel ?? '', caution ?? '']),
      ];
      for (const text of texts)
        expect(toldIn(text, POUNDS).replace('× 100 g', '')).not.toMatch(
          /\d ?(mm|cm|kg|g|ml|L|°C)\b|centimet|millimet|grams?\b/,
        );
    }
  });
});
