import { sum } from 'd3-array';
import { kindById } from '../catalogue/kinds';
import { shopItem, type ShopItem } from '../catalogue/shop-items';
import type { Carrier } from '../cost/method';
import { goingOf, type Pricing } from '../cost/part-price';
import { bonelessShare } from '../cost/plates';
import type { Lot } from '../ledger/lot';
import type { IsoDate } from '../units/date';
import type { MassDg } from '../units/mass';
import { roundHalfUp, type Minor } from '../units/money';
import type { KindWish } from '../cost/kind-wish';

/** What would really have been bought for the plates of a piece. */
export type Instead = NonNullable<KindWish['instead']>;

type Weighed = Carrier & { readonly lot: Pick<Lot, 'kind' | 'part'> };

/**
 * What would really have been bought for the plates of a piece, and what that costs: its parts cut, half
 * as much of them, another piece or cut that makes as many plates, or nothing.
 *
 * @param worthMinor what its parts would have cost cut
 * @param on the day that it was bought
 * @returns null where the price of the other piece is not known
 * @example pork loin of 3.7 kg of meat, instead of which mince at 9.00 would have been bought: 33.30
 */
export function wouldHaveCost(
  { instead = 'cut', insteadItem }: KindWish,
  worthMinor: Minor,
  carriers: readonly Weighed[],
  pricing: Pricing,
  on: IsoDate,
): Minor | null {
  if (instead === 'nothing') return 0;
  if (instead === 'half') return roundHalfUp(worthMinor / 2);
  if (instead === 'cut') return worthMinor;
  const item = insteadItem === undefined ? undefined : shopItem(insteadItem);
  const going = item && goingOf({ ...pricing, grade: null }, item.id, on);
  return item && going
    ? roundHalfUp((going.perKgMinor * meatDgOf(carriers)) / 10_000 / meatShareOf(item))
    : null;
}

/** Boneless meat to eat. */
function meatDgOf(carriers: readonly Weighed[]): MassDg {
  return sum(
    carriers,
    ({ lot, destination, massDg }) => massDg * bonelessShare({ kind: lot.kind, part: lot.part, destination }),
  );
}

/** How much of a kilogram of an item is boneless meat: of a piece, cut the usual way; of a cut, all but its bone. */
function meatShareOf({ id, piece }: ShopItem): number {
  const kind = kindById(piece ?? null);
  const [way] = kind?.ways ?? [];
  if (!kind || !way) return 1 - boneOf(id);
  const shares = Object.entries(way.shares).map(([part, share]) => {
    const destination = kind.parts.find((each) => each.id === part)?.destination ?? 'bin';
    return share * bonelessShare({ kind: kind.id, part, destination });
  });
  return Math.max(0.01, sum(shares));
}

/** Bone in an item that some kind's part is. */
function boneOf(item: string): number {
  return BONE[item] ?? 0;
}

/** Bone and skin in ready-cut items that are sold with them, against what is eaten; estimates, from memory. */
const BONE: Readonly<Record<string, number>> = {
  'chicken-breast-bone-in': 0.2,
  'chicken-thigh-bone-in': 0.21,
  'chicken-drumstick': 0.33,
  'chicken-wing': 0.46,
  'chicken-leg-quarter': 0.26,
  'chicken-breast-quarter': 0.26,
  'chicken-half': 0.34,
  'turkey-breast-bone-in': 0.22,
  'turkey-thigh': 0.2,
  'turkey-drumstick': 0.35,
  'turkey-wing': 0.4,
  'rib-steak-bone-in': 0.22,
  'rib-roast-bone-in': 0.22,
  'pork-chop-bone-in': 0.18,
  'pork-ribs-squared': 0.3,
  'lamb-leg-bone-in': 0.24,
  'lamb-shank': 0.4,
  'lamb-rib-chop': 0.25,
  'lamb-rack-roast': 0.25,
};
