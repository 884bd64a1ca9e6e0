import type { PieceNote } from '../board/piece-note';
import type { ItemChoice } from '../price/item-choice';
import type { RecordChange } from './record';
import { DEFAULT_SETTINGS, type Settings, type SettingsGroup } from './settings';

/** Changes a part of one group of settings, and leaves the rest of it as it is by then. */
export function settingsChange(
  group: SettingsGroup,
  change: (now: Settings) => Partial<Settings>,
): RecordChange {
  return {
    type: 'settings',
    key: group,
    change: (known = {}) => ({ ...known, ...change({ ...DEFAULT_SETTINGS, ...known }) }),
  };
}

/** Changes a part of what is noted about a piece. */
export function noteChange(piece: string, change: (now: PieceNote) => PieceNote): RecordChange {
  return { type: 'piece', key: piece, change: (known = {}) => ({ ...known, ...change(known) }) };
}

/** Changes what the household thinks of a shop item, and leaves the rest of it. */
export function itemChange(item: string, change: ItemChoice): RecordChange {
  return { type: 'item', key: item, change: (known) => ({ ...known, ...change }) };
}
