import type { Draft } from './draft';
import type { Entry } from './entry';
import type { LotId } from './lot';
import { addColdEvent } from './make-lot';

/** A bag is opened once; from then on its label's date says less. That it leaked can be said later, too. */
export function opened(
  draft: Draft,
  id: LotId,
  entry: Entry & { readonly on?: string },
  found?: 'leaking',
): void {
  const lot = draft.lots.get(id);
  if (!lot || (found === undefined && lot.cold.some(({ what }) => what === 'opened'))) return;
  addColdEvent(draft.change(lot), entry, { what: 'opened', on: entry.on ?? null, found });
}
