import * as z from 'zod';

/** Someone who eats here, and how much raw meat a plate is for them. */
export const eaterSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  plateDg: z.int().positive().max(20_000),
});

const coins = z.int().nonnegative().max(1_000_000_000);

/** What the work costs beside the meat. Zero is none. */
export const costSettingsSchema = z.strictObject({
  bagMinor: coins,
  labelMinor: coins,
  /** What an hour at the board is worth to the household. */
  hourMinor: coins,
  tools: z.array(z.strictObject({ name: z.string().trim().min(1).max(60), paidMinor: coins, years: z.number().positive().max(100) })).max(30),
});

/** How a household counts. */
export const settingsSchema = z.strictObject({
  system: z.enum(['metric', 'imperial']),
  decimal: z.enum(['.', ',']),
  currency: z.string().regex(/^[A-Z]{3}$/),
  eaters: z.array(eaterSchema).max(30),
  /** The school of cost that figures are shown under. */
  school: z.enum(['store-value', 'by-weight', 'by-product-credit', 'by-dinner']).optional(),
  costs: costSettingsSchema.optional(),
  /** Litres of freezer, all together. */
  freezerL: z.number().positive().max(100_000).optional(),
});

export type Eater = z.infer<typeof eaterSchema>;
export type Settings = z.infer<typeof settingsSchema>;
export type CostSettings = z.infer<typeof costSettingsSchema>;

export const NO_COSTS: CostSettings = { bagMinor: 0, labelMinor: 0, hourMinor: 0, tools: [] };

/** A plate of raw boneless meat where nobody has said; many households count 150 to 225 g (common practice). */
const USUAL_PLATE_DG = 1900;

/** What an average plate of the household weighs raw. */
export function meanPlateDg({ eaters }: Pick<Settings, 'eaters'>): number {
  return eaters.length === 0 ? USUAL_PLATE_DG : eaters.reduce((sum, { plateDg }) => sum + plateDg, 0) / eaters.length;
}

/** What counts until the household has said otherwise. */
export const DEFAULT_SETTINGS: Settings = { system: 'metric', decimal: '.', currency: 'EUR', eaters: [] };
