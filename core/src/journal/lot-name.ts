import { kindById, partOf } from '../catalogue/kinds';
import type { Lot } from './lot';

/** What a household calls a lot: its own name, else the part's, else the kind's. */
export function lotName(lot: Lot): string {
  if (lot.name !== null) return lot.name;
  const kind = kindById(lot.kind);
  if (lot.part !== null) return partOf(kind, lot.part)?.name ?? lot.part;
  if (lot.count > 1 && kind) return `${lot.count} ${kind.plural}`;
  return kind?.name ?? lot.kind ?? 'Piece';
}
