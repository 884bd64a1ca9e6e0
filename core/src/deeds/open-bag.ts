import { lotName } from '../catalogue/lot-name';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import type { Deed } from './deed';

/** A sealed bag was found leaking, blown or loose: what lies in it was never sealed. */
export function foundLeaking(piece: Lot, on: IsoDate): Deed {
  return {
    facts: [{ type: 'opened', lot: piece.id, on, found: 'leaking' }],
    say: `${lotName(piece)}: its bag leaks`,
  };
}

/** A bag is opened: its days run from then on. */
export function openBag(piece: Lot, on: IsoDate): Deed {
  return { facts: [{ type: 'opened', lot: piece.id, on }], say: `${lotName(piece)}: its bag is open` };
}
