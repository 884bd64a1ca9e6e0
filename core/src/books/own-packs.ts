import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import type { MassDg } from '../units/mass';

/** How much of a lot came off each piece. */
function massByPiece(state: State, lot: Lot, massDg: MassDg): Map<LotId, MassDg> {
  if (lot.form === 'piece') return new Map([[lot.id, massDg]]);
  const masses = new Map<LotId, MassDg>();
  for (const source of lot.sources) {
    const from = state.lots.get(source.lot);
    if (!from) continue;
    for (const [piece, part] of massByPiece(state, from, (massDg * source.massDg) / lot.inDg))
      masses.set(piece, (masses.get(piece) ?? 0) + part);
  }
  return masses;
}

/**
 * The packs whose bag and label a piece pays for: each pack once, by the piece that most of it came off;
 * of two that gave as much, the one that was bought first.
 *
 * @param packs all that something of the piece is in
 */
export function ownPacks(state: State, piece: LotId, packs: readonly Lot[]): Lot[] {
  return packs.filter((pack) => {
    const masses = [...massByPiece(state, pack, pack.inDg)];
    const most = Math.max(...masses.map(([, massDg]) => massDg));
    const first = [...state.lots.keys()].find((id) =>
      masses.some(([one, massDg]) => one === id && massDg > most - 0.5),
    );
    return first === piece;
  });
}
