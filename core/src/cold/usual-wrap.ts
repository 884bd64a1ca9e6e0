import { isBird } from '../ledger/animal';
import type { Kept } from '../ledger/entry';
import type { Lot } from '../ledger/lot';
import type { Kind } from '../catalogue/kind-schema';
import { compareText } from '../ledger/stamp';

/** What a whole piece of red meat lies in when it is bought. */
export type Wrap = Extract<Kept, 'sealed' | 'open'>;

/**
 * How a kind of piece lay in a shop the last time that it was said there, else as it is mostly sold where
 * that is the tray. Null where nobody can say: a sealed bag is never assumed.
 *
 * @param pieces those bought so far
 * @example legs and ribs: 'open', until a shop sold one in its bag
 */
export function usualWrap(
  pieces: readonly Lot[],
  kind: Pick<Kind, 'id' | 'animal' | 'comesIn'>,
  shop: string,
): Wrap | null {
  if (isBird(kind.animal)) return null;
  const last = pieces
    .filter((lot) => lot.kind === kind.id && lot.shop === shop && isWrap(lot.kept))
    .sort((a, b) => compareText(a.on ?? '', b.on ?? '') || compareText(a.madeAt, b.madeAt))
    .at(-1);
  return last ? (last.kept as Wrap) : kind.comesIn === 'tray' ? 'open' : null;
}

const isWrap = (kept: Lot['kept']): boolean => kept === 'sealed' || kept === 'open';
