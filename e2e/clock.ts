/**
 * The tests have a clock of their own that runs: the pages, the server and the tests themselves begin
 * at one moment in one zone, whatever day it is outside. Workers read no clock (a lint rule sees to
 * it). `npm run test:days` goes through all the days on which something could break.
 */
const BEGINS = process.env['VENDICUS_CLOCK'] ?? '2026-11-25T10:00:00.000Z';
export const ZONE = process.env['VENDICUS_ZONE'] ?? 'Etc/UTC';

/** How far the tests' clock is ahead of the machine's; the same in every process of a run. */
const ahead = (): number => {
  const known = process.env['VENDICUS_CLOCK_AHEAD_MS'];
  if (known !== undefined) return Number(known);
  const fresh = Date.parse(BEGINS) - Date.now();
  process.env['VENDICUS_CLOCK_AHEAD_MS'] = String(fresh);
  return fresh;
};

/** Now, by the tests' clock, ms. */
export const now = (): number => Date.now() + ahead();

/** Today, so many days from it, where the tests are. */
export function today(days = 0): string {
  const text = new Intl.DateTimeFormat('en-CA', { timeZone: ZONE, dateStyle: 'short' }).format(now());
  return new Date(Date.parse(`${text}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
}

/** The month of such a day, as the application names it. */
export function monthOf(date: string): string {
  return new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${date}T12:00:00Z`),
  );
}

/** A script that sets the clock of wherever it runs so much ahead. */
export function clockScript(aheadMs = ahead()): string {
  return `(${((by: number) => {
    const Real = Date;
    globalThis.Date = class extends Real {
      constructor(...given: []) {
        super(...(given.length > 0 ? given : ([globalThis.Date.now()] as unknown as [])));
      }
      static override now(): number {
        return Real.now() + by;
      }
    } as DateConstructor;
  }).toString()})(${aheadMs});`;
}

/**
 * A script that lets the time of a page go by so many times faster, for what is mostly waiting: a
 * scale that comes to stand. To the application it is a slower machine.
 */
export function paceScript(pace: number): string {
  return `(${((times: number) => {
    const { now } = Date;
    const { setTimeout, setInterval } = globalThis;
    const began = now();
    const elapsed = performance.now.bind(performance);
    Date.now = () => began + (now() - began) * times;
    performance.now = () => elapsed() * times;
    globalThis.setTimeout = ((act: () => void, ms = 0, ...given: []) =>
      setTimeout(act, ms / times, ...given)) as typeof setTimeout;
    globalThis.setInterval = ((act: () => void, ms = 0, ...given: []) =>
      setInterval(act, ms / times, ...given)) as typeof setInterval;
  }).toString()})(${pace});`;
}

/** A day as a plan names it. */
export const weekday = (date: string): string =>
  new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  }).format(new Date(`${date}T12:00:00Z`));
