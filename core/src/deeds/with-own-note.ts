import { wholePieceItem } from '../catalogue/shop-items';
import type { FactOf } from '../ledger/entry';
import type { Lot, LotId } from '../ledger/lot';
import type { PriceNote } from '../price/price-note';
import { unitPrice } from '../price/label-total';
import { valuesOf, type Household } from '../records/household';
import type { NewRecord } from '../records/record';
import type { Deed } from './deed';

/**
 * The deed with what it does to the price that a purchase noted: a purchase that is put right puts it
 * right. One that is taken back counts no more, and neither does its price.
 */
export function withOwnNote(household: Household, deed: Deed): Deed {
  const facts = deed.facts ?? [];
  const records = facts.flatMap((fact) => (fact.type === 'corrected' ? corrected(household, fact) : []));
  return records.length === 0 ? deed : { ...deed, records: [...(deed.records ?? []), ...records] };
}

/** The notes that came with a purchase of a piece. */
function notesOfLot(household: Household, lot: LotId): (readonly [string, PriceNote])[] {
  return [...valuesOf(household, 'price')].filter(([, note]) => note.lot === lot);
}

function corrected(household: Household, { entry, set }: FactOf<'corrected'>): NewRecord[] {
  const piece = [...household.journal.state.lots.values()].find(
    ({ form, came }) => form === 'piece' && came === entry,
  );
  if (!piece) return [];
  return notesOfLot(household, piece.id)
    .filter(([, { item }]) => item === wholePieceItem(piece.kind ?? ''))
    .map(([key, note]): NewRecord => ({ type: 'price', key, value: noteOf(note, piece, set) }));
}

/** What the piece itself was asked at goes by its weight and what was paid; where and when by what was said. */
function noteOf(note: PriceNote, piece: Lot, set: FactOf<'corrected'>['set']): PriceNote {
  const [massDg, paidMinor] = [set.massDg ?? piece.inDg, set.paidMinor ?? piece.paidMinor ?? 0];
  const isPrice = set.massDg !== undefined || set.paidMinor !== undefined;
  const { asked, typed: _, ...rest } = note;
  return {
    ...rest,
    ...(isPrice ? { perKgMinor: Math.max(1, unitPrice(massDg, paidMinor)) } : asked ? { asked } : {}),
    ...(set.shop === undefined ? {} : { shop: set.shop }),
    ...(set.on === undefined ? {} : { on: set.on }),
    ...(set.grade === undefined ? {} : { grade: set.grade }),
  };
}
