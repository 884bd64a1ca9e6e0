import { mean } from 'd3-array';
import type { Kind, Way } from '../catalogue/kind-schema';
import type { LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { usualMinutes } from './minutes';

/** How long one piece of a kind takes, cut a way. */
export type MinutesOf = (kind: Kind, way: Way) => number;

/** From so many own pieces on the guide's minutes are left aside. */
const OWN_PIECES = 2;

/**
 * How long this household takes: the mean of its own finished pieces of that kind and way, from two on;
 * before that as the guide has it.
 *
 * @param known minutes by piece, as measured or as somebody set them
 * @example two chickens in 31 and 25 minutes: 28
 */
export function ownMinutes(state: State, known: ReadonlyMap<LotId, number>): MinutesOf {
  const past = new Map<string, number[]>();
  for (const [id, minutes] of known) {
    const lot = state.lots.get(id);
    if (!lot?.closed || lot.way === null || minutes <= 0) continue;
    const key = `${lot.kind} ${lot.way}`;
    past.set(key, [...(past.get(key) ?? []), minutes / lot.count]);
  }
  return (kind, way) => {
    const own = past.get(`${kind.id} ${way.id}`) ?? [];
    return own.length >= OWN_PIECES ? Math.round(mean(own) ?? 0) : usualMinutes(kind, way);
  };
}
