import * as z from 'zod';
import { pieceNoteSchema } from '../board/piece-note';
import { ownKindSchema } from '../catalogue/own-kind-schema';
import { cookedSchema } from '../cost/cooked';
import { pieceBasisSchema } from '../cost/piece-basis';
import { cuttingSchema } from '../dinner/cutting';
import { mealSchema } from '../dinner/meal';
import { reservationSchema } from '../dinner/reservation';
import { placeSchema } from '../cold/place';
import { powerCutSchema } from '../cold/power-cut-note';
import { printingSchema } from '../label/printing';
import { shopCodeSchema } from '../label/shop-code-note';
import { idSchema } from '../ledger/id';
import type { Stamp } from '../ledger/stamp';
import { itemChoiceSchema } from '../price/item-choice';
import { priceNoteSchema } from '../price/price-note';
import { shopAliasSchema } from '../price/shop-alias';
import { listSourceSchema } from '../price/shop-list';
import { slicesRequestSchema } from '../slice/slices-request';
import { kindWishSchema } from '../cost/kind-wish';
import { settingsPartSchema } from './settings';

const stamp = z.strictObject({
  at: z.iso.datetime({ precision: 3 }),
  device: idSchema,
  seq: z.int().nonnegative(),
});

const bodies = {
  /** How the household counts and who eats, by group; in files until version 5 one, with the key `household`. */
  settings: settingsPartSchema,
  /** What a shop asked for something on a day. */
  price: priceNoteSchema,
  /** Where packs lie. */
  place: placeSchema,
  /** The dinner of a day, by its date. */
  meal: mealSchema,
  /** When a piece is to be cut, by piece. */
  cutting: cuttingSchema,
  /** Times without power, by an id. */
  'power-cut': powerCutSchema,
  /** What a pack is kept for, by pack. */
  reserved: reservationSchema,
  /** By shop item. */
  item: itemChoiceSchema,
  /** By piece. */
  piece: pieceNoteSchema,
  /** What a closed piece counted with, by piece. */
  basis: pieceBasisSchema,
  /** What is wished of a kind of piece, by kind. */
  wish: kindWishSchema,
  /** How much of a raw part is eaten, by kind and part. */
  cooked: cookedSchema,
  /** A kind of piece of the household's own, by its id. */
  kind: ownKindSchema,
  /** How a log is measured and what is wished of it, by piece. */
  slicing: slicesRequestSchema,
  /** By shop: the layout of its sticker numbers. */
  'shop-code': shopCodeSchema,
  /** One, with the key `labels`. */
  printing: printingSchema,
  /** A shop that is called otherwise now, or is the same as another. */
  shop: shopAliasSchema,
  /** Shops' lists of prices: a file that was read, or where they are fetched. */
  list: listSourceSchema,
} as const;

export type RecordType = keyof typeof bodies;
export type RecordValue<T extends RecordType> = z.infer<(typeof bodies)[T]>;

/**
 * What is not an event in the life of a lot: settings, prices, places. Each is a register under
 * (type, key); the one with the latest stamp counts; null means it was deleted.
 */
export type HouseholdRecord = {
  [T in RecordType]: {
    readonly type: T;
    readonly key: string;
    readonly stamp: Stamp;
    readonly value: RecordValue<T> | null;
  };
}[RecordType];

/** What a record is before it has a stamp. */
export type NewRecord = HouseholdRecord extends infer R
  ? R extends HouseholdRecord
    ? Omit<R, 'stamp'>
    : never
  : never;

/** A record that is changed from what the database holds when its turn comes, so that of two changes none is lost. */
export type RecordChange = {
  [T in RecordType]: {
    readonly type: T;
    readonly key: string;
    /** @returns the new value; null deletes it */
    readonly change: (known: RecordValue<T> | undefined) => RecordValue<T> | null;
  };
}[RecordType];

/** Most keys are ids; a part of a piece may be called in the household's own words. */
const key = z.string().trim().min(1).max(250);

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
