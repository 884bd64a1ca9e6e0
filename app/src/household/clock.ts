import { computed, Injectable, signal } from '@angular/core';
import { wallAt } from '@core/units/zone';
import { randomId } from './random-id';

const MINUTE_MS = 60_000;

/** Time and identifiers, which the core never makes by itself. */
@Injectable({ providedIn: 'root' })
export class Clock {
  private readonly seen = signal({ instant: this.instant(), zone: this.where() }, { equal: isSame });
  /** This minute, for what a page says of time: it turns with the minute, with every deed, and on waking. */
  readonly now = computed(() => this.seen().instant);
  /** Where the household is, of the time-zone database. */
  readonly zone = computed(() => this.seen().zone);
  /** Today where the household is: it turns at midnight. */
  readonly today = computed(() => wallAt(this.now(), this.zone()).date);

  constructor() {
    this.turnWithTheMinute();
    // A device that slept through midnight, or was carried to another zone, looks at the clock on waking.
    addEventListener('visibilitychange', () => this.refresh());
  }

  /** This very moment, in UTC, for what is written down. */
  instant(): string {
    return new Date().toISOString();
  }

  /** The day of a moment where the household is. */
  dayOf(instant: string): string {
    return wallAt(instant, this.zone()).date;
  }

  /** Looks at the clock: what was written down just now is not ahead of it. */
  refresh(): void {
    this.seen.set({ instant: this.instant(), zone: this.where() });
  }

  /** The zone that this device says it is in now; pages ask {@link zone}. */
  where(): string {
    return Intl.DateTimeFormat().resolvedOptions().timeZone;
  }

  newId(): string {
    return randomId();
  }

  private turnWithTheMinute(): void {
    const rest = MINUTE_MS - (Date.parse(this.instant()) % MINUTE_MS);
    setTimeout(() => {
      this.refresh();
      this.turnWithTheMinute();
    }, rest);
  }
}

interface Seen {
  readonly instant: string;
  readonly zone: string;
}

const isSame = (a: Seen, b: Seen): boolean => a.instant === b.instant && a.zone === b.zone;
