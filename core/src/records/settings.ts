import * as z from 'zod';
import { COST_METHOD_IDS } from '../cost/method-ids';
import { costSettingsSchema } from '../cost/cost-settings';
import { dinnersSchema } from '../dinner/dinners';
import { feastsSchema } from '../feast/feast-schemas';
import { keepingSchema } from '../cold/keeping-rules';
import { eaterSchema } from '../pack/eater';
import { wrappingSchema } from '../pack/wrapping';

const settingsSchema = z.strictObject({
  system: z.enum(['metric', 'imperial']),
  decimal: z.enum(['.', ',']),
  currency: z.string().regex(/^[A-Z]{3}$/),
  eaters: z.array(eaterSchema).max(30),
  /** Whether this household eats the skin of birds; unsaid counts as eaten. */
  skin: z.enum(['eaten', 'left']).optional(),
  /** The method of cost that figures are shown under; called so in files since the first. */
  school: z.enum(COST_METHOD_IDS).optional(),
  costs: costSettingsSchema.optional(),
  /** Litres of freezer, all together, where the places do not say how many they have. */
  freezerL: z.number().positive().max(100_000).optional(),
  wrapping: wrappingSchema.optional(),
  dinners: dinnersSchema.optional(),
  keeping: keepingSchema.optional(),
  /** Feasts around which shops' offers are looked for. */
  feasts: feastsSchema.optional(),
});

/** How a household counts. */
export type Settings = z.infer<typeof settingsSchema>;

/** What counts until the household has said otherwise. */
export const DEFAULT_SETTINGS: Settings = { system: 'metric', decimal: '.', currency: 'EUR', eaters: [] };

/**
 * What is said together is one register: so of two devices, one that changes the eaters and one that
 * changes the costs, both are heard.
 */
export const SETTINGS_GROUPS = {
  units: ['system', 'decimal'],
  currency: ['currency'],
  eaters: ['eaters'],
  skin: ['skin'],
  method: ['school'],
  costs: ['costs'],
  room: ['freezerL'],
  wrapping: ['wrapping'],
  dinners: ['dinners'],
  keeping: ['keeping'],
  feasts: ['feasts'],
} as const satisfies Record<string, readonly (keyof Settings)[]>;

export type SettingsGroup = keyof typeof SETTINGS_GROUPS;

/** A group of them; under the key `household`, as until version 5 of the file, all of them. */
export const settingsPartSchema = settingsSchema.partial();

/** Of some settings, what belongs to one group. */
export function partOfGroup(group: SettingsGroup, values: Partial<Settings>): Partial<Settings> {
  // A file that a hand has changed may name a group that is none: it says nothing.
  const fields: readonly (keyof Settings)[] = Object.hasOwn(SETTINGS_GROUPS, group)
    ? SETTINGS_GROUPS[group]
    : [];
  return Object.fromEntries(
    fields.flatMap((field) => (values[field] === undefined ? [] : [[field, values[field]]])),
  );
}

/** Settings by their groups; without those of which nothing is said. */
export function settingsGroups(
  values: Partial<Settings>,
): { readonly key: SettingsGroup; readonly value: Partial<Settings> }[] {
  return (Object.keys(SETTINGS_GROUPS) as SettingsGroup[])
    .map((key) => ({ key, value: partOfGroup(key, values) }))
    .filter(({ value }) => Object.keys(value).length > 0);
}
