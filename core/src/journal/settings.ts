import * as z from 'zod';
import { animalSchema } from '../catalogue/kind-schema';

/** Someone who eats here, and how much raw meat a plate is for them. */
const plateDg = z.int().positive().max(20_000);
export const eaterSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  plateDg,
  /** Where a plate of one animal is larger or smaller. */
  byAnimal: z.partialRecord(animalSchema, plateDg).optional(),
});

/** A kind of pack that a household wants: who eats of it, how many guests, and how many of them. */
export const wantedPackSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  eaters: z.array(z.string().trim().min(1).max(60)).max(30),
  guests: z.int().nonnegative().max(30),
  least: z.int().nonnegative().max(200),
  most: z.int().nonnegative().max(200),
});

/** How a household wraps. */
export const wrappingSchema = z.strictObject({
  packs: z.array(wantedPackSchema).max(20),
  /** What may share a pack. */
  sharing: z.enum(['same-part', 'white-and-dark-apart', 'bird-parts-together']),
  /** Whether plates are meant raw or cooked. */
  appetite: z.enum(['raw', 'cooked']),
  tolerance: z.number().min(0.02).max(0.5),
  /** Least and most that a bag of ground meat, stew and the like holds. */
  bagDg: z.tuple([z.int().positive().max(100_000), z.int().positive().max(100_000)]),
  /** How many pieces lie flat in one bag. */
  flatPieces: z.int().positive().max(50),
  wrap: z.string().trim().min(1).max(60),
});

const coins = z.int().nonnegative().max(1_000_000_000);

/** What the work costs beside the meat. Zero is none. */
export const costSettingsSchema = z.strictObject({
  bagMinor: coins,
  labelMinor: coins,
  /** What an hour at the board is worth to the household. */
  hourMinor: coins,
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

const hour = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/);
/** When a household eats, and how. */
export const dinnersSchema = z.strictObject({
  /** When dinner is on the table. */
  at: hour,
  /** Weekdays without meat, Monday is 1 and Sunday 7. */
  meatless: z.array(z.int().min(1).max(7)).max(7),
  /** Between these somebody can take a pack out. */
  awake: z.tuple([hour, hour]),
  /** Minutes that meat has to be thawed before it is on the table; 45 where nothing is said. */
  cookMinutes: z.int().nonnegative().max(1440).optional(),
  /** Part of the ids in its calendar files, so that two households' do not meet. */
  calendar: z
    .string()
    .regex(/^[a-z0-9]{1,40}$/)
    .optional(),
});

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

/** How a household counts. */
export const settingsSchema = z.strictObject({
  system: z.enum(['metric', 'imperial']),
  decimal: z.enum(['.', ',']),
  currency: z.string().regex(/^[A-Z]{3}$/),
  eaters: z.array(eaterSchema).max(30),
  /** The school of cost that figures are shown under. */
  school: z.enum(['store-value', 'by-weight', 'by-product-credit', 'by-dinner']).optional(),
  costs: costSettingsSchema.optional(),
  /** Litres of freezer, all together, where the places do not say how many they have. */
  freezerL: z.number().positive().max(100_000).optional(),
  wrapping: wrappingSchema.optional(),
  dinners: dinnersSchema.optional(),
  keeping: keepingSchema.optional(),
});

export type WantedPack = z.infer<typeof wantedPackSchema>;
export type Wrapping = z.infer<typeof wrappingSchema>;
export type KeepingRules = z.infer<typeof keepingSchema>;
export type Dinners = z.infer<typeof dinnersSchema>;
export type Eater = z.infer<typeof eaterSchema>;
export type Settings = z.infer<typeof settingsSchema>;
export type CostSettings = z.infer<typeof costSettingsSchema>;

/** How packs are made until the household has said otherwise: dinners for all, and one small pack of what is over. */
export function usualWrapping({ eaters }: Pick<Settings, 'eaters'>): Wrapping {
  const names = eaters.map(({ name }) => name);
  const wanted = (name: string, who: readonly string[], most: number): WantedPack => ({
    name,
    eaters: [...who],
    guests: 0,
    least: 0,
    most,
  });
  const packs = [
    ...(names.length > 0 ? [wanted(names.length === 1 ? 'dinner' : 'dinner for all', names, 20)] : []),
    ...(names.length > 2 ? [wanted('for two', names.slice(0, 2), 1)] : []),
    ...(names.length > 1 ? [wanted('for one', names.slice(0, 1), 1)] : []),
  ];
  return {
    packs,
    sharing: 'white-and-dark-apart',
    appetite: 'raw',
    tolerance: 0.25,
    bagDg: [2000, 15_000],
    flatPieces: 4,
    wrap: 'vacuum bag',
  };
}

/** Dinners until the household has said otherwise. */
export const USUAL_DINNERS: Dinners = { at: '19:00', meatless: [], awake: ['07:00', '22:00'] };

/** The minutes to cook until the household has said otherwise. */
export const USUAL_COOK_MINUTES = 45;

/** Days that a sealed whole piece without a date may wait; ours, nothing is published. */
export const USUAL_KEEPING: KeepingRules = { sealedDays: { beef: 14, lamb: 14, pork: 7 } };

export const NO_COSTS: CostSettings = { bagMinor: 0, labelMinor: 0, hourMinor: 0, tools: [] };

/** A plate of raw boneless meat where nobody has said; many households count 150 to 225 g (common practice). */
const USUAL_PLATE_DG = 1900;

/** What an average plate of the household weighs raw. */
export function meanPlateDg({ eaters }: Pick<Settings, 'eaters'>): number {
  return eaters.length === 0
    ? USUAL_PLATE_DG
    : eaters.reduce((sum, { plateDg }) => sum + plateDg, 0) / eaters.length;
}

/** What counts until the household has said otherwise. */
export const DEFAULT_SETTINGS: Settings = { system: 'metric', decimal: '.', currency: 'EUR', eaters: [] };
