import type { Now } from '@core/story/bring-to-now';
import { addDays } from '@core/units/date';
import { instantAt } from '@core/units/zone';
import { Random } from './telling/random';

const ZONES = [
  'Etc/UTC',
  'Europe/Paris',
  'Europe/Lisbon',
  'America/New_York',
  'America/Los_Angeles',
  'America/St_Johns',
  'Asia/Kolkata',
  'Asia/Tokyo',
  'Australia/Lord_Howe',
  'Pacific/Auckland',
  'Pacific/Kiritimati',
  'Pacific/Pago_Pago',
  'Africa/Cairo',
  'America/Santiago',
] as const;

/** A leap day; both changes of the clock in the north, in the south, and in the New World; the turn of a year; a feast; the ends of the story's own year. */
const DAYS = [
  '2028-02-29',
  '2028-02-28',
  '2028-03-01',
  '2027-03-28',
  '2027-03-29',
  '2027-10-31',
  '2027-11-01',
  '2027-03-14',
  '2027-11-07',
  '2027-04-04',
  '2027-09-26',
  '2026-12-31',
  '2027-01-01',
  '2026-12-24',
  '2027-05-28',
  '2027-05-29',
  '2027-05-30',
  '2027-06-01',
] as const;

/** Minutes after midnight that matter: midnight, when a clock is changed, before and after a dinner, and any. */
const MINUTES = [0, 1, 30, 119, 150, 181, 480, 715, 1080, 1110, 1169, 1170, 1171, 1410, 1439] as const;

/** So many moments of now: every other of them on a day that is known to be awkward, and at an awkward minute. */
export function moments(count: number, seed: number): Now[] {
  const random = new Random(seed);
  return Array.from({ length: count }, (_, nth): Now => {
    const isAwkward = nth % 2 === 0;
    const day = isAwkward ? random.pick(DAYS) : addDays('2026-12-01', random.whole(0, 1500));
    const minute = isAwkward ? random.pick(MINUTES) : random.whole(0, 1439);
    const zone = random.pick(ZONES);
    const time = new Date(minute * 60_000).toISOString().slice(11, 16);
    return { instant: instantAt(day, time, zone), zone };
  });
}
