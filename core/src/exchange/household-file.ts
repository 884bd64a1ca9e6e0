import * as z from 'zod';
import { entrySchema } from '../ledger/entry';
import { identitySchema } from '../records/identity';
import { recordSchema } from '../records/record';

/** What every export file says it is. */
export const FILE_FORMAT = 'vendicus-household';
/**
 * Goes up with every change of the schema that an older version could not read. Version 2 added to
 * the settings, to prices and more kinds of records; version 3 adds own kinds of pieces and pauses;
 * version 4 adds freezing again, how meat was when it came, drawers, and planned dinners; version 5
 * adds what the date on a label is, when a pack was bought, when it was put somewhere, rules of keeping, and heat at the board;
 * version 6 says which household it is, has settings in groups, and the clock's time where a stamp is another;
 * version 7 adds grades of prices and pieces, feasts, and shops' lists; version 8 adds what each eater
 * likes and never eats, and which parts are carved or collected; version 9 adds how each part is portioned;
 * version 10 adds portions cut in two, packs that are kept for something, and what is wrapped singly or flat;
 * version 11 adds the calendar's day of what counts by the hour, what somebody found who looked at it, bags that
 * were opened or leaked, how meat was prepared, times without power, and when a piece is to be cut. What was bought without a word on its bag counts by the chart;
 * version 12 adds prices as they were asked, what a closed piece counted with, what is wished of a kind, answers at the closing, skin,
 * and ready-cut items that hold several parts; version 13 adds pieces of one purchase that were split to be cut another way, and
 * marks what a practice scale, camera or list gave.
 * A file of an older version is one of this version.
 */
export const FILE_VERSION = 13;
const READ_VERSIONS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13] as const;
/** Larger than a century of one household; read as a mistake rather than for minutes. */
export const MOST_BYTES = 40 * 1024 * 1024;

const head = {
  format: z.literal(FILE_FORMAT),
  version: z.literal(READ_VERSIONS),
  /** Files until version 5 do not say it. */
  household: identitySchema.optional(),
};

/** The whole of a household as one JSON document. */
export const householdFileSchema = z.strictObject({
  ...head,
  entries: z.array(entrySchema),
  records: z.array(recordSchema),
});

/** The same, with lists of which nothing is known yet. */
export const fileFrameSchema = z.strictObject({
  ...head,
  entries: z.array(z.unknown()),
  records: z.array(z.unknown()),
});
