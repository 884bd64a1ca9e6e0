import { z } from 'zod';
import { entrySchema } from '../journal/entry';
import { recordSchema } from '../journal/record';

/** What every export file says it is. */
export const FILE_FORMAT = 'vendicus-household';
/** Goes up with every change of the schema that an older version could not read. */
export const FILE_VERSION = 1;
/** Larger than a century of one household; read as a mistake rather than for minutes. */
export const MOST_BYTES = 40 * 1024 * 1024;

/** The whole of a household as one JSON document. */
export const householdFileSchema = z.strictObject({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  entries: z.array(entrySchema),
  records: z.array(recordSchema),
});

export type HouseholdFile = z.infer<typeof householdFileSchema>;
