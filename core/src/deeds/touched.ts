import type { Journal } from '../ledger/journal';
import { lotsOfAll } from '../ledger/last-word';
import type { Entry } from '../ledger/entry';
import type { Done } from './take-back';

/**
 * What a deed changed, by what a page calls it: lots by their id, registers by `type:key`. Of what was
 * undone, or done again, that is what it had been about.
 *
 * @param journal with the deed in it
 * @example a pack eaten at a planned dinner: ['pack-1', 'meal:2026-11-26']
 */
export function touchedBy(
  { entries }: Pick<Journal, 'entries'>,
  { entries: written, rewritten }: Pick<Done, 'entries' | 'rewritten'>,
): string[] {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const about = (entry: Entry): readonly string[] =>
    entry.type === 'undone' || entry.type === 'redone' ? entry.entries : [entry.id];
  const ids = written.flatMap((id) => {
    const entry = byId.get(id);
    return entry ? about(entry) : [];
  });
  return [...new Set([...lotsOfAll(byId, ids), ...rewritten.map(({ type, key }) => `${type}:${key}`)])];
}
