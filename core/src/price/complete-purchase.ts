import type { ExactMass } from '../units/exact-mass';
import type { MassDg } from '../units/mass';
import { roundHalfUp, type Minor } from '../units/money';
import { unitPrice } from './label-total';
import { massFor, perKgOfQuote, tillTotal, type Quote } from './quote';

/** What a label says, as far as it was typed. */
export interface LabelFigures {
  readonly mass: { readonly massDg: MassDg; readonly exact: ExactMass } | null;
  readonly quote: Quote | null;
  readonly count: number;
  /** The label's total, before any discount. */
  readonly totalMinor: Minor | null;
}

/** A whole purchase, with the figure that was worked out and not typed. */
export interface CompletePurchase {
  readonly massDg: MassDg;
  /** As the till multiplies it; null where the weight was worked out. */
  readonly exact: ExactMass | null;
  readonly perKgMinor: Minor;
  readonly totalMinor: Minor;
  readonly workedOut: 'massDg' | 'perKgMinor' | 'totalMinor' | null;
}

/**
 * Works out the third of weight, price and total from the other two. With all three typed the
 * total counts, as it is what the till took.
 *
 * @returns null while two of the three are missing, or where the figures make no purchase (no weight)
 * @example completePurchase({ mass: 5 kg, quote: 12.00 a kg, count: 1, totalMinor: null })
 *   // { massDg: 50000, perKgMinor: 1200, totalMinor: 6000, workedOut: 'totalMinor' }
 */
export function completePurchase({ mass, quote, count, totalMinor }: LabelFigures): CompletePurchase | null {
  const asked = quote && perKgOfQuote(quote);
  if (mass !== null) {
    const total = totalMinor ?? (quote && tillTotal(quote, mass.exact, count));
    if (total === null || total < 0 || mass.massDg <= 0) return null;
    return {
      ...mass,
      perKgMinor: asked === null ? unitPrice(mass.massDg, total) : roundHalfUp(asked),
      totalMinor: total,
      workedOut: totalMinor === null && asked !== null ? 'totalMinor' : asked === null ? 'perKgMinor' : null,
    };
  }
  const massDg = quote && totalMinor !== null ? massFor(quote, totalMinor) : null;
  if (massDg === null || massDg <= 0 || totalMinor === null || asked === null) return null;
  return { massDg, exact: null, perKgMinor: roundHalfUp(asked), totalMinor, workedOut: 'massDg' };
}

/** Whether a typed total and weight times price differ by more than a coin, which is what rounding explains. */
export function disagrees({ mass, quote, count, totalMinor }: LabelFigures): boolean {
  if (quote === null || totalMinor === null) return false;
  const till = tillTotal(quote, mass?.exact ?? null, count);
  return till !== null && Math.abs(till - totalMinor) > 1;
}
