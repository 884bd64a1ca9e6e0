import * as fc from 'fast-check';
import { askOfLabel } from '../format/label-words';
import { Format } from '../format/format';
import { labelDoubts, type KnownOfPiece } from './label-doubts';
import { readLabel, type LabelStyle, type LabelText } from './read-label';

const EUROS: LabelStyle = { currency: 'EUR', decimal: '.', unit: 'kg' };
const COMMA: LabelStyle = { ...EUROS, decimal: ',' };
const POUNDS: LabelStyle = { currency: 'USD', decimal: '.', unit: 'lb' };
/** A strip loin that goes for 15.45 a kilogram. */
const LOIN: KnownOfPiece = { goingPerKg: 1545, usualG: [2500, 8000] };
const NEW: KnownOfPiece = { ...LOIN, goingPerKg: null };

const label = (text: Partial<LabelText>, style: LabelStyle): LabelText => ({
  count: '1',
  weight: '',
  price: '',
  pricedBy: style.unit,
  total: '',
  discount: { kind: 'none', amount: '', pay: '', each: style.unit },
  ...text,
});
const formatOf = ({ currency, decimal, unit }: LabelStyle): Format =>
  new Format({
    settings: () => ({ currency, decimal, system: unit === 'kg' ? 'metric' : 'imperial' }),
    today: () => '2026-01-02',
    zone: () => 'UTC',
  });

/** The first thing that is asked, and what each answer types. */
function asked(text: Partial<LabelText>, style = EUROS, known = LOIN) {
  const whole = label(text, style);
  const [doubt] = labelDoubts(whole, readLabel(whole, style), style, known);
  const told = doubt && askOfLabel(doubt, whole, formatOf(style));
  const answers = told?.answers ?? [];
  return {
    code: doubt?.code,
    says: told?.says,
    answers: answers.filter(({ isSure }) => !isSure),
    sure: answers.find(({ isSure }) => isSure)?.word,
  };
}

