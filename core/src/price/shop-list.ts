import * as z from 'zod';

const day = z.iso.date();

/** A shop's weekly price list: each line an item, its price a kilogram, and 1 where it is an offer. */
export const shopListsSchema = z.strictObject({
  format: z.literal('vendicus-shop-lists'),
  version: z.literal(1),
  currency: z.string().regex(/^[A-Z]{3}$/),
  shops: z.array(
    z.strictObject({
      shop: z.string().min(1).max(200),
      weeks: z.array(
        z.strictObject({
          on: day,
          lines: z.array(
            z.tuple([
              z.string().regex(/^[a-z][a-z0-9-]*$/),
              z.int().positive(),
              z.union([z.literal(0), z.literal(1)]),
            ]),
          ),
        }),
      ),
    }),
  ),
});

export type ShopLists = z.infer<typeof shopListsSchema>;
export type ShopWeek = ShopLists['shops'][number]['weeks'][number];
