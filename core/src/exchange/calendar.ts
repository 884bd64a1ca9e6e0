import ical, { ICalAlarmType, ICalCalendarMethod, ICalEventStatus, type ICalCalendar } from 'ical-generator';
import { plainText } from '../units/bidi';
import type { Place } from '../cold/place';
import { lotName } from '../catalogue/lot-name';
import { CUT_AT, type PiecePlan } from '../dinner/pieces-planned';
import type { TakeOut } from '../dinner/take-out';
import type { PlannedDay } from '../dinner/week';
import { THAWING, type ThawingWay } from '../cold/thawing-time';
import { addHours, minutesBetween, type Instant, type IsoDate } from '../units/date';
import { instantAt } from '../units/zone';

/** A plan, as a calendar shows it. */
export interface CalendarRequest {
  readonly days: readonly PlannedDay[];
  readonly takeOuts: readonly TakeOut[];
  /** Pieces that are not cut yet, with their plans. */
  readonly pieces?: readonly PiecePlan[];
  /** Pieces that ever had a day to be cut on: what has none any more is called off. */
  readonly knownPieces?: ReadonlySet<string>;
  readonly places: ReadonlyMap<string, Pick<Place, 'name'>>;
  /** The days of which something was ever planned: what is no longer on them is called off. */
  readonly known: ReadonlySet<IsoDate>;
  readonly zone: string;
  /** Of this household, so that two households' calendars do not meet. */
  readonly calendar: string;
  readonly now: Instant;
}

/** Events count their changes from here, so that a later file always wins. */
const EPOCH: Instant = '2026-01-01T00:00:00.000Z';

/**
 * The week's plan as an iCalendar file (RFC 5545): each dinner, and each time at which packs leave
 * the freezer, with an alarm. Times are in UTC, so that no calendar can mistake a change of the
 * clocks. An event's id is its day's and its kind's: a second file changes what the first one said,
 * and calls off what is no longer planned.
 */
export function writeCalendar(request: CalendarRequest, reminders: readonly Reminder[] = REMINDERS): string {
  const file = ical({
    name: 'Dinners',
    prodId: { company: 'Vendicus', product: 'Vendicus', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const day of request.days.filter(({ date }) => request.known.has(date)))
    for (const remind of reminders) addEvent(file, remind(day, request), request);
  for (const id of request.knownPieces ?? [])
    for (const event of pieceEvents(id, request)) addEvent(file, event, request);
  return file.toString();
}

/** An event of a day. */
export interface CalendarEvent {
  readonly id: string;
  readonly start: Instant;
  readonly minutes: number;
  readonly title: string;
  readonly text: string;
  readonly isOn: boolean;
}

/** What is to be done on a day, and when; called off where it is not on. */
export type Reminder = (day: PlannedDay, request: CalendarRequest) => CalendarEvent;

function addEvent(
  file: ICalCalendar,
  { id, start, minutes, title, text, isOn }: CalendarEvent,
  { calendar, now }: CalendarRequest,
): void {
  const event = file.createEvent({
    id: `${id}.${calendar}@vendicus.invalid`,
    start,
    end: addHours(start, minutes / 60),
    stamp: now,
    lastModified: now,
    sequence: Math.max(0, Math.floor(minutesBetween(EPOCH, now) * 60)),
    summary: plainText(title),
    description: plainText(text),
    status: isOn ? ICalEventStatus.CONFIRMED : ICalEventStatus.CANCELLED,
  });
  if (isOn) event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: plainText(title) });
}

const dinner: Reminder = (day, request) => {
  const names = day.servings.flatMap(({ lot, trouble }) => (lot && trouble === null ? [lotName(lot)] : []));
  const isOn = names.length > 0;
  return {
    id: `${day.date}-dinner`,
    start: instantAt(day.date, day.at, request.zone),
    minutes: 60,
    title: isOn ? `Dinner: ${names.join(', ')}` : 'Dinner',
    text: isOn ? `For ${day.wanted}.` : 'No longer planned.',
    isOn,
  };
};

const takeOut =
  (way: ThawingWay): Reminder =>
  (day, request) => {
    const due = request.takeOuts.filter((each) => each.date === day.date && each.way === way && !each.isOut);
    const first = due.map(({ remindAt }) => remindAt).sort()[0];
    const start = first ?? instantAt(day.date, day.at, request.zone);
    const list = due.map(
      ({ lot, hours }) =>
        `${lotName(lot)}, ${request.places.get(lot.place ?? '')?.name ?? 'no place'}: ${Math.ceil(hours * 10) / 10} h`,
    );
    const title = `Take out: ${due.map(({ lot }) => lotName(lot)).join(', ')}`;
    const text = [
      ...list,
      '',
      `Thaw ${THAWING[way].name}. ${THAWING[way].caution} Local codes come first.`,
    ].join('\n');
    return {
      id: `${day.date}-${way}`,
      start,
      minutes: 15,
      title: first ? title : 'Take out',
      text: first ? text : 'No longer needed.',
      isOn: first !== undefined,
    };
  };

/** A piece that is to be cut: out of the freezer in time, and the cutting itself. */
function pieceEvents(id: string, { pieces = [], zone, now }: CalendarRequest): CalendarEvent[] {
  const plan = pieces.find(({ lot }) => lot.id === id);
  const cutOn = plan?.cutOn ?? null;
  const name = plan?.name ?? 'Piece';
  const outBy = cutOn === null ? null : (plan?.outBy ?? null);
  return [
    {
      id: `${id}-piece-out`,
      start: outBy ?? now,
      minutes: 15,
      title: `Take out: ${name}`,
      text: outBy === null ? 'No longer needed.' : `${THAWING.refrigerator.caution} Local codes come first.`,
      isOn: outBy !== null,
    },
    {
      id: `${id}-piece-cut`,
      start: cutOn === null ? now : instantAt(cutOn, CUT_AT, zone),
      minutes: 60,
      title: `Cut: ${name}`,
      text: plan?.wrapBy ? `Wrapped and in the freezer by ${plan.wrapBy}.` : 'No longer planned.',
      isOn: cutOn !== null && plan?.trouble !== 'overdue',
    },
  ];
}

/** What a calendar reminds of on each day. A new reminder is a line here. */
const REMINDERS: readonly Reminder[] = [dinner, takeOut('refrigerator'), takeOut('cold-water')];
