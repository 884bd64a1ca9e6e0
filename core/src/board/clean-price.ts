import { sum } from 'd3-array';
import { isUsable } from '../ledger/destination';
import { drainedDg, type Lot } from '../ledger/lot';

/** What a kilogram came to, step by step, smallest coins. */
export interface CleanPrice {
  /** As bought, by the label. */
  readonly askedPerKg: number;
  /** Without what ran out of the bag. */
  readonly drainedPerKg: number;
  /** Of what is still meat: what lies on the board, and what came off it to be eaten. */
  readonly cleanPerKg: number;
}

/**
 * What a kilogram of clean meat has come to so far: with each trimming that goes to the pot, the fat
 * or the bin the same money lies on less meat. What of it has a worth of its own is left to the Books.
 *
 * @param cuts what came off the piece
 * @returns null where nobody knows what was paid, or nothing is left of it
 * @example 60.00 for 5 kg, 100 g of liquid, 900 g of fat: 12.00, 12.24, 15.00 a kg
 */
export function cleanPrice(
  piece: Pick<Lot, 'paidMinor' | 'inDg' | 'leftDg' | 'flows' | 'foundDg'>,
  cuts: readonly Pick<Lot, 'destination' | 'inDg'>[],
): CleanPrice | null {
  const { paidMinor, inDg, leftDg } = piece;
  const drained = drainedDg(piece as Lot);
  const cleanDg = leftDg + sum(cuts, (cut) => (isUsable(cut.destination) ? cut.inDg : 0));
  if (!paidMinor || cleanDg <= 0 || drained <= 0) return null;
  const perKg = (massDg: number): number => (paidMinor * 10_000) / massDg;
  return { askedPerKg: perKg(inDg), drainedPerKg: perKg(drained), cleanPerKg: perKg(cleanDg) };
}
