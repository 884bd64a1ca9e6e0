import { kindById } from '../catalogue/kinds';
import { itemForDestination } from '../catalogue/shop-items';
import { DESTINATION_IDS } from '../ledger/destination';
import type { Lot } from '../ledger/lot';
import { goingPrice, type GoingPrice } from '../price/going-price';
import type { KeyedNote, PriceBook } from '../price/price-book';
import { perKg, rateAsked, rateOfNumber, type Rate } from '../price/rate';
import { daysBetween, type IsoDate } from '../units/date';
import type { Pricing } from './part-price';
import type { PieceBasis } from './piece-basis';
import type { Plate } from './plates';

/** What pieces count with now. */
interface CountedBy {
  readonly pricing: Pricing;
  readonly plate: Plate;
  readonly isByPound?: boolean;
}

type PieceBought = Pick<Lot, 'kind' | 'animal' | 'on' | 'grade'>;

/** Every item that a part of a piece may be compared with. */
function itemsOf({ kind: id, animal }: PieceBought): string[] {
  const kind = kindById(id);
  const own = (kind?.parts ?? []).flatMap(({ shopItem, orElse }) => [shopItem, orElse?.item]);
  const larger = (kind?.readyCut ?? []).map(({ item }) => item);
  const general = animal ? DESTINATION_IDS.map((to) => itemForDestination(animal, to)?.id) : [];
  return [...new Set([...own, ...larger, ...general].filter((item) => item !== undefined))];
}

/**
 * What a piece counts with now, as values: to be written down when it is closed.
 *
 * @example strip steak at 14.99 a pound, from one note: { item: 'strip-steak', perKg: 3304.7…, asked: { minor: 1499, unit: 'lb' }, notes: ['k1'] }
 */
export function basisOfPiece(piece: PieceBought, { pricing, plate, isByPound }: CountedBy): PieceBasis {
  const items = itemsOf(piece);
  const prices = items.flatMap((item) => {
    const going = goingPrice(pricing.book, item, piece.on ?? '', piece.grade);
    return going ? [{ item, ...asValue(going), notes: going.notes.map(({ key }) => key) }] : [];
  });
  const choices = items.map((item) => ({ item, choice: pricing.choices.get(item) }));
  const which = (is: (choice: NonNullable<(typeof choices)[number]['choice']>) => boolean): string[] =>
    choices.flatMap(({ item, choice }) => (choice && is(choice) ? [item] : []));
  const unwanted = which((choice) => choice.unwanted ?? false);
  const moreFat = which((choice) => choice.moreFat ?? false);
  const leftOn = Object.fromEntries(
    choices.flatMap(({ item, choice }) => (choice?.leftOn === undefined ? [] : [[item, choice.leftOn]])),
  );
  return {
    prices,
    ...(unwanted.length > 0 ? { unwanted } : {}),
    ...(moreFat.length > 0 ? { moreFat } : {}),
    ...(Object.keys(leftOn).length > 0 ? { leftOn } : {}),
    ...(isByPound ? { byPound: true as const } : {}),
    plateDg: Math.max(1, Math.round(plate.dg)),
    ...(plate.skin === 'left' ? { skin: plate.skin } : {}),
  };
}

/** One shop's price as it was asked; a middle of several as a number. */
function asValue({
  perKgMinor,
  rate,
  notes,
}: GoingPrice): Pick<PieceBasis['prices'][number], 'perKg' | 'asked'> {
  const same = notes.find(({ asked }) => asked && isRate(rateAsked(asked), rate));
  return { perKg: perKgMinor, ...(same?.asked ? { asked: same.asked } : {}) };
}

const isRate = (one: Rate | null, other: Rate): boolean =>
  one !== null && one.coins === other.coins && one.per === other.per;

/** What a price that was fixed is, as an item's going price; with those of its notes that are there still. */
function fixedPrice(
  { perKg: value, asked, notes: keys }: PieceBasis['prices'][number],
  notes: ReadonlyMap<string, KeyedNote>,
  on: IsoDate,
): GoingPrice {
  const there = keys.flatMap((key) => notes.get(key) ?? []);
  const rate = (asked && rateAsked(asked)) ?? rateOfNumber(value);
  const [newest] = there;
  return { perKgMinor: perKg(rate), rate, notes: there, ageDays: newest ? daysBetween(newest.on, on) : 0 };
}

const notesByItem = new WeakMap<PriceBook, ReadonlyMap<string, KeyedNote>>();

function notesOfBook(book: PriceBook): ReadonlyMap<string, KeyedNote> {
  const known = notesByItem.get(book);
  if (known) return known;
  const notes = new Map([...book.byItem.values()].flat().map((note) => [note.key, note]));
  notesByItem.set(book, notes);
  return notes;
}

/**
 * The pricing of a closed piece: by what it counted with. Its shares know nothing else; a comparison
 * takes what it has no price for from the book of today.
 */
export function fixedPricing(
  { prices, unwanted = [], leftOn = {}, moreFat = [] }: PieceBasis,
  live: Pricing,
  on: IsoDate,
  use: 'shares' | 'comparison',
): Pricing {
  const notes = notesOfBook(live.book);
  const fixed = new Map(prices.map((price) => [price.item, fixedPrice(price, notes, on)]));
  if (use === 'comparison') return { ...live, fixed };
  const items = new Set([...unwanted, ...moreFat, ...Object.keys(leftOn)]);
  const choices = new Map(
    [...items].map((item) => [
      item,
      {
        ...(unwanted.includes(item) ? { unwanted: true } : {}),
        ...(moreFat.includes(item) ? { moreFat: true } : {}),
        ...(leftOn[item] === undefined ? {} : { leftOn: leftOn[item] }),
      },
    ]),
  );
  return { ...live, choices, fixed, isFixedOnly: true };
}
