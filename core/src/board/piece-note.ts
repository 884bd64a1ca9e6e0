import * as z from 'zod';
import { idSchema } from '../ledger/id';

/** What a household adds to a piece's own entries. */
export const pieceNoteSchema = z.strictObject({
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
  marks: z.array(idSchema).max(20).optional(),
});

export type PieceNote = z.infer<typeof pieceNoteSchema>;
