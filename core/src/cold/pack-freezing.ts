import { failure, success, type Result } from '../units/result';
import type { Animal } from '../ledger/animal';
import type { Appliance } from './cold-places';
import { phamHours, whyNotFrozen, type Freezing } from './freezing-time';
import { meatOf } from './meat-properties';

/** Out of a refrigerator, until it is frozen in the middle. */
const [START_C, END_C] = [4, -10];

/**
 * How long a flat pack out of the refrigerator takes to freeze in a freezer's air, by Pham's method.
 *
 * @example packFreezing(30, 'beef', { airC: -18, h: 8 }).value // between 5 and 12
 * @example packFreezing(30, 'beef', { airC: -1, h: 8 }).problem // 'Air of -1 °C does not freeze it: …'
 */
export function packFreezing(
  thicknessMm: number,
  animal: Animal | null,
  { airC, h }: Pick<Appliance, 'airC' | 'h'>,
): Result<number> {
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
  return why === null ? success(phamHours(freezing)) : failure(why);
}
