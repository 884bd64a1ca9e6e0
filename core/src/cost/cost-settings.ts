import * as z from 'zod';

const coins = z.int().nonnegative().max(1_000_000_000);

/** What the work costs beside the meat. Zero is none. */
export const costSettingsSchema = z.strictObject({
  bagMinor: coins,
  labelMinor: coins,
  /** What an hour at the board is worth to the household. */
  hourMinor: coins,
  /** What the freezer takes in electricity, a year. */
  energyMinor: coins.optional(),
  /** What a trip to the shop costs; of the pieces of one day and shop each carries its part. */
  tripMinor: coins.optional(),
  tools: z
    .array(
      z.strictObject({
        name: z.string().trim().min(1).max(60),
        paidMinor: coins,
        years: z.number().positive().max(100),
      }),
    )
    .max(30),
});

export type CostSettings = z.infer<typeof costSettingsSchema>;

export const NO_COSTS: CostSettings = { bagMinor: 0, labelMinor: 0, hourMinor: 0, tools: [] };
