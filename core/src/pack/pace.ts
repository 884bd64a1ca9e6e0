import { addDays, type IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import { bonelessShare, type Skin } from '../cost/plates';
import type { State } from '../ledger/replay';

const WEEKS = 12;

/**
 * How much raw boneless meat the household eats in a week, from what left its packs and board as eaten in the
 * twelve weeks up to a day.
 *
 * @returns tenths of a gram a week; 0 where nothing was eaten
 */
export function meatPerWeekDg(state: State, on: IsoDate, skin?: Skin): MassDg {
  const since = addDays(on, -7 * WEEKS);
  let eatenDg = 0;
  for (const lot of state.lots.values()) {
    for (const flow of lot.flows)
      if (flow.way === 'eaten' && flow.on && flow.on > since && flow.on <= on)
        eatenDg += flow.massDg * bonelessShare(lot, skin);
  }
  return eatenDg / WEEKS;
}
