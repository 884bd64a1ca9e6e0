import type { Part } from './kind-schema';
import { kindById, partOf } from './kinds';
import type { Lot } from '../ledger/lot';
import { isolated } from '../units/bidi';

/** A part that is named for its portions ("Steaks") is a "Steak" when there is one. */
function partName(part: Part | undefined, count: number): string | undefined {
  const isPlural = part?.portions !== undefined && part.name.toLowerCase() === part.portions;
  return isPlural && count === 1 && part.portion
    ? part.portion.charAt(0).toUpperCase() + part.portion.slice(1)
    : part?.name;
}

/** What a household calls a lot: its own name, else the part's, else the kind's. */
export function lotName(lot: Lot): string {
  if (lot.name !== null) return isolated(lot.name);
  const kind = kindById(lot.kind);
  if (lot.part !== null) return partName(partOf(kind, lot.part), lot.count) ?? isolated(lot.part);
  if (lot.count > 1 && kind) return `${lot.count} ${kind.plural}`;
  return kind?.name ?? lot.kind ?? 'Piece';
}
