import { lotName } from '../catalogue/lot-name';
import { reservationSchema, type Reservations } from '../dinner/reservation';
import type { Lot } from '../ledger/lot';
import { failure, success, type Result } from '../units/result';
import type { Deed } from './deed';

/** Keeps packs for something, such as guests: no plan takes them until they are free again. */
export function keepPacks(packs: readonly Lot[], what: string): Result<Deed> {
  const { data: value } = reservationSchema.safeParse({ for: what });
  if (!value) return failure('Say what it is kept for in a few words, such as “guests”: 60 letters at most.');
  const [one] = packs;
  const name = packs.length === 1 && one ? lotName(one) : `${packs.length} packs`;
  return success({
    records: packs.map(({ id }) => ({ type: 'reserved', key: id, value })),
    say: `${name}: kept for ${value.for}`,
  });
}

/** What was kept is for every day again. */
export function freePacks(packs: readonly Lot[], reserved: Reservations): Deed {
  const kept = packs.filter(({ id }) => reserved.has(id));
  const [one] = kept;
  const name = kept.length === 1 && one ? `${lotName(one)} is` : `${kept.length} packs are`;
  return {
    records: kept.map(({ id }) => ({ type: 'reserved', key: id, value: null })),
    say: `${name} for any day again`,
  };
}
