import type { MassDg } from '../units/mass';

/** Kilograms of wrapped meat in a litre of freezer: meat is 1.06, the air between packs takes the rest; an estimate. */
const KG_PER_L = 0.6;
/** No more than so much in a day freezes well: 32 to 48 g a litre. National Center for Home Food Preservation (from memory). */
const LOAD_G_PER_L = 40;

/** What still goes into the freezer. */
export interface Room {
  readonly freeDg: MassDg;
  /** How much may go in within 24 hours. */
  readonly perDayDg: MassDg;
}

/**
 * Room left in the freezer, by what lies in it.
 *
 * @param litres of all freezers together
 * @param storedDg what lies in them
 * @example roomIn(100, 300_000) // 30 kg free of 60, 4 kg a day
 */
export function roomIn(litres: number, storedDg: MassDg): Room {
  return { freeDg: Math.max(0, litres * KG_PER_L * 10_000 - storedDg), perDayDg: litres * LOAD_G_PER_L * 10 };
}
