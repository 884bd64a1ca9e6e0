import { isUsable, type Destination } from '../ledger/destination';
import type { Part } from './kind-schema';

/** What meat is for: minutes in a pan, an hour in the oven, hours in a pot, the grinder. */
export const COOKED_HOW = ['quick', 'roast', 'slow', 'grind'] as const;
export type CookedHow = (typeof COOKED_HOW)[number];

/** Where the destination alone says it. */
const BY_DESTINATION: Readonly<Partial<Record<Destination, CookedHow>>> = {
  thin: 'quick',
  stew: 'slow',
  grind: 'grind',
};

/** By what the shop calls the cut; a roast where nothing else is said (common practice). */
const BY_ITEM: Readonly<Record<string, CookedHow>> = Object.fromEntries([
  ...[
    'strip-steak',
    'fillet-steak',
    'ribeye-steak',
    'rib-steak-bone-in',
    'top-round-steak',
    'eye-round-steak',
    'beef-lesser-steak',
    'chicken-breast-boneless',
    'pork-chop-boneless',
    'pork-chop-bone-in',
    'pork-shoulder-steak',
    'lamb-rib-chop',
    'beef-thin',
    'chicken-thin',
    'turkey-thin',
    'pork-thin',
    'lamb-thin',
  ].map((item) => [item, 'quick'] as const),
  ...[
    'pork-shoulder-roast',
    'pork-country-strips',
    'pork-ribs-squared',
    'pork-ribs-untrimmed',
    'pork-rib-tips',
    'beef-back-ribs',
    'lamb-shank',
    'beef-stew',
    'pork-stew',
    'lamb-stew',
    'chicken-stew',
    'turkey-stew',
  ].map((item) => [item, 'slow'] as const),
]);

/**
 * What a part is for while it keeps its own destination.
 *
 * @returns null for what is not eaten as meat
 * @example steaks of a strip loin: 'quick'; a tied shoulder roast: 'slow'; a breast on the bone: 'roast'
 */
export function cookedHow({
  destination,
  shopItem,
}: Pick<Part, 'destination' | 'shopItem'>): CookedHow | null {
  if (!isUsable(destination)) return null;
  return BY_DESTINATION[destination] ?? BY_ITEM[shopItem ?? ''] ?? 'roast';
}
