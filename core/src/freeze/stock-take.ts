import type { Fact } from '../ledger/entry';
import type { Lot } from '../ledger/lot';

/** Why a pack that should be there is not. */
export const WHY_MISSING = {
  eaten: 'eaten, and not written down',
  given: 'given away',
  discarded: 'thrown away',
  lost: 'nobody knows',
} as const;

export type WhyMissing = keyof typeof WHY_MISSING;

/** What a stock-take writes beside a pack that nobody can account for, or that turned up. */
const [LOST, FOUND] = ['stock-take: not found', 'stock-take: found'];

/**
 * The entries for a pack that lies where the journal has none: it was written down as gone, or as
 * lying elsewhere.
 *
 * @param massDg what it weighs, where it was written down as gone
 */
export function foundFacts(
  pack: Pick<Lot, 'id' | 'leftDg' | 'count'>,
  place: string,
  massDg: number,
): Fact[] {
  const placed: Fact = { type: 'placed', lot: pack.id, place };
  return pack.leftDg > 0
    ? [placed]
    : [{ type: 'counted', lot: pack.id, massDg, count: pack.count, reason: FOUND }, placed];
}

/**
 * The entries that put the journal right after a stock-take: what was not found left the cold by the
 * way that was said; what nobody knows of is shrinkage, which the Books show.
 *
 * @param why by pack; those that are not in it were found
 */
export function stockTakeFacts(
  packs: readonly Pick<Lot, 'id'>[],
  why: ReadonlyMap<string, WhyMissing>,
  on: string,
): Fact[] {
  return packs.flatMap(({ id }): Fact[] => {
    const reason = why.get(id);
    if (reason === undefined) return [];
    if (reason === 'lost') return [{ type: 'counted', lot: id, massDg: 0, count: 0, reason: LOST }];
    return [{ type: reason, lot: id, amount: 'all', on }];
  });
}
