import * as z from 'zod';

/** How a household keeps meat, where it does otherwise than published or where nothing is. */
export const keepingSchema = z.strictObject({
  /** After so many days a sealed whole piece without a use-by date should be opened or frozen. */
  sealedDays: z.strictObject({
    beef: z.int().positive().max(365),
    lamb: z.int().positive().max(365),
    pork: z.int().positive().max(365),
  }),
  /** Stricter local advice: cook within so many days once it is thawed. */
  thawedDays: z.int().nonnegative().max(5).optional(),
  /** Stricter local advice: never freeze again raw. */
  refreezeRaw: z.literal(false).optional(),
});

export type KeepingRules = z.infer<typeof keepingSchema>;

/** Days that a sealed whole piece without a date may wait; ours, nothing is published. */
export const USUAL_KEEPING: KeepingRules = { sealedDays: { beef: 14, lamb: 14, pork: 7 } };
