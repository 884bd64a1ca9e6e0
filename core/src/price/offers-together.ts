import { group } from 'd3-array';
import type { Kind } from '../catalogue/kind-schema';
import { shopItem, wholePieceItem, type ShopItem } from '../catalogue/shop-items';
import type { IsoDate } from '../units/date';
import type { KeyedNote, PriceBook } from './price-book';
import { standingOffer } from './standing-offer';

/** From which part of the animal a kind is (common practice); a whole bird is all of it. */
const PART_OF_ANIMAL: Readonly<Record<string, string>> = {
  'strip-loin': 'loin',
  'beef-tenderloin': 'loin',
  'beef-tenderloin-peeled': 'loin',
  ribeye: 'rib',
  'rib-seven-bones': 'rib',
  'top-round': 'round',
  'eye-of-round': 'round',
  'pork-loin': 'loin',
  'pork-spare-ribs': 'side',
  'pork-shoulder-butt': 'shoulder',
  'lamb-leg': 'leg',
  'lamb-rack': 'rack',
};

/** Whole pieces that are worth asking for, since something of them is on offer. */
export interface WorthAsking {
  readonly kinds: readonly [Kind, ...Kind[]];
  /** What is on offer, where and at which price. */
  readonly item: ShopItem;
  readonly note: KeyedNote;
  /** It is not of the pieces themselves, but of their neighbour in the same part of the animal. */
  readonly isNeighbour: boolean;
}

/**
 * Offers go together: where a shop has bought much of one part of the animal, its cuts go down and
 * the whole piece often can be had for less as well, though nobody wrote that on a sign (common
 * practice). The whole pieces to ask for, those of which a cut is on offer before their neighbours.
 *
 * @returns none whose own price is an offer already
 * @example strip steak on offer: the strip loin; and the tenderloin, its neighbour
 */
export function offersTogether(book: PriceBook, kinds: readonly Kind[], today: IsoDate): WorthAsking[] {
  const offers = kinds.map((kind) => {
    const own = offerOf(book, wholePieceItem(kind.id), today);
    return { kind, own, offer: own ?? cutOffer(book, kind, today) };
  });
  const asked = offers.filter(({ own }) => own === null);
  const cuts = asked.flatMap(({ kind, offer }) => (offer ? [{ ...offer, kind, isNeighbour: false }] : []));
  const neighbours = asked.flatMap(({ kind, offer }) => {
    const beside = offers.find((other) => other.offer && isSamePart(other.kind, kind))?.offer;
    return !offer && beside ? [{ ...beside, kind, isNeighbour: true }] : [];
  });
  const byOffer = group([...cuts, ...neighbours], ({ note, isNeighbour }) => `${note.key} ${isNeighbour}`);
  return [...byOffer.values()].flatMap(([first, ...others]): WorthAsking[] => {
    if (!first) return [];
    const { item, note, isNeighbour } = first;
    return [{ item, note, isNeighbour, kinds: [first.kind, ...others.map(({ kind }) => kind)] }];
  });
}

type Offer = Pick<WorthAsking, 'item' | 'note'>;

function offerOf(book: PriceBook, id: string, today: IsoDate): Offer | null {
  const [item, note] = [shopItem(id), standingOffer(book, id, today)];
  return item && note ? { item, note } : null;
}

/** Of the cuts that are the reason to buy it: ground meat on offer says nothing of a loin. */
function cutOffer(book: PriceBook, { parts }: Kind, today: IsoDate): Offer | null {
  for (const { destination, shopItem: id } of parts) {
    const offer = destination === 'main' && id ? offerOf(book, id, today) : null;
    if (offer) return offer;
  }
  return null;
}

function isSamePart(one: Kind, other: Kind): boolean {
  const part = PART_OF_ANIMAL[one.id];
  return (
    one !== other && part !== undefined && one.animal === other.animal && part === PART_OF_ANIMAL[other.id]
  );
}
