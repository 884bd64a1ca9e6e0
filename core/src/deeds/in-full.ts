import type { Household } from '../records/household';
import type { Deed } from './deed';
import { withBasis } from './with-basis';
import { withOwnNote } from './with-own-note';

/** A deed with all that goes with it: prices that a purchase noted, and what closed pieces counted with. */
export function inFull(household: Household, deed: Deed): Deed {
  return withBasis(household, withOwnNote(household, deed));
}
