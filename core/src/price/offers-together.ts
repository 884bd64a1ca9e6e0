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

/** A whole piece that is worth asking for, since something of it is on offer. */
export interface WorthAsking {
  readonly kind: Kind;
  /** What is on offer, where and at which price. */
  readonly item: ShopItem;
  readonly note: KeyedNote;
  /** It is not of the piece itself, but of its neighbour in the same part of the animal. */
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
  const offers = kinds.map((kind) => ({
    kind,
    own: ownOffer(book, kind, today),
    cut: cutOffer(book, kind, today),
  }));
  const asked = offers.filter(({ own }) => own === null);
  const cuts = asked.flatMap(({ kind, cut }) => (cut ? [{ kind, ...cut, isNeighbour: false }] : []));
  const neighbours = asked.flatMap(({ kind, cut }): WorthAsking[] => {
    const beside = offers.find(
      (other) => other.kind !== kind && isSamePart(other.kind, kind) && (other.own ?? other.cut),
    );
    const offer = beside?.own ?? beside?.cut;
    return !cut && offer ? [{ kind, ...offer, isNeighbour: true }] : [];
  });
  return [...cuts, ...neighbours];
}

type Offer = Pick<WorthAsking, 'item' | 'note'>;

function offerOf(book: PriceBook, id: string, today: IsoDate): Offer | null {
  const [item, note] = [shopItem(id), standingOffer(book, id, today)];
  return item && note ? { item, note } : null;
}

const ownOffer = (book: PriceBook, { id }: Kind, today: IsoDate): Offer | null =>
  offerOf(book, wholePieceItem(id), today);

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
  return part !== undefined && one.animal === other.animal && part === PART_OF_ANIMAL[other.id];
}
