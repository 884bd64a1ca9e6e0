import * as z from 'zod';

/** What a household thinks of a shop item. */
export const itemChoiceSchema = z.strictObject({
  /** It would not buy this: worth nothing to it, and not in the pile that is compared. */
  unwanted: z.boolean().optional(),
  /** What the shop leaves on it, as a share of its weight, where that differs from the catalogue. */
  leftOn: z.number().min(0).max(0.9).optional(),
});

export type ItemChoice = z.infer<typeof itemChoiceSchema>;
