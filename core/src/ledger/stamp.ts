import { justAfter, minutesBetween, type Instant } from '../units/date';

/** When, where and as the how-manieth of a device something was written down. */
export interface Stamp {
  readonly at: Instant;
  readonly device: string;
  readonly seq: number;
}

/** The last moment that a stamp can say: after it only the sequence goes on. */
export const END_OF_TIME: Instant = '9999-12-31T23:59:59.999Z';

/** From here on a stamp is a clock's mistake: no file with one is read, and no deed gets one. */
export const NO_CLOCK_SAYS: Instant = '2101-01-01T00:00:00.000Z';

/** Further ahead of the clock than this a stamp is asked about. */
const AHEAD_MINUTES = 24 * 60;

/**
 * The order of stamps: time, then device, then sequence on that device. At the end of time, where no
 * later time can be said, the sequence comes before the device, and {@link stampAfter} counts it on.
 */
export function compareStamps(a: Stamp, b: Stamp): number {
  const byTime = compareText(a.at, b.at);
  if (byTime !== 0) return byTime;
  const [byDevice, bySequence] = [compareText(a.device, b.device), a.seq - b.seq];
  return a.at === END_OF_TIME ? bySequence || byDevice : byDevice || bySequence;
}

/**
 * The stamp of what is written now: the clock's time, unless what it has to come after is later (a
 * clock was set back, or another device's runs ahead); then just after that. So what was accepted on
 * this screen stays in the order in which it was accepted, whatever stands there already.
 *
 * @param stamp what the clock and the device would say by themselves
 * @param last what it has to come after, where there is something
 * @example stampAfter(noon, { at: END_OF_TIME, device: 'b', seq: 7 }) // at the end of time, seq 8
 */
export function stampAfter(stamp: Stamp, last: Stamp | undefined): Stamp {
  if (last === undefined || last.at < stamp.at) return stamp;
  if (last.at < END_OF_TIME) return { ...stamp, at: justAfter(last.at) };
  return { ...stamp, at: END_OF_TIME, seq: Math.max(stamp.seq, seqAfter(last.seq)) };
}

/**
 * The next in a sequence. At the largest whole number, which only a hand with an editor has written, it
 * stays there: the time still tells the order.
 */
export const seqAfter = (seq: number): number => Math.min(seq + 1, Number.MAX_SAFE_INTEGER);

/** Whether a stamp is more than a day ahead of a clock. */
export function isAhead(at: Instant, now: Instant): boolean {
  return minutesBetween(now, at) > AHEAD_MINUTES;
}

/** Plain code-unit order: the same on every device, whatever its language. */
export function compareText(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
