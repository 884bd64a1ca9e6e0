import fc from 'fast-check';
import { cutNames } from '../catalogue/cut-names';
import { KINDS, kindById, partOf } from '../catalogue/kinds';
import { partsOfWay } from '../catalogue/parts-of-way';
import { shopItem } from '../catalogue/shop-items';
import { Format } from '../format/format';
import { figuresFor } from './number-words';
import { exampleLine, readSaidLine, type LineReader } from './said-line';
import { stretchesOf } from './said-words';

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
const metric = formatOf('metric', '.');
const strip = reader('strip-loin', null, 'steaks', metric);
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
    expect(read('bin')).toContain('No weight was said');
    expect(read('')).toContain('Say how many packs');
    expect(read('1 pack 0 g')).toContain('more than zero');
  });

  it('says which words it does not understand, and gives their weights to nobody', () => {
    const line = (text: string) => readSaidLine(text, strip).value;
    expect(line('2 packs of thighs 320, 340 g')?.unknown).toEqual(['thighs']);
    const both = line('steaks 320 glorp 340 zonk 90; bin 430');
    expect(both?.unknown).toEqual(['glorp', 'zonk']);
    expect(both?.others.map(({ part, massDg }) => [part, massDg])).toEqual([
      ['steaks', 3200],
      ['strip-and-tail', 4300],
    ]);
    expect(stretchesOf('Steaks 320, Glorp.', ['glorp'])).toEqual([
      { text: 'Steaks', isUnknown: false },
      { text: ' 320, ', isUnknown: false },
      { text: 'Glorp', isUnknown: true },
      { text: '.', isUnknown: false },
    ]);
  });

  it.each([
    [
      '3 packs 320 g, 340 g and 310 g, bin 430 g',
      ['steaks 320', 'steaks 340', 'steaks 310'],
      ['strip-and-tail 430'],
    ],
    ['one steak of 320 g and one of 340 g', [], ['steaks 320 ×1', 'steaks 340 ×1']],
    ['12 steaks of 320 g each', [], ['steaks 3840 ×12']],
    ['12 steaks 320 g each', [], ['steaks 3840 ×12']],
    ['a dozen steaks 3.8 kg', [], ['steaks 3800 ×12']],
    ['half a dozen steaks 1.9 kg', [], ['steaks 1900 ×6']],
    ['700 g fat, 320 g steak, 340 g steak', [], ['fat-cap 700', 'steaks 320', 'steaks 340']],
    ['New York strips 2 packs 320 330', ['steaks 320', 'steaks 330'], []],
    ['3 packs of 2 pieces 640, 650, 660 g', ['steaks 640 ×2', 'steaks 650 ×2', 'steaks 660 ×2'], []],
    [
      'we got 2 packs of steaks, with 320 and 340 g, then 90 g of tail tips',
      ['steaks 320', 'steaks 340'],
      ['strip-and-tail 90'],
    ],
  ])('as people say it: %s', (line, packs, others) => {
    expect(read(line)).toEqual({ packs, others });
  });

  it('asks whether a weight is of each or of all where "of" may be either', () => {
    expect(read('12 steaks of 320 g')).toContain('each of the 12 steaks, or in all');
  });

  it('fractions of a pound', () => {
    expect(read('2 packs of 1 1/2 lb and 1 lb 4 oz; trim ½ lb', pounds)).toEqual({
      packs: ['steaks 680.4', 'steaks 567'],
      others: ['trimmings 226.8'],
    });
  });

  it('every part by every name on its page, one or several of it; what comes off another way too', () => {
    for (const kind of KINDS)
      for (const part of kind.parts) {
        const names = [part.name, part.portion, part.portions, shopItem(part.shopItem ?? '')?.name];
        for (const name of [...names, ...cutNames(part.shopItem ?? '')]) {
          if (name === undefined) continue;
          // In brackets it says where it is called so.
          const plain = name.replace(/ \(.*\)/, '');
          const by = { parts: [part], usual: part, format: strip.format };
          expect([
            kind.id,
            plain,
            readSaidLine(`${plain} 320 g`, by).value?.others.map((each) => each.part),
          ]).toEqual([kind.id, plain, [part.id]]);
        }
      }
    const chicken = kindById('whole-chicken')!;
    const by = { ...reader('whole-chicken', null, 'thighs', metric), others: chicken.parts };
    expect(read('carcass 600 g', by)).toEqual({ packs: [], others: ['carcass 600'] });
  });

  it('reads its own example with other weights, in every kind and style', () => {
    const mass = fc.integer({ min: 15, max: 30_000 });
    const styles = [metric, formatOf('metric', ','), formatOf('imperial', '.')];
    fc.assert(
      fc.property(
        fc.constantFrom(...KINDS),
        fc.constantFrom(...styles),
        fc.array(mass, { minLength: 2, maxLength: 6 }),
        mass,
        (kind, format, packs, bin) => {
          const [way] = kind.ways;
          const by = { parts: partsOfWay(kind, way!), others: kind.parts, usual: kind.parts[0]!, format };
          const line = readSaidLine(exampleLine(packs, bin, format), by);
          expect([line.problem, line.value?.unknown, line.value?.packs.length]).toEqual([
            undefined,
            [],
            packs.length,
          ]);
          for (const [at, massDg] of packs.entries())
            expect(format.mass(line.value?.packs[at]?.massDg ?? 0)).toBe(format.mass(massDg));
        },
      ),
    );
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
