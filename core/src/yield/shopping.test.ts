import { basisOf } from '../books/basis-of';
import { kindById } from '../catalogue/kinds';
import { asAsked } from '../price/as-asked';
import { exchanged, type Exchange } from '../price/exchange';
import { readLabel, type LabelStyle, type LabelText } from '../price/read-label';
import { JournalBuilder } from '../testing/journal-builder';
import { drawWorth } from './draw-worth';
import { habitOfWay, kindAndWay, predict } from './prediction';
import { verdictOf } from './verdict';

const on = '2026-01-02';
const EUROS: LabelStyle = { currency: 'EUR', decimal: '.', unit: 'kg' };

/** What somebody pays and saves who stands before a piece: its label, and what it costs cut, in the household's unit. */
function shops(
  kindId: string,
  style: LabelStyle,
  label: Partial<LabelText>,
  cut: Record<string, number>,
  exchange?: Exchange,
) {
  const text: LabelText = {
    count: '1',
    weight: '',
    price: '',
    pricedBy: style.unit,
    total: '',
    discount: { kind: 'none', amount: '', pay: '', each: style.unit },
    ...label,
  };
  const read = readLabel(text, style);
  const { purchase } = exchange ? exchanged(read, exchange) : read;
  const builder = new JournalBuilder();
  for (const [item, price] of Object.entries(cut)) {
    const asked = { minor: Math.round(price * 100), unit: style.unit };
    builder.price(item, asAsked(asked)!.perKgMinor, on, asked);
  }
  const [household, kind] = [builder.household(), kindById(kindId)!];
  const asked = kindAndWay(kindId, kind.ways[0]!.id)!;
  const { massDg, paidMinor, totalMinor } = purchase!;
  const habit = habitOfWay(household.journal.state, asked);
  const prediction = predict(asked, habit, basisOf(household), { massDg, marks: [], on });
  const perKg = (paidMinor * 10_000) / massDg;
  const verdict = verdictOf(prediction, drawWorth(prediction.model, 20_000, 1), perKg, massDg / 10_000);
  const { missing } = prediction;
  return { total: totalMinor, paid: paidMinor, saved: verdict.savingMinor, answer: verdict.answer, missing };
}

const BIRD = {
  'chicken-breast-bone-in': 9.9,
  'chicken-thigh-bone-in': 6.9,
  'chicken-drumstick': 5.5,
  'chicken-wing': 4.9,
};

describe('people before a counter, each worked by hand to the cent', () => {
  // 11.52 × 7.99 = 92.0448; less 10.00. Steaks 0.7 × 13.99, ends 0.1 × 8.99: 10.692 a pound, 123.17 in all.
  it('pounds, with an amount off', () =>
    expect(
      shops(
        'strip-loin',
        { currency: 'USD', decimal: '.', unit: 'lb' },
        {
          weight: '11.52',
          price: '7.99',
          discount: { kind: 'off-total', amount: '10', pay: '', each: 'lb' },
        },
        { 'strip-steak': 13.99, 'beef-lesser-steak': 8.99 },
      ),
    ).toEqual({ total: 9204, paid: 8204, saved: 4113, answer: 'worth-it', missing: [] }));

  // 3.42 × 6.90 = 23.598; 15 % of 23.60 are 3.54. Chops 0.93 × 8.90 × 3.42 = 28.31.
  it('kilograms with a comma, and a percentage off', () =>
    expect(
      shops(
        'pork-loin',
        { ...EUROS, decimal: ',' },
        {
          weight: '3,420',
          price: '6,90',
          discount: { kind: 'percent', amount: '15', pay: '', each: 'kg' },
        },
        { 'pork-chop-boneless': 8.9 },
      ),
    ).toEqual({ total: 2360, paid: 2006, saved: 825, answer: 'worth-it', missing: [] }));

  // 0.39 × 9.90 + 0.175 × 6.90 + 0.135 × 5.50 + 0.115 × 4.90 = 6.3745 a kilogram: 26.77 for 4.2 kg.
  it('two birds for so much each', () =>
    expect(
      shops('whole-chicken', EUROS, { count: '2', weight: '4.2', price: '11.50', pricedBy: 'piece' }, BIRD),
    ).toEqual({ total: 2300, paid: 2300, saved: 377, answer: 'worth-it', missing: [] }));

  // 5.1 × 5.00 = 25.50, a third of it free. 6.3745 × 5.1 = 32.51.
  it('three birds of which two are paid', () =>
    expect(
      shops(
        'whole-chicken',
        EUROS,
        {
          count: '3',
          weight: '5.1',
          price: '5.00',
          discount: { kind: 'multi-buy', amount: '3', pay: '2', each: 'kg' },
        },
        BIRD,
      ),
    ).toEqual({ total: 2550, paid: 1700, saved: 1551, answer: 'worth-it', missing: [] }));

  // 3.42 × £5.20 = 17.784, a tenth of 17.78 is 1.78: £16.00 at 1.17 are 18.72. Chops 0.93 × 8.90 × 3.42 = 28.31.
  it('over the border: pounds sterling in a household that counts in euros', () =>
    expect(
      shops(
        'pork-loin',
        { ...EUROS, currency: 'GBP' },
        {
          weight: '3.42',
          price: '5.20',
          discount: { kind: 'percent', amount: '10', pay: '', each: 'kg' },
        },
        { 'pork-chop-boneless': 8.9 },
        { currency: 'GBP', own: 'EUR', rate: 1.17 },
      ),
    ).toEqual({ total: 2080, paid: 1872, saved: 959, answer: 'worth-it', missing: [] }));

  // 0.65 × 18.00 + 0.11 × 12.00 = 13.02 a kilogram: 31.25 for 2.4 kg.
  it('a leg that was given', () =>
    expect(
      shops('lamb-leg', EUROS, { weight: '2.4', total: '0' }, { 'lamb-leg-boneless': 18, 'lamb-shank': 12 }),
    ).toEqual({ total: 0, paid: 0, saved: 3125, answer: 'worth-it', missing: [] }));
});
