import { z } from 'zod';

/** Someone who eats here, and how much raw meat a plate is for them. */
export const eaterSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  plateDg: z.int().positive().max(20_000),
});

/** How a household counts. */
export const settingsSchema = z.strictObject({
  system: z.enum(['metric', 'imperial']),
  decimal: z.enum(['.', ',']),
  currency: z.string().regex(/^[A-Z]{3}$/),
  eaters: z.array(eaterSchema).max(30),
});

export type Eater = z.infer<typeof eaterSchema>;
export type Settings = z.infer<typeof settingsSchema>;

/** What counts until the household has said otherwise. */
export const DEFAULT_SETTINGS: Settings = { system: 'metric', decimal: '.', currency: 'EUR', eaters: [] };
