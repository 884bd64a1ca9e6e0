import { inHousehold } from '../../testing/household';
import { LabelDraft } from './label-draft';

const draft = async (settings = {}): Promise<LabelDraft> =>
  (await inHousehold(LabelDraft, settings, [LabelDraft])).it;

describe('what a label says', () => {
  it('two of three give the third', async () => {
    const label = await draft();
    label.type({ weight: '5.320 kg' });
    expect(label.purchase()).toBeNull();
    expect(label.obstacle()).toBe('Two of weight, price and total are needed to buy it.');
    label.type({ price: '13.95' });
    expect(label.purchase()).toMatchObject({
      massDg: 53_200,
      totalMinor: 7421,
      paidMinor: 7421,
      workedOut: 'totalMinor',
    });
    expect(label.obstacle()).toBe('');
    label.type({ price: '' });
    label.type({ total: '74.21' });
    expect(label.purchase()).toMatchObject({ perKgMinor: 1395, workedOut: 'perKgMinor' });
  });

  it.each([
    ['per-unit', '1.50', 6623],
    ['percent', '20', 5937],
    ['off-total', '5', 6921],
    ['off-total', '', 7421],
    ['none', '99', 7421],
  ] as const)('a discount %s of “%s” leaves %d to pay, as the till has it', async (kind, text, paid) => {
    const label = await draft();
    label.type({ weight: '5.320 kg' });
    label.type({ price: '13.95' });
    label.type({ discountKind: kind });
    label.type({ discount: text });
    expect(label.purchase()?.paidMinor).toBe(paid);
  });

  it('three for two', async () => {
    const label = await draft();
    label.type({ count: '3' });
    label.type({ weight: '5.1 kg' });
    label.type({ price: '5.00' });
    label.type({ discountKind: 'multi-buy' });
    label.type({ discount: '3' });
    expect(label.wrong().discount).toContain('two whole numbers');
    label.type({ pay: '2' });
    expect(label.purchase()?.paidMinor).toBe(1700);
    expect(label.paidPerKg()).toBeCloseTo(333.33, 1);
  });

  it.each([
    ['off-total', '99', 'The discount is more than the total.'],
    ['percent', '101', 'That is not a discount.'],
    ['percent', 'half', 'That is not a discount.'],
    ['per-unit', '-1', 'That is not a discount.'],
  ] as const)('a discount %s of “%s”: %s', async (kind, text, words) => {
    const label = await draft();
    label.type({ weight: '2 kg' });
    label.type({ price: '8' });
    label.type({ discountKind: kind });
    label.type({ discount: text });
    expect(label.wrong().discount).toBe(words);
    expect(label.purchase()).toBeNull();
  });

  it('a price for each, for 100 g, for a pound', async () => {
    const label = await draft();
    label.type({ weight: '4.2 kg' });
    label.type({ count: '2' });
    label.type({ pricedBy: 'piece' });
    label.type({ price: '11.50' });
    expect(label.purchase()).toMatchObject({ totalMinor: 2300, perKgMinor: 548 });
    label.type({ pricedBy: '100g' });
    label.type({ price: '0.55' });
    expect(label.purchase()).toMatchObject({ perKgMinor: 550, totalMinor: 2310 });
    label.type({ pricedBy: 'lb' });
    label.type({ price: '2.50' });
    expect(label.purchase()?.perKgMinor).toBe(551);
  });

  it('weight in pounds with a price for a kilogram, in an imperial household', async () => {
    const label = await draft({ system: 'imperial' });
    expect(label.pricedBy()).toBe('lb');
    label.type({ pricedBy: 'kg' });
    label.type({ weight: '4 lb 5 oz' });
    label.type({ price: '10' });
    expect(label.purchase()).toMatchObject({ massDg: 19_561, perKgMinor: 1000, totalMinor: 1956 });
    expect(label.typedWeight()).toBe('4 lb 5 oz');
  });

  it.each([
    ['weight', 'a lot', 'weight', 'That is not a weight'],
    ['weight', '0', 'weight', 'more than zero'],
    ['price', 'cheap', 'price', 'That is not a price'],
    ['price', '0', 'price', 'That is not a price'],
    ['total', '-3', 'total', 'not an amount of money'],
    ['count', '1.5', 'count', 'whole number'],
  ] as const)('%s “%s” is wrong', async (field, text, where, words) => {
    const label = await draft();
    label.type({ [field]: text });
    expect(label.wrong()[where]).toContain(words);
  });

  it('says when weight times price is not the total; until it is said which, the total counts', async () => {
    const label = await draft();
    label.type({ weight: '5 kg' });
    label.type({ price: '12' });
    label.type({ total: '54' });
    expect(label.read().disagrees).toBe(true);
    expect(label.purchase()?.paidMinor).toBe(5400);
    expect(label.obstacle()).toBe('');
  });
});
