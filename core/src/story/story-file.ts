import * as z from 'zod';
import type { Entry } from '../ledger/entry';
import { traySchema } from '../pack/tray';
import type { HouseholdRecord } from '../records/record';

/** A moment as a clock on the wall shows it, wherever the story is told. */
const wallSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}$/);

/**
 * With what a chapter moves when the story is told on another day: the past with whole weeks, so that
 * its weekdays and seasons stay; what was yesterday with the days; what leads up to the next dinner
 * with that; and what has just been begun with the minutes.
 */
export const MOVES = ['weeks', 'days', 'dinner', 'minutes'] as const;

/** What happened together: it is told whole or not at all. */
const chapterSchema = z.strictObject({
  moves: z.enum(MOVES),
  entries: z.array(z.unknown()),
  records: z.array(z.unknown()),
});

/**
 * The past of a household and what it is doing just now, to be moved to any moment. Its entries and
 * records are checked once they have been moved, as those of every file.
 */
export const storyFileSchema = z.strictObject({
  format: z.literal('vendicus-story'),
  version: z.literal(1),
  /** The moment at which it is now in the story. */
  now: wallSchema,
  /** The day of the next dinner then, and the clock's time from which on it is over. */
  dinner: z.strictObject({ on: z.iso.date(), over: z.string().regex(/^\d{2}:\d{2}$/) }),
  /** The last day of the past. */
  until: z.iso.date(),
  /** The trays that lie on the table now. */
  table: z.array(traySchema),
  chapters: z.array(chapterSchema),
});

/** An entry with the time on the wall, and no place in a journal yet. */
export type StoryEntry = { [T in Entry['type']]: Omit<Extract<Entry, { type: T }>, 'seq'> }[Entry['type']];
/** A record with the time on the wall, and no stamp yet. */
export type StoryRecord = Omit<HouseholdRecord, 'stamp'> & { readonly at: string; readonly device: string };

/** What happened together. */
export interface Chapter {
  readonly moves: (typeof MOVES)[number];
  readonly entries: readonly StoryEntry[];
  readonly records: readonly StoryRecord[];
}

/** A story that is not told yet. */
export type Story = Omit<z.infer<typeof storyFileSchema>, 'chapters'> & {
  readonly chapters: readonly Chapter[];
};
