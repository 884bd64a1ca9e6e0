import * as z from 'zod';
import { idSchema } from '../ledger/id';

/** In which unit a shop asks a price. */
export const PRICE_UNITS = ['kg', 'lb', '100g', 'piece', 'pack'] as const;
export type PriceUnit = (typeof PRICE_UNITS)[number];

/** Beyond this a slip is likelier than a price: a million of most currencies. */
export const MOST_ASKED = 100_000_000;

/** A price as it was asked, to the coin: a pound's price brought to a kilogram is no whole coin any more. */
export const askedSchema = z.strictObject({
  /** Smallest coins for one unit. */
  minor: z.int().positive().max(MOST_ASKED),
  unit: z.enum(PRICE_UNITS),
  /** What one weighs, where the unit is a piece or a pack. */
  eachDg: z.int().positive().max(5_000_000).optional(),
});

export type Asked = z.infer<typeof askedSchema>;

/** What a shop asked for an item on a day, brought to smallest coins a kilogram. */
export const priceNoteSchema = z.strictObject({
  item: z.string().regex(/^[a-z][a-z0-9-]*$/),
  shop: z.string().trim().min(1).max(200),
  /** Rounded to whole coins; {@link askedSchema} says it exactly, where it was written down so. */
  perKgMinor: z.int().positive().max(100_000_000),
  asked: askedSchema.optional(),
  on: z.iso.date(),
  /** As it was typed, when it was not a kilogram's price. */
  typed: z.string().max(200).optional(),
  /** True where it was an offer and not the regular price. */
  offer: z.boolean().optional(),
  /** The grade or quality mark it was asked for, as the household calls it. */
  grade: z.string().trim().min(1).max(60).optional(),
  note: z.string().trim().min(1).max(200).optional(),
  /** It was copied from a list that ships for practice, not from a shop's. */
  practice: z.literal(true).optional(),
  /** The purchase that it came with: what is put right there is put right here. */
  lot: idSchema.optional(),
});

export type PriceNote = z.infer<typeof priceNoteSchema>;
