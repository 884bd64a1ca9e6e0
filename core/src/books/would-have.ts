import { sum } from 'd3-array';
import { kindById, KINDS } from '../catalogue/kinds';
import { shopItem, type ShopItem } from '../catalogue/shop-items';
import type { Carrier } from '../cost/method';
import { goingOf } from '../cost/part-price';
import type { CostBasis } from '../cost/carriers';
import { bonelessShare, eatenShare, type Skin } from '../cost/plates';
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
  { pricing, plate }: Pick<CostBasis, 'pricing' | 'plate'>,
  on: IsoDate,
): Minor | null {
  if (instead === 'nothing') return 0;
  if (instead === 'half') return roundHalfUp(worthMinor / 2);
  if (instead === 'cut') return worthMinor;
  const item = insteadItem === undefined ? undefined : shopItem(insteadItem);
  const going = item && goingOf({ ...pricing, grade: null }, item.id, on);
  return item && going
    ? roundHalfUp(
        (going.perKgMinor * meatDgOf(carriers, plate.skin)) / 10_000 / meatShareOf(item, plate.skin),
      )
    : null;
}

/** Boneless meat to eat. */
function meatDgOf(carriers: readonly Weighed[], skin?: Skin): MassDg {
  return sum(
    carriers,
    ({ lot: { kind, part }, destination, massDg }) =>
      massDg * bonelessShare({ kind, part, destination }, skin),
  );
}

/** How much of a kilogram of an item is boneless meat: of a piece, cut the usual way; of a cut, all but its bone. */
function meatShareOf({ id, piece }: ShopItem, skin?: Skin): number {
  const kind = kindById(piece ?? null);
  const [way] = kind?.ways ?? [];
  if (!kind || !way) return meatShareOfCut(id, skin);
  const shares = Object.entries(way.shares).map(([part, share]) => {
    const destination = kind.parts.find((each) => each.id === part)?.destination ?? 'bin';
    return share * bonelessShare({ kind: kind.id, part, destination }, skin);
  });
  return Math.max(0.01, sum(shares));
}

/** Of a cut that some kind's part is: what is eaten of that. */
function meatShareOfCut(item: string, skin?: Skin): number {
  for (const { id, parts } of KINDS) {
    const part = parts.find(({ shopItem: is, leftOn = 0 }) => is === item && leftOn === 0);
    if (part) return eatenShare({ kind: id, part: part.id }, skin);
  }
  return 1 - (BONE[item] ?? 0);
}

/** Bone in cuts that no part is; estimates, from memory. */
const BONE: Readonly<Record<string, number>> = {
  'chicken-half': 0.26,
  'pork-chop-bone-in': 0.18,
  'lamb-leg-bone-in': 0.24,
  'lamb-rack-roast': 0.25,
};
