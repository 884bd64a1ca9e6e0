import * as z from 'zod';
import { destinationSchema } from '../ledger/destination';
import { idSchema } from '../ledger/id';

/**
 * What a household wishes of a kind of piece, kept for the next time: how it is cut, the state in which
 * it is sold here, where its lesser parts go, and what would be bought instead of it.
 */
export const kindWishSchema = z.strictObject({
  way: idSchema.optional(),
  /** Marks of the kind that are states: shank off, with giblets, brined. */
  states: z.array(idSchema).max(20).optional(),
  /** Where parts go, where that is not the usual: scraps to stock, the shank to grind. */
  goes: z.record(idSchema, destinationSchema).optional(),
  /** What would really have been bought for these plates: its cuts, another piece, half as much, nothing. */
  instead: z.enum(['cut', 'piece', 'half', 'nothing']).optional(),
  /** The item of the other piece. */
  insteadItem: z
    .string()
    .regex(/^[a-z][a-z0-9-]*$/)
    .optional(),
});

export type KindWish = z.infer<typeof kindWishSchema>;
