import * as z from 'zod';

/** On which day a piece that is not cut yet is to be cut. */
export const cuttingSchema = z.strictObject({ on: z.iso.date() });

export type Cutting = z.infer<typeof cuttingSchema>;
