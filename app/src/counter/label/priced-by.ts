import type { Quote } from '@core/price/quote';
import type { Options } from '../../ui/field/choice';

/** What a price may be asked for. */
export const UNITS_ASKED: Options<Quote['unit']> = [
  ['kg', 'kg'],
  ['lb', 'lb'],
  ['100g', '100 g'],
  ['piece', 'each'],
];
