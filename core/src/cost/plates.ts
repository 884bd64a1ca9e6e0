import { isUsable, type Destination } from '../ledger/destination';
import { kindById, partOf } from '../catalogue/kinds';
import type { MassDg } from '../units/mass';

/** What a mass of meat is, as far as its plates go. */
export interface Meat {
  readonly kind: string | null;
  readonly part: string | null;
  readonly destination: Destination;
}

/** Whether the skin of birds is eaten here; what nobody has said counts as eaten. */
export type Skin = 'eaten' | 'left';

/** What an average plate of a household is. */
export interface Plate {
  /** Raw meat without bone, and without skin where that is left; more than zero. */
  readonly dg: MassDg;
  readonly skin?: Skin | undefined;
}

/**
 * How much of a part, whatever becomes of it, ends on a fork: all but its bone, and but its skin where that is left.
 *
 * @example eatenShare({ kind: 'whole-chicken', part: 'thighs' }, 'left') // 0.64: 21 % bone, 15 % skin
 */
export function eatenShare({ kind, part }: Pick<Meat, 'kind' | 'part'>, skin: Skin = 'eaten'): number {
  const known = partOf(kindById(kind), part);
  return 1 - (known?.bone ?? 0) - (skin === 'left' ? (known?.skin ?? 0) : 0);
}

/**
 * How much of a gram is raw boneless meat to eat: nothing of by-products and loss, all but bone (and skin, where
 * that is left) of what is usable. A plate is boneless raw meat; this is the one place that says so.
 *
 * @example bonelessShare({ kind: 'whole-chicken', part: 'thighs', destination: 'main' }) // 0.79
 */
export function bonelessShare(meat: Meat, skin?: Skin): number {
  return isUsable(meat.destination) ? eatenShare(meat, skin) : 0;
}

/**
 * Plates that a mass of meat makes.
 *
 * @example 3.5 kg of boneless shoulder, plates of 225 g: 15.6
 */
export function platesIn(meat: Meat, massDg: MassDg, { dg, skin }: Plate): number {
  return (massDg * bonelessShare(meat, skin)) / dg;
}
