import { DESTINATION_IDS } from '../ledger/destination';
import type { Lot } from '../ledger/lot';
import type { State } from '../ledger/replay';

/** Packs and put-away lots that still hold something, oldest first; unknown age before all. */
export function stockOf(state: State): Lot[] {
  const held = [...state.lots.values()].filter(
    (lot) => lot.leftDg > 0 && (lot.form === 'pack' || lot.place !== null),
  );
  return held.sort((a, b) => (a.on ?? '').localeCompare(b.on ?? '') || (a.id < b.id ? -1 : 1));
}

/** Lots off a board that wait to be wrapped, the main ones first; what goes to the bin does not wait. */
export function toWrap(state: State): Lot[] {
  const waiting = [...state.lots.values()].filter(
    (lot) =>
      (lot.form === 'part' || lot.form === 'mix') &&
      lot.leftDg > 0 &&
      lot.place === null &&
      lot.destination !== 'bin' &&
      lot.destination !== 'liquid',
  );
  const rank = (lot: Lot): number => DESTINATION_IDS.indexOf(lot.destination);
  return waiting.sort((a, b) => rank(a) - rank(b));
}

/** Everything that can go off: packs, what waits on the board, pieces that are not finished. */
export function perishableOf(state: State): Lot[] {
  return [...state.lots.values()].filter(
    (lot) => lot.leftDg > 0 && lot.destination !== 'bin' && lot.destination !== 'liquid',
  );
}
