import * as z from 'zod';

const month = z.int().min(1).max(12);
/** Further from Easter nothing moves with it; and within so many days it stays in Easter's year. */
export const EASTER_DAYS = 80;

/** How a feast comes back: each year on the same day, so many days from Easter, or on a weekday of a month. */
export const feastRuleSchema = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('day'), month, day: z.int().min(1).max(31) }),
  z.strictObject({ by: z.literal('easter'), offset: z.int().min(-EASTER_DAYS).max(EASTER_DAYS) }),
  /** The weekday from Monday, 1, to Sunday, 7; the first to fourth, or the last, -1. */
  z.strictObject({
    by: z.literal('weekday'),
    month,
    weekday: z.int().min(1).max(7),
    nth: z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(-1)]),
  }),
]);

/** How a feast that a household adds comes back. */
export type OwnFeastRule = z.infer<typeof feastRuleSchema>;

const ownFeastSchema = z.strictObject({
  id: z.string().regex(/^own-[A-Za-z0-9_-]{1,60}$/),
  name: z.string().trim().min(1).max(60),
  rule: feastRuleSchema,
});

/** The feasts of a household: which of those that are known, and its own. */
export const feastsSchema = z.strictObject({
  /** Ids; one that no version knows any more counts for nothing. */
  known: z.array(z.string().regex(/^[a-z][a-z-]{0,60}$/)).max(60),
  own: z.array(ownFeastSchema).max(30),
});

export type Feasts = z.infer<typeof feastsSchema>;
/** A feast that the household added. */
export type OwnFeast = z.infer<typeof ownFeastSchema>;
