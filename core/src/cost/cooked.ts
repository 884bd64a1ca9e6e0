import * as z from 'zod';
import type { Destination } from '../ledger/destination';
import { eatenShare, type Skin } from './plates';

/** About 30 % goes in cooking (common practice). */
const COOKED_LEFT = 0.7;
/** Ground beef, 20 % fat, cooked and drained. USDA Food Buying Guide for Child Nutrition Programs (from memory). */
const GROUND_LEFT = 0.74;

/** A household's own cooking yield of a part: how much of it, raw, is eaten. */
export const cookedSchema = z.strictObject({ share: z.number().positive().max(1) });

/** Until version 5 of the file no key was longer. */
const ONCE_LONGEST = 40;

/** The key of a household's own cooking yield of a part, which may be in the household's own words. */
export function cookedKey(kind: string | null, part: string | null): string {
  return `${kind ?? 'any'}_${part ?? 'whole'}`;
}

/**
 * How much of a raw part is eaten: what is left after cooking, less its bone, and its skin where that is left.
 *
 * @param own the household's own figures, by {@link cookedKey}
 * @returns share of the raw weight, 0 to 1
 * @example cookedShare({ kind: 'whole-chicken', part: 'thighs' }, 'main') // 0.553: 21 % bone, 30 % lost
 */
export function cookedShare(
  lot: { readonly kind: string | null; readonly part: string | null },
  destination: Destination,
  own: ReadonlyMap<string, number> = new Map(),
  skin?: Skin,
): number {
  const key = cookedKey(lot.kind, lot.part);
  const set = own.get(key) ?? own.get(key.slice(0, ONCE_LONGEST));
  if (set !== undefined) return set;
  return eatenShare(lot, skin) * (destination === 'grind' ? GROUND_LEFT : COOKED_LEFT);
}
