import { minorDigits } from './money';
import { CURRENCIES, habitsOf } from './region';

describe('what a region tells', () => {
  it.each([
    ['US', 'USD', 'imperial'],
    ['IE', 'EUR', 'metric'],
    ['GB', 'GBP', 'metric'],
    ['JP', 'JPY', 'metric'],
    ['LR', 'LRD', 'imperial'],
    ['', 'EUR', 'metric'],
    ['constructor', 'EUR', 'metric'],
  ])('%s', (region, currency, system) => expect(habitsOf(region)).toEqual({ currency, system }));

  it('knows each currency once, and the platform knows them all', () => {
    expect(new Set(CURRENCIES).size).toBe(CURRENCIES.length);
    const names = new Intl.DisplayNames(['en'], { type: 'currency', fallback: 'none' });
    for (const code of CURRENCIES) {
      expect([code, names.of(code)]).toEqual([code, expect.any(String)]);
      expect(minorDigits(code)).toBeLessThan(4);
    }
  });
});
