import type { Lot } from '../journal/lot';
import { addDays, type IsoDate } from '../units/date';
import { keepingOf, SHORTEST_DAYS } from './keeping';
import { thawedUntil } from './once-thawed';

/**
 * The last day for something that lies fresh in a refrigerator: the date on its own label, else
 * the longer published time from the day it was cut or wrapped.
 *
 * @returns null where nobody knows since when it lies there
 * @source USDA FSIS cold storage chart (from memory)
 */
export function freshUntil(lot: Lot): IsoDate | null {
  if (lot.until !== null) return lot.until;
  return lot.on === null ? null : addDays(lot.on, (keepingOf(lot)?.days ?? SHORTEST_DAYS)[1]);
}

/** The last day to cook what is thawing, or lies fresh in a refrigerator; null for what is frozen. */
export function cookBy(lot: Lot, isRefrigerated: boolean): IsoDate | null {
  return thawedUntil(lot) ?? (isRefrigerated ? freshUntil(lot) : null);
}
