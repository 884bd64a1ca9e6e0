import * as z from 'zod';

/** What names a lot, an entry, a device or a record. */
export const idSchema = z
  .string()
  .regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, at most 40');
