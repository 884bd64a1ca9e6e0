import { carriersOf, type CostBasis } from '../cost/carriers';
import type { LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { roundHalfUp, type Minor } from '../units/money';

/**
 * What was thrown away of a piece after it was cut, at what it would have cost in the shop: spoilt packs
 * and parts, not what goes to the bin at the board. What has no shop price counts nothing.
 *
 * @example a pack of two steaks, 0.7 kg at 30.00, thrown away: 21.00
 */
export function thrownAwayMinor(state: State, piece: LotId, basis: CostBasis): Minor {
  /** What a tenth of a gram of a lot is worth of this piece. */
  const worth = new Map<LotId, number>();
  for (const { lot, destination, price } of carriersOf(state, piece, basis, 'comparison'))
    if (destination !== 'bin' && destination !== 'liquid' && price.state === 'known')
      worth.set(lot.id, price.perKgMinor / 10_000);
  let total = 0;
  for (const lot of state.lots.values()) {
    const own = worth.get(lot.id);
    const each =
      own ??
      lot.sources.reduce((sum, source) => sum + (worth.get(source.lot) ?? 0) * source.massDg, 0) / lot.inDg;
    if (each === 0) continue;
    worth.set(lot.id, each);
    for (const flow of lot.flows) if (flow.way === 'discarded') total += each * flow.massDg;
  }
  return roundHalfUp(total);
}
