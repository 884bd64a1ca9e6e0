import * as z from 'zod';
import { animalSchema } from './animal';
import { destinationSchema } from './destination';
import { idSchema as id } from './id';
import { MOST_DG } from '../units/mass';
import { compareStamps, compareText } from './stamp';

const text = z.string().trim().min(1).max(200);
const date = z.iso.date();
const massDg = z.int().positive().max(MOST_DG);
const massOrNoneDg = z.int().nonnegative().max(MOST_DG);
const count = z.int().positive().max(1000);
const countOrNone = z.int().nonnegative().max(1000);
const minor = z.int().nonnegative().max(1_000_000_000_000);

/** Part of a lot: so much, so many plates, so many portions, or all of it. */
const amount = z.union([
  z.strictObject({ massDg }),
  z.strictObject({ plates: count }),
  z.strictObject({ count }),
  z.literal('all'),
]);
const take = z.strictObject({ lot: id, amount });

const instant = z.iso.datetime({ precision: 3 });
const envelope = {
  id,
  /** Its place in the journal: the clock's time, or just after what was known where that is later. */
  at: instant,
  /** What the clock said, where its place had to be another. */
  clock: instant.optional(),
  /** The day that the calendar showed there, of what has to be told to the hour: the file may be read in another time zone. */
  day: date.optional(),
  device: id,
  seq: z.int().nonnegative(),
  /** The first entry of the deed that it was written with; the first itself has none, and one alone neither. */
  deed: id.optional(),
};
/** What stood in for a thing that was not there gave a figure: the practice scale, the practice camera. */
const practiceSchema = z.enum(['scale', 'camera']);
const weighed = {
  massDg,
  grossDg: massDg.optional(),
  tareDg: massOrNoneDg.optional(),
  typed: text.optional(),
  practice: practiceSchema.optional(),
};

/** The rate at which a purchase in another currency was turned into the household's. */
const foreign = z.strictObject({
  currency: z.string().regex(/^[A-Z]{3}$/),
  minor,
  rate: z.number().positive(),
});

/**
 * How meat was when it came, where that changes how long it keeps: frozen, thawed by the shop, in its
 * packer's sealed bag (film tight, no air), or in a tray or paper. Unsaid counts as in a tray.
 */
const keptSchema = z.enum(['bought-frozen', 'frozen-before', 'sealed', 'open']);
/** What the date on a label is; a label that says nothing of it means "use by". */
const datedSchema = z.enum(['use-by', 'sell-by', 'packed-on']);

/**
 * How meat was prepared, where that changes how long it keeps: cut one way and at least 5 mm thick; cut
 * two ways, or thinner; needled, pounded, injected, brined; as raw sausage; giblets and organ meat.
 */
const preparedSchema = z.enum(['slices', 'diced', 'tenderised', 'sausage', 'organ']);
const prepared = preparedSchema.optional();

