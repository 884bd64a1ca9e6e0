import type { LabelDoubt, Mended } from '../price/label-doubts';
import type { LabelText } from '../price/read-label';
import type { Format } from './format';

/** An answer to it: what a press types; or that it is right as it was typed. */
export interface LabelAnswer {
  readonly word: string;
  readonly mended: Mended;
  readonly isSure?: true;
}

/** A question about a label, and what can be answered with one press. */
export interface AskedOfLabel {
  readonly says: string;
  readonly answers: readonly LabelAnswer[];
}

/** What is asked for: "a kg", "100 g", "one". */
export const PRICED_BY: Readonly<Record<LabelText['pricedBy'], string>> = {
  kg: 'a kg',
  lb: 'a lb',
  '100g': '100 g',
  piece: 'one',
};

/** A doubt about a label in plain words, with the answers to it. */
export function askOfLabel(doubt: LabelDoubt, text: LabelText, format: Format): AskedOfLabel {
  const { price = '', weight = '' } = doubt.code === 'three' ? {} : doubt.mended;
  const sign = format.currencySign();
  const one = (says: string, word: string, asTyped?: string): AskedOfLabel => ({
    says,
    answers: [
      ...(doubt.code === 'three' ? [] : [{ word, mended: doubt.mended }]),
      ...(asTyped === undefined ? [] : [{ word: asTyped, mended: {}, isSure: true as const }]),
    ],
  });
  const typedWeight = `${text.weight.trim()} ${format.priceUnit()} is right`;
  switch (doubt.code) {
    case 'gift':
      return one('Nothing is asked for it?', 'It is a gift');
    case 'cents':
      return one(
        `${sign}${text.price.trim()} for ${PRICED_BY[text.pricedBy]}? The point may be missing.`,
        `${sign}${price}`,
        `${sign}${text.price.trim()} is right`,
      );
    case 'weight-in-price':
      return one('That is a weight, in the field of the price.', `${weight} is its weight`);
    case 'swapped':
      return one(
        'Are price and weight in each other’s field?',
        `${sign}${price}, and ${weight} ${format.priceUnit()}`,
        'They are right',
      );
    case 'sign':
      return one(`Is ${weight} meant?`, weight);
    case 'weight-point':
      return one(
        `One is usually ${format.roughSpan(...doubt.usualDg)}. The point may be missing.`,
        weight,
        Number(text.weight) < 500 ? typedWeight : undefined,
      );
    case 'other-unit':
      return one(
        `One is usually ${format.roughSpan(...doubt.usualDg)}. Is ${weight} meant?`,
        weight,
        typedWeight,
      );
    case 'three':
      return whichTwo(doubt, text, format);
  }
}

function whichTwo(
  { tillMinor, totalMinor }: Extract<LabelDoubt, { readonly code: 'three' }>,
  { pricedBy }: LabelText,
  format: Format,
): AskedOfLabel {
  const times = pricedBy === 'piece' ? 'Price times count' : 'Price times weight';
  return {
    says: `${times} is ${format.money(tillMinor)}, and not ${format.money(totalMinor)}. Which is right?`,
    answers:
      pricedBy === 'piece'
        ? [
            { word: 'The price', mended: { total: '' } },
            { word: 'The total', mended: { price: '' } },
          ]
        : [
            { word: 'Price and weight', mended: { total: '' } },
            { word: 'Weight and total', mended: { price: '' } },
            { word: 'Price and total', mended: { weight: '' } },
          ],
  };
}
