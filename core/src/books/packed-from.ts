import type { Destination } from '../ledger/destination';
import { familyOf } from '../ledger/leaves';
import { lotName } from '../catalogue/lot-name';
import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import type { MassDg } from '../units/mass';

/** So much of a piece that went from one destination into one pack. */
export interface Packed {
  readonly pack: LotId;
  readonly name: string;
  readonly destination: Destination;
  readonly massDg: MassDg;
}

/**
 * Which packs a piece went into, by the destination it came from; through a grind by that
 * grind's name. What is still loose is not in it.
 */
export function packedFrom(state: State, piece: LotId): Packed[] {
  const lot = state.lots.get(piece);
  if (!lot) return [];
  const packed = new Map<string, Packed>();
  for (const each of familyOf(state, lot)) {
    for (const flow of each.flows) {
      const into = flow.lot ? state.lots.get(flow.lot) : undefined;
      if (!into || flow.way === 'cut') continue;
      addTo(packed, each, into, flow.massDg);
    }
  }
  return [...packed.values()];
}

function addTo(packed: Map<string, Packed>, from: Lot, into: Lot, massDg: MassDg): void {
  const key = `${into.id}/${from.destination}`;
  const seen = packed.get(key);
  packed.set(key, {
    pack: into.id,
    name: lotName(into),
    destination: from.destination,
    massDg: massDg + (seen?.massDg ?? 0),
  });
}
