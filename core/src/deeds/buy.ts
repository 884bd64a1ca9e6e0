import type { FactOf } from '../ledger/entry';
import { oneByOne } from '../ledger/one-by-one';
import { noteChange } from '../records/change';
import type { PriceNote } from '../price/price-note';
import type { Deed } from './deed';
import { notePrices } from './note-prices';
import { kindById } from '../catalogue/kinds';

/** What comes with a purchase. */
export interface Purchased {
  /** What was seen on it before it was bought. */
  readonly marks: readonly string[];
  /** Prices that were typed beside it. */
  readonly prices: readonly PriceNote[];
  /** Several pieces are lots of their own, each to be weighed and cut by itself. */
  readonly apart: boolean;
  readonly newId: () => string;
}

/** Buys a piece, or several as one lot or apart, with what was seen on it and the prices noted with it. */
export function buy(piece: FactOf<'received'>, { marks, prices, apart, newId }: Purchased): Deed {
  const facts = apart ? oneByOne(piece, newId) : [piece];
  const seen = facts.map(({ lot }) => noteChange(lot, () => ({ marks: [...marks] })));
  // A price that came with a purchase goes with it.
  const ofPurchase = prices.map((note) => ({ ...note, lot: piece.lot }));
  return {
    facts,
    records: [...(notePrices(ofPurchase, '', newId).records ?? []), ...(marks.length > 0 ? seen : [])],
    say: boughtWords(piece),
  };
}

function boughtWords({ kind: id, count }: FactOf<'received'>): string {
  const kind = kindById(id);
  return count > 1
    ? `${count} ${kind?.plural ?? id} bought. They are on the Block.`
    : `${kind?.name ?? id} bought. It is on the Block.`;
}
