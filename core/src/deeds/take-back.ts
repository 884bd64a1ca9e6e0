import { canonicalJson } from '../units/canonical-json';
import type { EntryId, LotId } from '../ledger/lot';
import { registerOf, type HouseholdRecord, type RecordChange, type RecordType } from '../records/record';
import type { Household } from '../records/household';
import type { Format } from '../format/format';
import type { PriceNote } from '../price/price-note';
import type { Deed } from './deed';

/** A register that a deed changed: what it held, and what the deed wrote. */
export interface Rewritten {
  readonly type: RecordType;
  readonly key: string;
  readonly was: HouseholdRecord['value'];
  readonly wrote: HouseholdRecord['value'];
}

/** A deed that is on the disk, as it can be taken back. */
export interface Done {
  readonly say: string;
  readonly entries: readonly EntryId[];
  readonly rewritten: readonly Rewritten[];
}

const same = (a: unknown, b: unknown): boolean => canonicalJson(a ?? null) === canonicalJson(b ?? null);

/**
 * Takes a deed back: its entries are undone, and its registers go back to what they were, but for
 * those that no longer hold what it wrote. What somebody has changed since, here or on another
 * device, stays, and is named.
 *
 * @example two dinners planned, one of them changed on the phone since: one goes back, one is named
 */
export function takeBack(household: Household, done: Done, format: Pick<Format, 'weekday'>): Deed {
  const now = (each: Rewritten): HouseholdRecord['value'] =>
    household.records.get(registerOf(each))?.value ?? null;
  // A price that came with a purchase goes and comes with it: it stays where it stands.
  const bought = piecesOf(household, done.entries);
  const own = done.rewritten.filter((each) => !bought.has(pieceOf(each) ?? ''));
  const changed = own.filter((each) => !same(now(each), each.wrote));
  const back = own.filter((each) => !changed.includes(each));
  const isNothing = back.length === 0 && done.entries.length === 0;
  const names = changed.map(({ type, key }) => (type === 'meal' ? format.weekday(key) : WORDS[type]));
  const kept = names.length > 0 ? ` Changed since, so that stays: ${[...new Set(names)].join(', ')}.` : '';
  return {
    facts: done.entries.length > 0 ? [{ type: 'undone', entries: [...done.entries] }] : [],
    records: back.map(backTo),
    say: isNothing ? `Nothing was undone.${kept}` : `Undone: ${done.say}${kept && `.${kept}`}`,
  };
}

/** The pieces that were bought by these entries. */
function piecesOf({ journal }: Household, entries: readonly EntryId[]): ReadonlySet<LotId> {
  const ids = new Set(entries);
  return new Set(
    journal.entries.flatMap((entry) => (entry.type === 'received' && ids.has(entry.id) ? [entry.lot] : [])),
  );
}

/** The piece that a price was noted with. */
const pieceOf = ({ type, wrote }: Rewritten): LotId | undefined =>
  type === 'price' ? (wrote as PriceNote | null)?.lot : undefined;

function backTo({ type, key, was, wrote }: Rewritten): RecordChange {
  return {
    type,
    key,
    change: (known: unknown) => (same(known, wrote) ? was : known),
  } as unknown as RecordChange;
}

/** What a register is called when it is named. */
const WORDS: Readonly<Record<RecordType, string>> = {
  settings: 'settings',
  price: 'a price',
  place: 'a place',
  meal: 'a dinner',
  cutting: 'when a piece is cut',
  'power-cut': 'a power cut',
  reserved: 'what a pack is kept for',
  item: 'a shop item',
  piece: 'a note on a piece',
  basis: 'what a piece counted with',
  wish: 'what is wished of a piece',
  cooked: 'a cooking yield',
  kind: 'a kind of piece',
  slicing: 'where to cut',
  'shop-code': 'a shop’s numbers',
  printing: 'labels',
  shop: 'a shop’s name',
  list: 'a shops’ list',
};
