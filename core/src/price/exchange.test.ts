import { coinsFor, exchanged } from './exchange';
import { readLabel } from './read-label';

const label = (price: string, weight: string, currency: string) =>
  readLabel(
    {
      count: '1',
      weight,
      price,
      pricedBy: 'kg',
      total: '',
      discount: { kind: 'off-total', amount: '2', pay: '', each: 'kg' },
    },
    { currency, decimal: '.', unit: 'kg' },
  );

describe('a label in another currency', () => {
  it('5.000 kg at £12.00 with £2.00 off, £1 = €1.17: £58.00 paid are €67.86', () => {
    const changed = exchanged(label('12', '5', 'GBP'), { currency: 'GBP', own: 'EUR', rate: 1.17 });
    expect(changed.purchase).toMatchObject({ totalMinor: 7020, paidMinor: 6786, perKgMinor: 1404 });
    expect(changed.paidPerKgMinor).toBeCloseTo(1357.2, 6);
  });

  it('counts coins where the two have different ones: 2 kg at ¥1,620 with ¥2 off, €1 = ¥162', () => {
    const exchange = { currency: 'JPY', own: 'EUR', rate: 1 / 162 };
    expect(coinsFor(exchange)).toBeCloseTo(100 / 162, 12);
    expect(exchanged(label('1620', '2', 'JPY'), exchange).purchase?.paidMinor).toBe(1999);
  });

  it('stays what is wrong with it, and is no purchase where it was none', () => {
    const read = label('12', 'five', 'GBP');
    const changed = exchanged(read, { currency: 'GBP', own: 'EUR', rate: 1.17 });
    expect(changed.wrong).toEqual(read.wrong);
    expect(changed.purchase).toBeNull();
  });
});
