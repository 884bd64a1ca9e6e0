import type { Animal } from '../catalogue/kind-schema';
import type { Appliance } from './cold-places';
import { phamHours, whyNotFrozen, type Freezing } from './freezing-time';
import { meatOf } from './meat-properties';

/** Out of a refrigerator, until it is frozen in the middle. */
const [START_C, END_C] = [4, -10];

/** How long a flat pack takes to freeze, or why it does not. */
export type PackFreezing =
  { readonly hours: number; readonly why?: undefined } | { readonly hours?: undefined; readonly why: string };

/**
 * How long a flat pack out of the refrigerator takes to freeze in a freezer's air, by Pham's method.
 *
 * @example packFreezing(30, 'beef', { airC: -18, h: 8 }).hours // between 5 and 12
 * @example packFreezing(30, 'beef', { airC: -1, h: 8 }).why // 'Air of -1 °C does not freeze it: …'
 */
export function packFreezing(
  thicknessMm: number,
  animal: Animal | null,
  { airC, h }: Pick<Appliance, 'airC' | 'h'>,
): PackFreezing {
  const freezing: Freezing = {
    shape: 'slab',
    thicknessMm,
    startC: START_C,
    airC,
    endC: END_C,
    h,
    meat: meatOf(animal),
  };
  const why = whyNotFrozen(freezing);
  return why === null ? { hours: phamHours(freezing) } : { why };
}