describe('a second look at a label', () => {
  it.each([
    ['1545', EUROS, LOIN, '15.45'],
    ['1545', COMMA, LOIN, '15,45'],
    ['€1545', EUROS, LOIN, '15.45'],
    // Nothing is known of it: only what is dear for any meat.
    ['1545', EUROS, NEW, '15.45'],
    ['699', POUNDS, NEW, '6.99'],
  ])('the point left out of %s', (price, style, known, mended) => {
    expect(asked({ price }, style, known)).toMatchObject({
      code: 'cents',
      answers: [{ mended: { price: mended } }],
    });
  });

  it.each([
    ['24', EUROS, LOIN],
    ['154.5', EUROS, LOIN],
    ['299', EUROS, NEW],
    // Coins that are whole have no point to leave out.
    ['4980', { ...EUROS, currency: 'JPY' }, NEW],
  ])('and %s is left alone', (price, style, known) =>
    expect(asked({ price }, style, known).code).toBeUndefined(),
  );

  it('a bird for so much each is reckoned by its weight', () => {
    const bird: KnownOfPiece = { goingPerKg: 600, usualG: [900, 3500] };
    expect(asked({ price: '1150', pricedBy: 'piece', weight: '2', count: '1' }, EUROS, bird).code).toBe(
      'cents',
    );
    expect(
      asked({ price: '11.50', pricedBy: 'piece', weight: '4', count: '2' }, EUROS, bird).code,
    ).toBeUndefined();
  });

  it('price and weight in each other’s field', () => {
    const swapped = { price: '5.3', weight: '15.45' };
    const answer = { mended: { price: '15.45', weight: '5.3' } };
    expect(asked(swapped)).toMatchObject({ code: 'swapped', answers: [answer] });
    expect(asked(swapped, EUROS, NEW)).toMatchObject({ code: 'swapped', answers: [answer] });
    expect(asked({ price: '15.45', weight: '5.3' }).code).toBeUndefined();
    // 5.30 for a kilogram would be a bargain, and 14 kg two of them: neither is changed by itself.
    expect(asked({ price: '15.45', weight: '14' }).code).not.toBe('swapped');
  });

  it('a weight in the field of the price', () =>
    expect(asked({ price: '5.3 kg' })).toMatchObject({
      code: 'weight-in-price',
      answers: [{ word: '5.3 kg is its weight', mended: { price: '', weight: '5.3 kg' } }],
    }));

  it.each([
    ['485', EUROS, '4.85 kg', '485 kg is right'],
    ['4850', EUROS, '4.850 kg', undefined],
    ['4850', COMMA, '4,850 kg', undefined],
    ['1120', POUNDS, '11.20 lb', undefined],
  ] as const)('the point left out of a weight: %s', (weight, style, meant, sure) => {
    expect(asked({ weight }, style)).toMatchObject({
      code: 'weight-point',
      answers: [{ word: meant, mended: { weight: meant } }],
      sure,
    });
  });

  it('pounds typed as kilograms, and kilograms as pounds', () => {
    expect(asked({ weight: '11.5' })).toMatchObject({
      code: 'other-unit',
      says: 'One is usually 2.500 to 8.000 kg. Is 11.5 lb meant?',
      answers: [{ mended: { weight: '11.5 lb' } }],
    });
    expect(asked({ weight: '3.1' }, POUNDS).answers).toEqual([
      { word: '3.1 kg', mended: { weight: '3.1 kg' } },
    ]);
    // With its unit it is what it says.
    expect(asked({ weight: '11.5 kg' }).code).toBeUndefined();
  });

  it('a sign that is meant the other way', () => {
    expect(asked({ weight: '4,120' })).toMatchObject({
      code: 'sign',
      answers: [{ mended: { weight: '4.120 kg' } }],
    });
    expect(asked({ weight: '4.120' }, COMMA)).toMatchObject({
      code: 'sign',
      answers: [{ mended: { weight: '4,120 kg' } }],
    });
  });

  it('nothing asked is a gift, when it is said so', () => {
    expect(asked({ price: '0' })).toMatchObject({
      code: 'gift',
      answers: [{ mended: { price: '', total: '0' } }],
    });
    const given = label({ weight: '4', total: '0' }, EUROS);
    expect(readLabel(given, EUROS).purchase).toMatchObject({ paidMinor: 0, massDg: 40_000 });
  });

  it('a total that is more than a cent from price times weight: which two are right?', () => {
    // 24.50 × 5.1 = 124.95.
    const typed = { price: '24.50', weight: '5.1', total: '129.95' };
    expect(asked({ ...typed, total: '124.96' }).code).toBeUndefined();
    expect(asked(typed)).toEqual({
      code: 'three',
      says: 'Price times weight is €124.95, and not €129.95. Which is right?',
      answers: [
        { word: 'Price and weight', mended: { total: '' } },
        { word: 'Weight and total', mended: { price: '' } },
        { word: 'Price and total', mended: { weight: '' } },
      ],
    });
    const each = { price: '11.50', pricedBy: 'piece', count: '2', weight: '4', total: '24' } as const;
    expect(asked(each).answers.map(({ word }) => word)).toEqual(['The price', 'The total']);
  });

  it('what an answer types leaves nothing more of that kind to ask', () => {
    const figure = fc.constantFrom(
      '',
      '0',
      '5.3',
      '5,3',
      '15.45',
      '1545',
      '11.7',
      '2.4',
      '4,120',
      '5.3 kg',
      '82',
    );
    fc.assert(
      fc.property(
        figure,
        figure,
        figure,
        fc.constantFrom(EUROS, COMMA, POUNDS),
        fc.constantFrom(LOIN, NEW),
        (price, weight, total, style, known) => {
          const { code, answers } = asked({ price, weight, total }, style, known);
          for (const { mended } of answers)
            expect(asked({ price, weight, total, ...mended }, style, known).code).not.toBe(code);
        },
      ),
    );
  });
});
