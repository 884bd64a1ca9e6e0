import { mean } from 'd3-array';
import type { Reading } from './reading';
import { toGraduation } from './graduation';

/** What the scale does now. */
export type Steadiness =
  | { readonly state: 'moving' }
  | { readonly state: 'overload' }
  /** The plateau counts up each time the load has moved in between: one load is one plateau. */
  | { readonly state: 'steady'; readonly massDg: number; readonly plateau: number };

/** A load is steady when it has stood this long. */
const STANDING_MS = 900;
/** Fewer readings say nothing, however long they stand. */
const LEAST_READINGS = 4;
/** Within these of each other, in steps of the scale: noise of half a step reaches three at times. */
const SPREAD_STEPS = 3.2;
/** The later half must lie this near the earlier: noise averages out, a slow pour does not. */
const TREND_STEPS = 0.8;
/** So long after it stands, the last of the swing still goes out of it; later it is what it was. */
const SETTLING_MS = 3000;
/** A mean so much farther off is another weight; nearer it would flicker between two. */
const OTHER_STEPS = 0.6;
/** A plateau is left when a reading lies this far from it: a trickle counts up to that. */
const LEAVE_STEPS = 3.2;

/**
 * Tells a load that stands from one that moves, from the readings alone: the device's own mark
 * can hold it back and never hurry it, since some say "stable" during a slow pour.
 *
 * The readings of the last nine tenths of a second must lie within about three steps of each
 * other, without a trend; the mean of their later half, to the scale's step, is the weight.
 *
 * @example ten readings of 3720 dg in a second: steady at 3720, plateau 1
 */
export class SteadinessDetector {
  private window: Reading[] = [];
  private standing: number | null = null;
  private stoodAtMs = -Infinity;

  /** @param plateau the last plateau known, so that numbers go on over a new connection */
  constructor(
    private readonly graduationDg: number,
    private plateau = 0,
  ) {}

  next(reading: Reading): Steadiness {
    if (reading.isOverload) return this.moved({ state: 'overload' });
    if (reading.atMs < (this.window.at(-1)?.atMs ?? -Infinity)) this.window = [];
    this.window.push(reading);
    // One reading older than the span stays, so that the span is covered; of a slow scale, the least that say something.
    while (
      this.window.length > LEAST_READINGS &&
      (this.window[1]?.atMs ?? Infinity) <= reading.atMs - STANDING_MS
    )
      this.window.shift();
    if (
      this.standing !== null &&
      Math.abs(reading.massDg - this.standing) <= LEAVE_STEPS * this.graduationDg
    ) {
      this.standing = this.settled(reading, this.standing);
      return { state: 'steady', massDg: this.standing, plateau: this.plateau };
    }
    if (this.standing !== null) this.moved({ state: 'moving' }, [reading]);
    if (!this.isStanding(reading)) return { state: 'moving' };
    this.plateau += 1;
    this.stoodAtMs = reading.atMs;
    this.standing = this.rounded();
    return { state: 'steady', massDg: this.standing, plateau: this.plateau };
  }

  /** The weight that stands, once the last of the swing is out of it. */
  private settled(reading: Reading, standing: number): number {
    const isNew = reading.atMs - this.stoodAtMs <= SETTLING_MS && this.isStanding(reading);
    return isNew && Math.abs(this.laterMean() - standing) > OTHER_STEPS * this.graduationDg
      ? this.rounded()
      : standing;
  }

  /** Of the later half alone: the last of the swing is still in the earlier. */
  private laterMean(): number {
    return mean(this.window.slice(this.window.length >> 1), ({ massDg }) => massDg) ?? 0;
  }

  private rounded(): number {
    // Never a zero below zero.
    return Math.round(toGraduation(this.laterMean(), this.graduationDg)) + 0;
  }

  private moved(now: Steadiness, window: Reading[] = []): Steadiness {
    this.window = window;
    this.standing = null;
    return now;
  }

  private isStanding({ atMs, isStable }: Reading): boolean {
    const masses = this.window.map(({ massDg }) => massDg);
    if (
      masses.length < LEAST_READINGS ||
      atMs - (this.window[0]?.atMs ?? atMs) < STANDING_MS ||
      isStable === false
    )
      return false;
    if (Math.max(...masses) - Math.min(...masses) > SPREAD_STEPS * this.graduationDg) return false;
    const half = masses.length >> 1;
    return (
      Math.abs((mean(masses.slice(half)) ?? 0) - (mean(masses.slice(0, half)) ?? 0)) <=
      TREND_STEPS * this.graduationDg
    );
  }
}
