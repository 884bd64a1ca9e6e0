import { lotName } from '../catalogue/lot-name';
import type { EntryOf } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';

const SAYS: Readonly<Record<EntryOf<'checked'>['found'], string>> = {
  ice: 'still ice in it',
  soft: 'soft through',
  cold: 'soft, and cold',
  warm: 'too warm: throw it away',
};

/** Writes down what somebody found who felt a pack, in cold water or after a power cut. */
export function lookAtPack(pack: Lot, found: EntryOf<'checked'>['found'], on: IsoDate): Deed {
  return {
    facts: [{ type: 'checked', lot: pack.id, on, found }],
    say: `${lotName(pack)}: ${SAYS[found]}`,
  };
}
