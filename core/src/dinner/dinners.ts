import * as z from 'zod';

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

export type Dinners = z.infer<typeof dinnersSchema>;

/** Dinners until the household has said otherwise. */
export const USUAL_DINNERS: Dinners = { at: '19:00', meatless: [], awake: ['07:00', '22:00'] };

/** The minutes to cook until the household has said otherwise. */
export const USUAL_COOK_MINUTES = 45;
