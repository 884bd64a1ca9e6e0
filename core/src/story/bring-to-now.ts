import { FILE_FORMAT, FILE_VERSION } from '../exchange/household-file';
import { dayShifter } from '../exchange/shift-days';
import { addDays, addHours, daysBetween, minutesBetween, type Instant, type IsoDate } from '../units/date';
import { daylight, wallAt } from '../units/zone';
import { likeToday } from './like-today';
import type { Chapter, Story, StoryEntry, StoryRecord } from './story-file';

/** A moment, and where. */
export interface Now {
  readonly instant: Instant;
  readonly zone: string;
}

/** A household's file, as it comes out of a story; not yet checked. */
export interface ToldFile {
  readonly format: typeof FILE_FORMAT;
  readonly version: typeof FILE_VERSION;
  readonly entries: readonly object[];
  readonly records: readonly object[];
}

/** The past ends so many days ago; what is nearer leads up to now by itself. */
const REST_DAYS = 2;

/**
 * The household of a story as it is at a moment: its past ends a few days ago, in the same season and
 * on the same weekday as it was lived; what is going on was begun as many minutes ago as then, and the
 * next dinner is the next one that is not over. Clocks on the wall show the same hours in every zone.
 *
 * @returns a file of the household, as a device would have written it
 */
export function bringToNow(story: Story, now: Now): ToldFile {
  const { entries, records } = movedChapters(story, now);
  const inOrder = byTime(entries);
  return {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    entries: withSequence(inOrder),
    records: withSequence(byTime(records)).map(({ at, device, seq, ...record }) => ({
      ...record,
      stamp: { at, device, seq },
    })),
  };
}

type Moved<T> = T & { readonly at: Instant; readonly device: string };

function movedChapters(
  story: Story,
  now: Now,
): { readonly entries: Moved<StoryEntry>[]; readonly records: Moved<StoryRecord>[] } {
  const today = wallAt(now.instant, now.zone);
  const like = likeToday(today.date, story.until);
  const isOver = today.time >= story.dinner.over;
  const days: Readonly<Record<Exclude<Chapter['moves'], 'minutes'>, number>> = {
    weeks: daysBetween(like, today.date),
    days: daysBetween(story.now.slice(0, 10), today.date),
    dinner: daysBetween(story.dinner.on, addDays(today.date, isOver ? 1 : 0)),
  };
  const last = addDays(like, -REST_DAYS);
  const told = story.chapters.filter((chapter) => chapter.moves !== 'weeks' || lastDay(chapter) <= last);
  const clock = daylight(now.zone);
  const later = minutesBetween(`${story.now}.000Z`, now.instant) / 60;
  const shifters = new Map<number, ReturnType<typeof dayShifter>>();
  const shift = <T>(value: T, by: number): T => {
    const shifter = shifters.get(by) ?? dayShifter(by);
    shifters.set(by, shifter);
    return shifter(value);
  };
  const moved = <T extends StoryEntry | StoryRecord>(each: T, moves: Chapter['moves']): Moved<T> => {
    if (moves !== 'minutes') return { ...shift(each, days[moves]), at: clock(each.at, days[moves]) };
    const at = addHours(`${each.at}.000Z`, later);
    return { ...shift(each, daysBetween(each.at.slice(0, 10), wallAt(at, now.zone).date)), at };
  };
  return {
    entries: told.flatMap(({ entries, moves }) => entries.map((entry) => moved(entry, moves))),
    records: told.flatMap(({ records, moves }) => records.map((record) => moved(record, moves))),
  };
}

function lastDay({ entries, records }: Chapter): IsoDate {
  const last = [...entries, ...records].reduce((latest, { at }) => (at > latest ? at : latest), '');
  return last.slice(0, 10);
}

function byTime<T extends { readonly at: Instant }>(all: readonly T[]): T[] {
  return [...all].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

/** Numbered by device, as each would have done it. */
function withSequence<T extends { readonly device: string }>(
  all: readonly T[],
): (T & { readonly seq: number })[] {
  const next = new Map<string, number>();
  return all.map((each) => {
    const seq = next.get(each.device) ?? 0;
    next.set(each.device, seq + 1);
    return { ...each, seq };
  });
}
