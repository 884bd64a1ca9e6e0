import * as z from 'zod';
import type { Lot } from '../ledger/lot';

/** What a pack is kept for: no plan takes it. */
export const reservationSchema = z.strictObject({ for: z.string().trim().min(1).max(60) });

export type Reservation = z.infer<typeof reservationSchema>;
/** What is kept, by pack. */
export type Reservations = ReadonlyMap<string, Reservation>;

/** What came out of a pack is kept for the same as the pack. */
export function keptAlike(
  pack: string,
  other: string,
  reserved: Reservations,
): { readonly records?: readonly { type: 'reserved'; key: string; value: Reservation }[] } {
  const value = reserved.get(pack);
  return value === undefined || other === pack ? {} : { records: [{ type: 'reserved', key: other, value }] };
}

/**
 * The packs that a plan may take: those that are not kept for something.
 *
 * @example two packs, one of them for the game: the other
 */
export function notKept(stock: readonly Lot[], reserved: Reservations): Lot[] {
  return stock.filter(({ id }) => !reserved.has(id));
}
