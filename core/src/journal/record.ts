import { z } from 'zod';
import { priceNoteSchema } from './price-note';
import { settingsSchema } from './settings';

const stamp = z.strictObject({
  at: z.iso.datetime({ precision: 3 }),
  device: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/),
  seq: z.int().nonnegative(),
});

const key = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/);
const placeSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  cold: z.enum(['freezer', 'refrigerator']),
});

const bodies = {
  /** How the household counts and who eats. One, with the key `household`. */
  settings: settingsSchema,
  /** What a shop asked for something on a day. */
  price: priceNoteSchema,
  /** Where packs lie. */
  place: placeSchema,
} as const;

export type RecordType = keyof typeof bodies;
export type RecordValue<T extends RecordType> = z.infer<(typeof bodies)[T]>;
export type Place = z.infer<typeof placeSchema>;

/**
 * What is not an event in the life of a lot: settings, prices, places. Each is a register under
 * (type, key); the one with the latest stamp counts; null means it was deleted.
 */
export type HouseholdRecord = {
  [T in RecordType]: {
    readonly type: T;
    readonly key: string;
    readonly stamp: z.infer<typeof stamp>;
    readonly value: RecordValue<T> | null;
  };
}[RecordType];

const schemas = (Object.keys(bodies) as RecordType[]).map((type) =>
  z.strictObject({ type: z.literal(type), key, stamp, value: bodies[type].nullable() }),
);

export const recordSchema = z.discriminatedUnion(
  'type',
  schemas as unknown as [(typeof schemas)[number], ...(typeof schemas)[number][]],
) as unknown as z.ZodType<HouseholdRecord>;

/** The register a record belongs to. */
export function registerOf(record: Pick<HouseholdRecord, 'type' | 'key'>): string {
  return `${record.type}/${record.key}`;
}
