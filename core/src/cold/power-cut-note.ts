import * as z from 'zod';
import { addHours, minutesBetween, type Instant } from '../units/date';

/** The power was out, or still is, for all that the household has. */
export const powerCutSchema = z.strictObject({
  from: z.iso.datetime({ precision: 3 }),
  /** When it came back; unsaid while it is out. */
  to: z.iso.datetime({ precision: 3 }).optional(),
});

export type PowerCut = z.infer<typeof powerCutSchema>;

/** So long, with the door shut, nothing happens to what freezes; USDA FSIS for a refrigerator. */
export const NOTHING_H = 4;

/**
 * When something is frozen that needs so many hours of cold: a short cut only makes it wait, after a
 * longer one its whole time starts anew. Null where the power has not come back.
 *
 * @param cuts in their order
 * @example in at 18:00 for 24 h, the power out from 19:00 to 21:00: 20:00 the next day
 */
export function frozenAfter(from: Instant, hours: number, cuts: readonly PowerCut[]): Instant | null {
  let end = addHours(from, hours);
  for (const cut of cuts) {
    if (cut.from >= end || (cut.to !== undefined && cut.to <= from)) continue;
    if (cut.to === undefined) return null;
    const outH = minutesBetween(cut.from > from ? cut.from : from, cut.to) / 60;
    end = outH <= NOTHING_H ? addHours(end, outH) : addHours(cut.to, hours);
  }
  return end;
}
