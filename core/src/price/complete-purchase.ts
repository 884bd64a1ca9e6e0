import type { MassDg } from '../units/mass';
import { roundHalfUp, type Minor } from '../units/money';
import { labelTotal, unitPrice } from './label-total';

/** What a label says, as far as it was typed. */
export interface LabelFigures {
  readonly massDg: MassDg | null;
  /** Smallest coins a kilogram. */
  readonly perKgMinor: Minor | null;
  /** The label's total, before any discount. */
  readonly totalMinor: Minor | null;
  readonly discountMinor: Minor;
}

/** A whole purchase, with the figure that was worked out and not typed. */
export interface CompletePurchase {
  readonly massDg: MassDg;
  readonly perKgMinor: Minor;
  readonly totalMinor: Minor;
  readonly paidMinor: Minor;
  readonly workedOut: 'massDg' | 'perKgMinor' | 'totalMinor' | null;
}

/**
 * Works out the third of weight, unit price and total from the other two, and what was paid
 * after the discount. With all three typed the total counts, as it is what the till took.
 *
 * @returns null while two of the three are missing, or where the figures make no purchase
 *   (no weight, a discount above the total)
 * @example completePurchase({ massDg: 50000, perKgMinor: 1200, totalMinor: null, discountMinor: 0 })
 *   // { massDg: 50000, perKgMinor: 1200, totalMinor: 6000, paidMinor: 6000, workedOut: 'totalMinor' }
 */
export function completePurchase(label: LabelFigures): CompletePurchase | null {
  const whole = workOut(label);
  if (whole === null || whole.massDg <= 0 || whole.totalMinor < 0) return null;
  const paidMinor = whole.totalMinor - label.discountMinor;
  return paidMinor < 0 || label.discountMinor < 0 ? null : { ...whole, paidMinor };
}

function workOut({
  massDg,
  perKgMinor,
  totalMinor,
}: LabelFigures): Omit<CompletePurchase, 'paidMinor'> | null {
  if (massDg !== null && massDg > 0 && totalMinor !== null) {
    const perKg = unitPrice(massDg, totalMinor);
    return {
      massDg,
      perKgMinor: perKgMinor ?? perKg,
      totalMinor,
      workedOut: perKgMinor === null ? 'perKgMinor' : null,
    };
  }
  if (massDg !== null && perKgMinor !== null) {
    return { massDg, perKgMinor, totalMinor: labelTotal(massDg, perKgMinor), workedOut: 'totalMinor' };
  }
  if (perKgMinor !== null && perKgMinor > 0 && totalMinor !== null) {
    return {
      massDg: roundHalfUp((totalMinor / perKgMinor) * 10_000),
      perKgMinor,
      totalMinor,
      workedOut: 'massDg',
    };
  }
  return null;
}

/** Whether a typed total and weight times price differ by more than rounding explains. */
export function disagrees({ massDg, perKgMinor, totalMinor }: LabelFigures): boolean {
  if (massDg === null || perKgMinor === null || totalMinor === null) return false;
  return Math.abs(labelTotal(massDg, perKgMinor) - totalMinor) > Math.max(2, totalMinor * 0.005);
}
