import * as z from 'zod';
import { COST_METHOD_IDS } from '../cost/method';
import { costSettingsSchema } from '../cost/cost-settings';
import { dinnersSchema } from '../dinner/dinners';
import { keepingSchema } from '../freeze/keeping-rules';
import { eaterSchema } from '../pack/eater';
import { wrappingSchema } from '../pack/wrapping';

/** How a household counts. */
export const settingsSchema = z.strictObject({
  system: z.enum(['metric', 'imperial']),
  decimal: z.enum(['.', ',']),
  currency: z.string().regex(/^[A-Z]{3}$/),
  eaters: z.array(eaterSchema).max(30),
  /** The method of cost that figures are shown under; called so in files since the first. */
  school: z.enum(COST_METHOD_IDS).optional(),
  costs: costSettingsSchema.optional(),
  /** Litres of freezer, all together, where the places do not say how many they have. */
  freezerL: z.number().positive().max(100_000).optional(),
  wrapping: wrappingSchema.optional(),
  dinners: dinnersSchema.optional(),
  keeping: keepingSchema.optional(),
});

export type Settings = z.infer<typeof settingsSchema>;

/** What counts until the household has said otherwise. */
export const DEFAULT_SETTINGS: Settings = { system: 'metric', decimal: '.', currency: 'EUR', eaters: [] };
