import { Format, type FormatBy } from './format';
import { askPrice, howLowWords } from './price-words';
import { typedLength, typedTemperature } from './typed';
import { typedAsked } from './typed-asked';

const TODAY = '2026-11-24';
const formatOf = (settings: Partial<ReturnType<FormatBy['settings']>> = {}): Format =>
  new Format({
    settings: () => ({ system: 'metric', decimal: '.', currency: 'EUR', ...settings }),
    today: () => TODAY,
    zone: () => 'Europe/Paris',
  });

describe('figures of a metric household with euros', () => {
  const figures = formatOf();

  it.each([
    ['a price for a kilogram', (f: Format) => f.perUnit(1390), '€13.90/kg'],
    ['the same as one would type it', (f: Format) => f.plainPerUnit(1390), '13.90'],
    ['an amount without its cents', (f: Format) => f.wholeMoney(123_449), '€1,234'],
    ['a loss without its cents', (f: Format) => f.wholeMoney(-8651), '−€87'],
    ['almost nothing is nothing, without a sign', (f: Format) => f.wholeMoney(-20), '€0'],
    ['an amount for another program', (f: Format) => f.plainMoney(-123_456), '-1234.56'],
    ['a rough mass', (f: Format) => f.roughMass(53_180), '5.3 kg'],
    ['a large rough mass', (f: Format) => f.roughMass(1_584_120), '158 kg'],
    ['a share', (f: Format) => f.percent(0.784), '78.4 %'],
    ['a month', (f: Format) => f.month('2026-10-31'), 'October 2026'],
    ['a day of this year', (f: Format) => f.day('2026-10-24'), '24 Oct'],
    ['a day of another', (f: Format) => f.day('2025-10-24'), '24 Oct 2025'],
    ['how long ago', (f: Format) => f.age('2026-11-10'), '2 weeks ago'],
    ['how far ahead', (f: Format) => f.age('2026-11-26'), 'in 2 days'],
  ])('%s', (_what, of, text) => {
    expect(of(figures)).toBe(text);
  });

  it('a price is low or high among those seen', () => {
    expect(howLowWords({ higher: 22, lower: 8, seen: 30, since: '2025-11-25' }, TODAY)).toBe(
      'lower than 22 of 30 in a year',
    );
    expect(howLowWords({ higher: 1, lower: 4, seen: 5, since: '2026-08-02' }, TODAY)).toBe(
      'higher than 4 of 5 in all, since August 2026',
    );
  });

  it('asks about a price in the unit that was probably meant', () => {
    const note = { item: 'strip-steak', shop: 'Hollis Lane Farm', perKgMinor: 249, on: '2026-11-24' };
    expect(askPrice(note, { code: 'far-off', going: 2490, times: 0.1, meant: '100g' }, figures)).toBe(
      'Strip steak at €2.49/kg is 1/10 of what it goes for, €24.90/kg. Was it for 100 g?',
    );
    expect(
      askPrice(note, { code: 'same-day', other: { ...note, perKgMinor: 2490, key: 'k' } }, figures),
    ).toContain('is noted for 24 Nov already, at €24.90/kg');
  });
});

describe('figures of an imperial household with yen and decimal commas', () => {
  it('are in pounds, without coins, with commas', () => {
    const figures = formatOf({ system: 'imperial', currency: 'JPY', decimal: ',' });
    expect(figures.perUnit(2000)).toBe('¥907/lb');
    expect(typedAsked('907', figures)).toEqual({ minor: 907, unit: 'lb' });
    expect(typedAsked('907 a kilo', figures)).toEqual({ minor: 907, unit: 'kg' });
    for (const none of ['0', '-8', '1e9', '2x', '1000000000']) expect(typedAsked(none, figures)).toBeNull();
    expect(figures.roughMass(45_359)).toBe('10,0 lb');
    expect(figures.wholeMoney(1_234_567)).toBe('¥1.234.567');
    expect(figures.plainMoney(907)).toBe('907');
    expect(figures.percent(0.5)).toBe('50,0 %');
  });
});

describe('what is typed with the other unit than the household’s', () => {
  it('counts in the unit that was said', () => {
    const figures = formatOf({ system: 'imperial' });
    expect(typedTemperature('−18 °C', figures.style())).toBe(-18);
    expect(typedTemperature('0', figures.style())).toBe(-17.8);
    expect(typedTemperature('-4 f', figures.style())).toBe(-20);
    expect(typedTemperature('cold', figures.style())).toBeNull();
    expect(typedLength('32 mm', figures.style())).toBe(32);
    expect(typedLength('1 1/4 in', figures.style())).toBeCloseTo(31.75);
    expect(figures.length(32)).toBe('1 1/4 in');
    expect(figures.told('Trim the fat to about 5 mm')).toBe('Trim the fat to about 1/4 in');
  });
});
