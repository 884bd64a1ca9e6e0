import type { GoesIn } from '../freeze/batch';
import type { Fact } from '../ledger/entry';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';

/** Lays today's packs of a batch into their drawers, and the others into the refrigerator until their day. */
export function freezeBatch(goesIn: readonly GoesIn[], refrigerator: string | null, today: IsoDate): Deed {
  const facts = goesIn.flatMap(({ lot, on, shelf }): Fact[] => {
    const place = on === today ? shelf.id : refrigerator;
    return place === null || place === lot.place ? [] : [{ type: 'placed', lot: lot.id, place }];
  });
  const now = goesIn.filter(({ on }) => on === today).length;
  return { facts, say: `${now} ${now === 1 ? 'pack is' : 'packs are'} in the freezer` };
}
