import * as z from 'zod';

/** What a household thinks of a shop item. */
export const itemChoiceSchema = z.strictObject({
  /** It would not buy this: worth nothing to it, and not in the pile that is compared. */
  unwanted: z.boolean().optional(),
  /** What of it is thrown away at home, as a share of its weight, where that differs from the catalogue. */
  leftOn: z.number().min(0).max(0.9).optional(),
  /** Somebody has seen that the shop leaves more fat on it than we do. */
  moreFat: z.boolean().optional(),
});

export type ItemChoice = z.infer<typeof itemChoiceSchema>;
