import type { Practice } from '../ledger/entry';
import type { Journal } from '../ledger/journal';
import type { LotId } from '../ledger/lot';
import { lotsOfEntry } from '../ledger/lots-of-entry';

/** How many figures of some lots a scale or a camera gave that is not there. */
export type Practised = Readonly<Record<Practice, number>>;

/**
 * What of some lots is practice: as long as it was not put right since by hand.
 *
 * @example a loin bought and cut in the demo with the practice scale: { scale: 7, camera: 0 }
 */
export function practised({ entries, state }: Journal, lots: ReadonlySet<LotId>): Practised {
  const righted = new Set(
    entries.flatMap((entry) =>
      entry.type === 'corrected' && entry.set.massDg !== undefined && !state.voided.has(entry.id)
        ? [entry.entry]
        : [],
    ),
  );
  const by = { scale: 0, camera: 0 };
  for (const entry of entries) {
    if (!('practice' in entry) || !entry.practice || state.voided.has(entry.id) || righted.has(entry.id))
      continue;
    if (lotsOfEntry(entry).some((lot) => lots.has(lot))) by[entry.practice] += 1;
  }
  return by;
}

/** The same in words; empty where nothing of it is practice. */
export function practisedWords({ scale, camera }: Practised): string {
  const words = [
    scale > 0 ? `${scale === 1 ? 'one weight' : `${scale} weights`} from the practice scale` : '',
    camera > 0 ? 'its label from the practice camera' : '',
  ].filter(Boolean);
  return words.length > 0 ? `For practice: ${words.join(', ')}.` : '';
}
