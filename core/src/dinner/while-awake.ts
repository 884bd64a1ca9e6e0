import { addDays, type Instant } from '../units/date';
import { instantAt, wallAt } from '../units/zone';
import type { Dinners } from './dinners';

/** The last moment at or before another at which somebody is awake. */
export function whileAwake(instant: Instant, zone: string, [from, to]: Dinners['awake']): Instant {
  const { date, time } = wallAt(instant, zone);
  if (from >= to || (time >= from && time <= to)) return instant;
  return instantAt(time > to ? date : addDays(date, -1), to, zone);
}
