import * as z from 'zod';
import { sheetSchema } from './sheet';

/** How labels are printed. */
export const printingSchema = z.strictObject({
  sheet: sheetSchema,
  copies: z.int().min(1).max(4),
  note: z.string().max(200),
});

export type Printing = z.infer<typeof printingSchema>;
