import type { Journal } from './journal';
import type { Lot } from './lot';

/**
 * How the weight of a lot was typed, as it counts now: where it was put right, as it was typed then.
 *
 * @returns null where it came from a scale, or from an older file that does not say
 * @example a cut that was typed as "1 lb 2 oz": '1 lb 2 oz'
 */
export function typedAs(
  { entries, state }: Pick<Journal, 'entries' | 'state'>,
  lot: Pick<Lot, 'made'>,
): string | null {
  let typed: string | null = null;
  for (const entry of entries) {
    if (state.voided.has(entry.id)) continue;
    if (entry.id === lot.made) typed = 'typed' in entry ? (entry.typed ?? null) : null;
    else if (entry.type === 'corrected' && entry.entry === lot.made && entry.set.massDg !== undefined)
      typed = entry.set.typed ?? null;
  }
  return typed;
}
