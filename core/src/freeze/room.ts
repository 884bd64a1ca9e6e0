import { sum } from 'd3-array';
import type { Lot } from '../ledger/lot';
import type { MassDg } from '../units/mass';
import { applianceAt, freezerLitres, isInUnknown, type Appliance } from '../cold/cold-places';

/** Kilograms of wrapped meat in a litre of freezer: meat is 1.06, the air between packs takes the rest; an estimate. */
const KG_PER_L = 0.6;
/** No more than so much in a day freezes well: 32 to 48 g a litre. National Center for Home Food Preservation (from memory). */
const LOAD_G_PER_L = 40;

/** What still goes into the freezer. */
export interface Room {
  readonly freeDg: MassDg;
  /** How much may go in within 24 hours. */
  readonly perDayDg: MassDg;
  /** There is more, of unknown size. */
  readonly atLeast: boolean;
}

/** Litres that a mass of wrapped meat takes up, with the air between. */
export function litresOf(massDg: MassDg): number {
  return massDg / (KG_PER_L * 10_000);
}

/**
 * Room left in a freezer, by what lies in it.
 *
 * @param litres of it
 * @param storedDg what lies in it
 * @example roomIn(100, 300_000) // 30 kg free of 60, 4 kg a day
 */
export function roomIn(litres: number, storedDg: MassDg, atLeast = false): Room {
  const freeDg = Math.max(0, litres * KG_PER_L * 10_000 - storedDg);
  return { freeDg, perDayDg: litres * LOAD_G_PER_L * 10, atLeast };
}

/**
 * Room in all freezers together, as far as their sizes are known. What lies in a refrigerator, or in a
 * drawer of unknown size, takes none of it.
 *
 * @param fallbackL litres in all, for a household whose freezers do not say theirs
 * @returns null where nobody has said how large they are
 */
export function roomOfAll(
  appliances: readonly Appliance[],
  stock: readonly Lot[],
  fallbackL?: number,
): Room | null {
  const known = freezerLitres(appliances);
  const litres = known?.litres ?? fallbackL ?? null;
  if (litres === null) return null;
  const storedDg = sum(
    stock.filter(
      ({ place }) =>
        applianceAt(appliances, place)?.cold !== 'refrigerator' &&
        (known === null || !isInUnknown(appliances, place)),
    ),
    ({ leftDg }) => leftDg,
  );
  return roomIn(litres, storedDg, known?.atLeast);
}
