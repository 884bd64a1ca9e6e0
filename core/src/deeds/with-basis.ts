import { basisOf } from '../books/basis-of';
import { basisOfPiece } from '../cost/basis-of-piece';
import type { Fact } from '../ledger/entry';
import type { Lot, LotId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { bookWith } from '../price/price-book';
import { valuesOf, type Household } from '../records/household';
import type { NewRecord, RecordChange } from '../records/record';
import type { Deed } from './deed';

/**
 * The deed with what closed pieces counted with: a deed that closes a piece writes that down with it,
 * and so does the next deed on one that was closed before anybody wrote it down. Prices that are noted
 * in the same deed count.
 */
export function withBasis(household: Household, deed: Deed): Deed {
  const pieces = toFix(household, deed.facts ?? []);
  if (pieces.length === 0) return deed;
  const live = basisOf(household);
  const book = bookWith(live.pricing.book, notedIn(deed.records ?? []));
  const basis = { ...live, pricing: { ...live.pricing, book } };
  const records = pieces.map((piece): NewRecord => ({
    type: 'basis',
    key: piece.id,
    value: basisOfPiece(piece, basis),
  }));
  return { ...deed, records: [...(deed.records ?? []), ...records] };
}

/** Pieces that the facts close, and closed ones that they touch and of which nothing is written down. */
function toFix(household: Household, facts: readonly Fact[]): Lot[] {
  if (facts.length === 0) return [];
  const { state } = household.journal;
  const known = valuesOf(household, 'basis');
  const touched = new Map<LotId, Lot>();
  for (const fact of facts) {
    const closes = fact.type === 'closed';
    for (const piece of lotsNamed(fact, state).flatMap((lot) => piecesBehind(state, lot)))
      if ((closes && fact.lot === piece.id && !piece.closed) || (piece.closed && !known.has(piece.id)))
        touched.set(piece.id, piece);
  }
  return [...touched.values()];
}

function lotsNamed(fact: Fact, state: State): LotId[] {
  if (fact.type === 'corrected')
    return [...state.lots.values()].flatMap(({ id, made }) => (made === fact.entry ? [id] : []));
  if ('from' in fact) return typeof fact.from === 'string' ? [fact.from] : fact.from.map(({ lot }) => lot);
  return 'lot' in fact ? [fact.lot] : [];
}

/** The pieces that a lot came off. */
function piecesBehind(state: State, id: LotId): Lot[] {
  const lot = state.lots.get(id);
  if (!lot) return [];
  return lot.form === 'piece' ? [lot] : lot.sources.flatMap((source) => piecesBehind(state, source.lot));
}

function notedIn(records: readonly (NewRecord | RecordChange)[]) {
  return records.flatMap((record) =>
    record.type === 'price' && 'value' in record && record.value
      ? [{ ...record.value, key: record.key }]
      : [],
  );
}
