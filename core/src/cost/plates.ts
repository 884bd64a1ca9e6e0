import { isUsable, type Destination } from '../ledger/destination';
import { kindById, partOf } from '../catalogue/kinds';
import type { MassDg } from '../units/mass';

/** What a mass of meat is, as far as its plates go. */
export interface Meat {
  readonly kind: string | null;
  readonly part: string | null;
  readonly destination: Destination;
}

/**
 * How much of a gram is raw boneless meat to eat: nothing of by-products and loss, all but the bone
 * of what is usable. A plate is boneless raw meat; this is the one place that says so.
 *
 * @example bonelessShare({ kind: 'whole-chicken', part: 'thighs', destination: 'main' }) // 0.68
 */
export function bonelessShare({ kind, part, destination }: Meat): number {
  return isUsable(destination) ? 1 - (partOf(kindById(kind), part)?.bone ?? 0) : 0;
}

/**
 * Plates that a mass of meat makes.
 *
 * @param plateDg mean raw, boneless plate of the eaters; more than zero
 * @example 3.5 kg of boneless shoulder, plates of 225 g: 15.6
 */
export function platesIn(meat: Meat, massDg: MassDg, plateDg: MassDg): number {
  return (massDg * bonelessShare(meat)) / plateDg;
}
