import fc from 'fast-check';
import { kindById, partOf } from '../catalogue/kinds';
import { partsOfWay } from '../catalogue/parts-of-way';
import { Format } from '../format/format';
import { figuresFor } from './number-words';
import { readSaidLine, type LineReader } from './said-line';

const formatOf = (system: 'metric' | 'imperial', decimal: '.' | ','): Format =>
  new Format({
    settings: () => ({ system, decimal, currency: 'EUR' }),
    today: () => '2026-01-01',
    zone: () => 'Etc/UTC',
  });

function reader(kindId: string, wayId: string | null, usual: string, format: Format): LineReader {
  const kind = kindById(kindId)!;
  const way = kind.ways.find(({ id }) => id === wayId) ?? kind.ways[0]!;
  return { parts: partsOfWay(kind, way), usual: partOf(kind, usual)!, format };
}
const strip = reader('strip-loin', null, 'steaks', formatOf('metric', '.'));
const comma = reader('strip-loin', null, 'steaks', formatOf('metric', ','));
const pounds = reader('strip-loin', null, 'steaks', formatOf('imperial', '.'));

/** What a line says, short: packs and others as part and grams. */
function read(line: string, by: LineReader = strip): unknown {
  const { value, problem } = readSaidLine(line, by);
  if (!value) return problem;
  const short = ({ part, massDg, count }: { part: string; massDg: number; count: number | null }): string =>
    `${part} ${massDg / 10}${count === null ? '' : ` ×${count}`}`;
  return {
    packs: value.packs.map(short),
    others: value.others.map(short),
    ...(value.liquidDg === null ? {} : { liquid: value.liquidDg / 10 }),
  };
}

describe('a piece in a line', () => {
  it('eight packs, these weights, and the bin', () => {
    expect(read('8 packs, these weights: 320, 340, 355, 310, 330, 345, 350, 325 g; bin 430 g')).toEqual({
      packs: [320, 340, 355, 310, 330, 345, 350, 325].map((mass) => `steaks ${mass}`),
      others: ['strip-and-tail 430'],
    });
  });

  it('the same as somebody dictates it', () => {
    expect(
      read('three packs of steaks three hundred and twenty, 340 and 355 grams. Fat cap one kilo'),
    ).toEqual({
      packs: ['steaks 320', 'steaks 340', 'steaks 355'],
      others: ['fat-cap 1000'],
    });
  });

  it.each([
    ['2 packs of 2 steaks 640 g, 655 g', ['steaks 640 ×2', 'steaks 655 ×2'], []],
    ['4 packs 350 g each', ['steaks 350', 'steaks 350', 'steaks 350', 'steaks 350'], []],
    ['4 x 350 g', ['steaks 350', 'steaks 350', 'steaks 350', 'steaks 350'], []],
    ['3 packs 1 kg in all', ['steaks 333.3', 'steaks 333.4', 'steaks 333.3'], []],
    [
      '2 packs steaks 300 310 fat 700 bin 90',
      ['steaks 300', 'steaks 310'],
      ['fat-cap 700', 'strip-and-tail 90'],
    ],
    ['1 pack of trimmings 400 g, 700 g of fat', ['trimmings 400'], ['fat-cap 700']],
    [
      '2 packs 320, 340 g of trimmings; 90 g of strip',
      ['trimmings 320', 'trimmings 340'],
      ['strip-and-tail 90'],
    ],
    ['2 packs 0.32 0.34', ['steaks 320', 'steaks 340'], []],
    ['2 packs 300 g; 320 g', ['steaks 300', 'steaks 320'], []],
    ['12 steaks 2.4 kg', [], ['steaks 2400 ×12']],
  ])('%s', (line, packs, others) => {
    expect(read(line)).toEqual({ packs, others });
  });

  it('a comma between figures, and one within', () => {
    expect(read('2 packs 320, 340 g; bin 0,43 kg', comma)).toEqual({
      packs: ['steaks 320', 'steaks 340'],
      others: ['strip-and-tail 430'],
    });
  });

  it('pounds and ounces', () => {
    expect(read('2 packs 1 lb 2 oz, 12 oz; fat 1.5 lb', pounds)).toEqual({
      packs: ['steaks 510.3', 'steaks 340.2'],
      others: ['fat-cap 680.4'],
    });
    expect(read('2 packs 14, 15', pounds)).toEqual({ packs: ['steaks 396.9', 'steaks 425.2'], others: [] });
  });

  it('what ran out of the bag is said with it', () => {
    expect(read('liquid 80 g; 1 pack 300 g')).toEqual({ packs: ['steaks 300'], others: [], liquid: 80 });
  });

  it('asks where it is not clear, in words that say how to say it', () => {
    expect(read('8 packs 2.6 kg')).toContain('Say “each” or “in all”');
    expect(read('8 packs 320, 340 g')).toContain('8 packs were said, and 2 weights');
    expect(read('2 packs of thighs 320, 340 g')).toContain('“thighs” is nothing that comes off here');
    expect(read('bin')).toContain('No weight was said');
    expect(read('')).toContain('Say how many packs');
    expect(read('1 pack 0 g')).toContain('more than zero');
  });

  it('number words as figures', () => {
    expect(figuresFor('eight packs, three hundred and twenty grams')).toBe('8 packs, 320 grams');
    expect(figuresFor('twenty-five, one thousand two hundred, three four')).toBe('25, 1200, 3 4');
  });

  it('reads back any weights that are written out, and never throws', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 13, max: 4000 }), { minLength: 1, maxLength: 20 }), (grams) => {
        const { value } = readSaidLine(`${grams.length} packs ${grams.join(', ')} g`, strip);
        expect(value?.packs.map(({ massDg }) => massDg / 10)).toEqual(grams);
      }),
    );
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        expect(typeof readSaidLine(text, strip).ok).toBe('boolean');
      }),
    );
  });
});
