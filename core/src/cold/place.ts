import * as z from 'zod';
import { idSchema } from '../ledger/id';

/** A freezer or a refrigerator, or a drawer or shelf within one. */
export const placeSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  cold: z.enum(['freezer', 'refrigerator']),
  /** The place that it is a drawer or a shelf of; temperature and air are that one's. */
  within: idSchema.optional(),
  /** Where it stands among its like, from the top. */
  order: z.int().nonnegative().max(1000).optional(),
  litres: z.number().positive().max(100_000).optional(),
  airC: z.number().min(-60).max(30).optional(),
  /** A fan keeps the frost off, and moves the air. */
  frostFree: z.boolean().optional(),
});

export type Place = z.infer<typeof placeSchema>;