/** One entry a kind of event; every field but the envelope. All masses in tenths of a gram. */
const bodies = {
  received: {
    lot: id,
    kind: id,
    count,
    ...weighed,
    paidMinor: minor,
    foreign: foreign.optional(),
    shop: text.optional(),
    /** Its grade or quality mark, as the household calls it. */
    grade: text.optional(),
    way: id.optional(),
    on: date,
    note: text.optional(),
    /** The date on its label, and what it is. */
    until: date.optional(),
    dated: datedSchema.optional(),
    kept: keptSchema.optional(),
    prepared,
  },
  acquired: {
    lot: id,
    name: text,
    animal: animalSchema.optional(),
    destination: destinationSchema,
    ...weighed,
    count,
    plates: count.optional(),
    paidMinor: minor.nullable(),
    origin: z.enum(['already-here', 'gift', 'bought-cut']),
    /** The day it was frozen or wrapped, null when nobody knows. */
    on: date.nullable(),
    kept: keptSchema.optional(),
    /** The date on its own label, and what it is. */
    until: date.optional(),
    dated: datedSchema.optional(),
    /** The day it was bought, where it came fresh. */
    boughtOn: date.optional(),
    prepared,
  },
  drained: { lot: id, ...weighed },
  /**
   * Some of several pieces that came as one are a lot of their own from now on, to be cut another way:
   * with a weight as it was read off a scale, or, with nothing typed, with their share of what is there.
   */
  split: { from: id, lot: id, count, ...weighed, way: id.optional(), on: date },
  /** A sealed bag was opened, or was found leaking, blown or loose. */
  opened: { lot: id, on: date, found: z.literal('leaking').optional() },
  cut: {
    from: id,
    lot: id,
    part: text,
    destination: destinationSchema,
    ...weighed,
    count,
    on: date,
    prepared,
  },
  changed: { lot: id, part: text.optional(), destination: destinationSchema.optional() },
  corrected: {
    entry: id,
    set: z.strictObject({
      // What was counted may be nothing; of everything else the entry itself says that it may not.
      massDg: massOrNoneDg.optional(),
      grossDg: massDg.optional(),
      tareDg: massOrNoneDg.optional(),
      typed: text.optional(),
      count: countOrNone.optional(),
      paidMinor: minor.optional(),
      shop: text.optional(),
      grade: text.optional(),
      way: id.optional(),
      on: date.optional(),
      plates: count.optional(),
      name: text.optional(),
      until: date.optional(),
      dated: datedSchema.optional(),
      boughtOn: date.optional(),
      kept: keptSchema.optional(),
      prepared,
    }),
    reason: text.optional(),
  },
  /** With what somebody says where more was not found again, or more is on its bones, than usual. */
  closed: {
    lot: id,
    reason: text.optional(),
    loss: z.enum(['lost', 'not-weighed']).optional(),
    bones: z.enum(['clean', 'meat-left']).optional(),
  },
  reopened: { lot: id },
  combined: {
    lot: id,
    from: z.array(take).min(1).max(200),
    added: z.array(z.strictObject({ name: text, massDg })).max(20),
    name: text,
    destination: destinationSchema,
    on: date,
    prepared,
  },
  packed: {
    lot: id,
    name: text,
    from: z.array(take).min(1).max(200),
    plates: count.optional(),
    wrap: text.optional(),
    /** How thick it lies, flat. */
    thicknessMm: z.number().positive().max(500).optional(),
    /** What the bag and paper weigh; not in the mass. */
    tareDg: massOrNoneDg.optional(),
    /** Each portion is wrapped, and can be taken out alone. */
    singly: z.literal(true).optional(),
    on: date,
    prepared,
  },
  /** So many of its portions are cut in two: pieces of less than a plate, wrapped apart. */
  halved: { lot: id, portions: count, on: date },
  unpacked: { from: id, lot: id, amount, on: date },
  /** The day is said where it was not the entry's own. */
  placed: { lot: id, place: id, on: date.optional() },
  thawing: {
    lot: id,
    amount,
    on: date,
    way: z.enum(['refrigerator', 'cold-water', 'microwave']).optional(),
  },
  /** What was thawing is frozen again. */
  refrozen: { lot: id, on: date },
  /** Felt, or measured: still ice, soft through; after a power cut cold (at most 4 °C) or warm. */
  checked: { lot: id, on: date, found: z.enum(['ice', 'soft', 'cold', 'warm']) },
  eaten: { lot: id, amount, on: date },
  given: { lot: id, amount, on: date, to: text.optional() },
  discarded: { lot: id, amount, on: date, reason: text.optional() },
  counted: {
    lot: id,
    massDg: massOrNoneDg,
    count: countOrNone.optional(),
    reason: text.optional(),
  },
  undone: { entries: z.array(id).min(1).max(10_000) },
  redone: { entries: z.array(id).min(1).max(10_000) },
} as const;

type Bodies = typeof bodies;
export type EntryType = keyof Bodies;
const ENTRY_TYPES = Object.keys(bodies) as EntryType[];

const entrySchemas = ENTRY_TYPES.map((type) =>
  z.strictObject({ ...envelope, type: z.literal(type), ...bodies[type] }),
);

/** What an entry of the journal must look like. */
export const entrySchema = z.discriminatedUnion(
  'type',
  entrySchemas as unknown as [(typeof entrySchemas)[number], ...(typeof entrySchemas)[number][]],
) as unknown as z.ZodType<Entry>;

/** What is told to the hour: beside its moment it says the day that the calendar showed. */
export const TOLD_TO_THE_HOUR: ReadonlySet<EntryType> = new Set<EntryType>([
  'placed',
  'thawing',
  'refrozen',
  'opened',
  'checked',
]);

type Envelope = z.infer<z.ZodObject<typeof envelope>>;
type Body<T extends EntryType> = { type: T } & z.infer<z.ZodObject<Bodies[T]>>;

/** An entry of one type. */
export type EntryOf<T extends EntryType> = Readonly<Envelope & Body<T>>;
/** An entry of the journal. */
export type Entry = { [T in EntryType]: EntryOf<T> }[EntryType];
/** What happened, before it has an id, a time and a place in the sequence. */
export type Fact = { [T in EntryType]: Readonly<Body<T>> }[EntryType];
export type FactOf<T extends EntryType> = Extract<Fact, { type: T }>;
/** How meat was when it came. */
export type Kept = z.infer<typeof keptSchema>;
/** What stood in for a thing that was not there. */
export type Practice = z.infer<typeof practiceSchema>;
/** How meat was prepared. */
export type Prepared = z.infer<typeof preparedSchema>;
/** What the date on a label is. */
export type Dated = z.infer<typeof datedSchema>;
/** An amount of a lot. */
export type Amount = z.infer<typeof amount>;
/** An amount taken from a lot. */
export type Take = z.infer<typeof take>;

/** The order of a journal: that of the stamps, then of the ids. */
export function compareEntries(a: Entry, b: Entry): number {
  return compareStamps(a, b) || compareText(a.id, b.id);
}
