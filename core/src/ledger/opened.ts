import type { Draft } from './draft';
import type { Entry } from './entry';
import type { LotId } from './lot';
import { addColdEvent } from './make-lot';

/** A bag is opened once; from then on its label's date says nothing. */
export function opened(draft: Draft, id: LotId, entry: Entry & { readonly on?: string }): void {
  const lot = draft.lots.get(id);
  if (!lot || lot.cold.some(({ what }) => what === 'opened')) return;
  addColdEvent(draft.change(lot), entry, { what: 'opened', on: entry.on ?? null });
}
