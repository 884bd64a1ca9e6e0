import * as z from 'zod';

const digits = z.tuple([z.int().min(0).max(13), z.int().min(0).max(13)]);
/** How a shop makes the numbers on its stickers, and what its item numbers are. */
export const shopCodeSchema = z.strictObject({
  shop: z.string().trim().min(1).max(200),
  layout: z.strictObject({
    length: z.union([z.literal(12), z.literal(13)]),
    item: digits,
    value: digits,
    of: z.enum(['price', 'weight']),
    unit: z.number().positive().max(1000),
    innerCheck: z.int().min(0).max(12).nullable(),
  }),
  /** Kinds of piece by item number. */
  items: z.record(z.string().regex(/^\d{1,14}$/), z.string().max(60)),
});
