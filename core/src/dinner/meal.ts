import * as z from 'zod';

/** What comes out of a pack for a dinner: so many plates of it, so many portions, or all. */
const servingSchema = z.strictObject({
  lot: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/),
  amount: z.union([
    z.strictObject({ plates: z.int().positive().max(1000) }),
    z.strictObject({ count: z.int().positive().max(1000) }),
    z.literal('all'),
  ]),
  /** How it is to thaw, where the household has said. */
  way: z.enum(['refrigerator', 'cold-water', 'from-frozen']).optional(),
});

/** The dinner of one day: what is served, and who is there. */
export const mealSchema = z.strictObject({
  servings: z.array(servingSchema).max(20),
  guests: z.int().nonnegative().max(60),
  /** Eaters of the household who are not there. */
  absent: z.array(z.string().trim().min(1).max(60)).max(30),
  /** When it is on the table, where that is not the usual hour. */
  at: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/)
    .optional(),
  /** No meat on this day, on purpose. */
  meatless: z.boolean().optional(),
});

export type Serving = z.infer<typeof servingSchema>;
export type Meal = z.infer<typeof mealSchema>;

/** A day of which nothing is planned. */
export const NO_MEAL: Meal = { servings: [], guests: 0, absent: [] };
