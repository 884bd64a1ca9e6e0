import * as z from 'zod';
import { kindProblems } from '../catalogue/kind-problems';
import { kindSchema } from '../catalogue/kind-schema';
import { OWN } from '../catalogue/own-kinds';
import { sheetSchema } from '../label/sheet';
import { slicesRequestSchema } from '../slice/slices-request';
import { mealSchema } from './meal';
import { priceNoteSchema } from './price-note';
import { settingsSchema } from './settings';

const stamp = z.strictObject({
  at: z.iso.datetime({ precision: 3 }),
  device: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/),
  seq: z.int().nonnegative(),
});

const key = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/);
/** A freezer or a refrigerator, or a drawer or shelf within one. */
const placeSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  cold: z.enum(['freezer', 'refrigerator']),
  /** The place that it is a drawer or a shelf of; temperature and air are that one's. */
  within: key.optional(),
  /** Where it stands among its like, from the top. */
  order: z.int().nonnegative().max(1000).optional(),
  litres: z.number().positive().max(100_000).optional(),
  airC: z.number().min(-60).max(30).optional(),
  /** A fan keeps the frost off, and moves the air. */
  frostFree: z.boolean().optional(),
});

/** What a household thinks of a shop item. */
const itemChoiceSchema = z.strictObject({
  /** It would not buy this: worth nothing to it, and not in the pile that is compared. */
  unwanted: z.boolean().optional(),
  /** What the shop leaves on it, as a share of its weight, where that differs from the catalogue. */
  leftOn: z.number().min(0).max(0.9).optional(),
});

const digits = z.tuple([z.int().min(0).max(13), z.int().min(0).max(13)]);
/** How a shop makes the numbers on its stickers, and what its item numbers are. */
const shopCodeSchema = z.strictObject({
  shop: z.string().trim().min(1).max(200),
  layout: z.strictObject({
    length: z.union([z.literal(12), z.literal(13)]),
    item: digits,
    value: digits,
    of: z.enum(['price', 'weight']),
    unit: z.number().positive().max(1000),
    innerCheck: z.int().min(0).max(12).nullable(),
  }),
  /** Kinds of piece by item number. */
  items: z.record(z.string().regex(/^\d{1,14}$/), z.string().max(60)),
});

/** How labels are printed. */
const printingSchema = z.strictObject({
  sheet: sheetSchema,
  copies: z.int().min(1).max(4),
  note: z.string().max(200),
});

/** What a household adds to a piece's own entries. */
const pieceNoteSchema = z.strictObject({
  text: z.string().max(2000).optional(),
  /** Working time, where it differs from what the entries say. */
  minutes: z.number().positive().max(10_000).optional(),
  /** When work on it stood still: the time between does not count. The last may still go on. */
  pauses: z
    .array(
      z.strictObject({
        from: z.iso.datetime({ precision: 3 }),
        to: z.iso.datetime({ precision: 3 }).optional(),
      }),
    )
    .max(200)
    .optional(),
  /** When it lay in the refrigerator between two acts: a pause alone does not say so. */
  cold: z
    .array(
      z.strictObject({
        from: z.iso.datetime({ precision: 3 }),
        to: z.iso.datetime({ precision: 3 }),
      }),
    )
    .max(200)
    .optional(),
  /** It is cut above 32 °C: it may be out for half the time. */
  hot: z.literal(true).optional(),
  /** What was seen on it before it was bought. */
  marks: z.array(key).max(20).optional(),
});

/** A kind of the household's own: as complete as one that ships, and never in the place of one. */
const ownKindSchema = kindSchema.superRefine((kind, context) => {
  if (!kind.id.startsWith(OWN)) context.addIssue(`An own kind's id begins with ${OWN}`);
  for (const problem of kindProblems(kind)) context.addIssue(problem);
});

const bodies = {
  /** How the household counts and who eats. One, with the key `household`. */
  settings: settingsSchema,
  /** What a shop asked for something on a day. */
  price: priceNoteSchema,
  /** Where packs lie. */
  place: placeSchema,
  /** The dinner of a day, by its date. */
  meal: mealSchema,
  /** By shop item. */
  item: itemChoiceSchema,
  /** By piece. */
  piece: pieceNoteSchema,
  /** How much of a raw part is eaten, by kind and part. */
  cooked: z.strictObject({ share: z.number().positive().max(1) }),
  /** A kind of piece of the household's own, by its id. */
  kind: ownKindSchema,
  /** How a log is measured and what is wished of it, by piece. */
  slicing: slicesRequestSchema,
  /** By shop: the layout of its sticker numbers. */
  'shop-code': shopCodeSchema,
  /** One, with the key `labels`. */
  printing: printingSchema,
  /** A shop that is called otherwise now, or is the same as another. */
  shop: z.strictObject({ from: z.string().trim().min(1).max(200), to: z.string().trim().min(1).max(200) }),
} as const;

export type RecordType = keyof typeof bodies;
export type RecordValue<T extends RecordType> = z.infer<(typeof bodies)[T]>;
export type Place = z.infer<typeof placeSchema>;
export type ItemChoice = z.infer<typeof itemChoiceSchema>;
export type PieceNote = z.infer<typeof pieceNoteSchema>;

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
