import * as z from 'zod';
import { askedSchema } from '../price/price-note';

const item = z.string().regex(/^[a-z][a-z0-9-]*$/);

/**
 * What a closed piece counted with, written when it was closed: the prices as values, with the notes
 * that they came from, and what was thought of them. What is noted later does not move what it cost.
 */
export const pieceBasisSchema = z.strictObject({
  prices: z
    .array(
      z.strictObject({
        item,
        /** Smallest coins a kilogram, unrounded. */
        perKg: z.number().positive().max(1e9),
        /** The same as it was asked, where it is one shop's price. */
        asked: askedSchema.optional(),
        /** Keys of the notes that it is the going price of. */
        notes: z.array(z.string().trim().min(1).max(250)).max(200),
      }),
    )
    .max(300),
  /** Items that nobody here would have bought. */
  unwanted: z.array(item).max(300).optional(),
  /** What of an item is thrown away, where the household has a figure of its own. */
  leftOn: z.record(item, z.number().min(0).max(0.9)).optional(),
  /** Items that were seen with more fat on. */
  moreFat: z.array(item).max(300).optional(),
  /** It was weighed in pounds and ounces. */
  byPound: z.literal(true).optional(),
  /** The mean plate, raw and boneless, for what makes plates. */
  plateDg: z.int().positive().max(1_000_000),
  /** The skin of birds was left. */
  skin: z.literal('left').optional(),
});

export type PieceBasis = z.infer<typeof pieceBasisSchema>;
