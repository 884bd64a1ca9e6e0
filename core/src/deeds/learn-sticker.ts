import type { ShopLayout } from '../label/shop-code';
import type { RecordValue } from '../records/record';
import type { Deed } from './deed';

type Learnt = RecordValue<'shop-code'>;

/**
 * Learns how a shop makes the numbers on its stickers, from one of them.
 *
 * @param kind what this sticker is on
 */
export function learnSticker(
  key: string,
  { shop, digits, layout, kind }: { shop: string; digits: string; layout: ShopLayout; kind: string },
): Deed {
  const value: Learnt = {
    shop,
    layout: { ...layout, item: [...layout.item], value: [...layout.value] },
    items: { [digits.slice(...layout.item)]: kind },
  };
  return {
    records: [{ type: 'shop-code', key, value }],
    say: `Learnt: ${shop}’s numbers carry the ${layout.of}`,
  };
}

/** An item number of a shop is a kind from now on. */
export function nameStickerItem(
  { key, known }: { readonly key: string; readonly known: Learnt },
  item: string,
  kind: { readonly id: string; readonly name: string },
): Deed {
  return {
    records: [
      {
        type: 'shop-code',
        key,
        change: (now = known) => ({ ...now, items: { ...now.items, [item]: kind.id } }),
      },
    ],
    say: `${known.shop}’s ${item} is ${kind.name.toLowerCase()}`,
  };
}
