import { traySchema } from '@core/pack/tray';
import * as z from 'zod';

/** The table as it is kept on the device: trays, and where portions are cut in two. */
export const tableSchema = z.object({
  trays: z.array(traySchema).max(1000),
  cuts: z.array(z.tuple([z.string(), z.int().positive()])).max(1000),
});
