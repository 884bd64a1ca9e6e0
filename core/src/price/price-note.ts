import * as z from 'zod';

/** In which unit a shop asks a price. */
export const PRICE_UNITS = ['kg', 'lb', '100g', 'piece', 'pack'] as const;
export type PriceUnit = (typeof PRICE_UNITS)[number];

/** What a shop asked for an item on a day, brought to smallest coins a kilogram. */
export const priceNoteSchema = z.strictObject({
  item: z.string().regex(/^[a-z][a-z0-9-]*$/),
  shop: z.string().trim().min(1).max(200),
  perKgMinor: z.int().positive().max(100_000_000),
  on: z.iso.date(),
  /** As it was typed, when it was not a kilogram's price. */
  typed: z.string().max(200).optional(),
  /** True where it was an offer and not the regular price. */
  offer: z.boolean().optional(),
  /** The grade or quality mark it was asked for, as the household calls it. */
  grade: z.string().trim().min(1).max(60).optional(),
  note: z.string().trim().min(1).max(200).optional(),
});

export type PriceNote = z.infer<typeof priceNoteSchema>;
