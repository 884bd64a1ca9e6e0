import * as z from 'zod';

const name = z.string().trim().min(1).max(200);

/** A shop that is called otherwise now, or is the same as another. */
export const shopAliasSchema = z.strictObject({ from: name, to: name });
