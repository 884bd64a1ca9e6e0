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

/** Where a household's lists come from: a file that it read, or a path on the server that it uses. */
export const listSourceSchema = z.union([
  z.strictObject({ name: z.string().trim().min(1).max(200), lists: shopListsSchema }),
  z.strictObject({
    name: z.string().trim().min(1).max(200),
    /** From the server's root: nothing is fetched from anywhere else. */
    path: z
      .string()
      .max(500)
      .regex(/^\/(?!\/)[^\s\\]*$/),
  }),
]);

export type ListSource = z.infer<typeof listSourceSchema>;
export type ShopLists = z.infer<typeof shopListsSchema>;
export type ShopWeek = ShopLists['shops'][number]['weeks'][number];
