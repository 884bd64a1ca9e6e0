import type { Entry } from './entry';
import type { LotId } from './lot';

/** The lots that an entry names: made, changed, or taken from. */
export function lotsOfEntry(entry: Entry): LotId[] {
  switch (entry.type) {
    case 'corrected':
    case 'undone':
    case 'redone':
      return [];
    case 'cut':
    case 'split':
    case 'unpacked':
      return [entry.from, entry.lot];
    case 'combined':
    case 'packed':
      return [entry.lot, ...entry.from.map(({ lot }) => lot)];
    default:
      return [entry.lot];
  }
}
