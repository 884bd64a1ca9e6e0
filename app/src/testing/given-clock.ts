import { Injectable } from '@angular/core';
import { Clock } from '../household/clock';
import type { Moments } from '../household/moments';
import { randomId } from '../household/random-id';

/** When every unit test begins: a Tuesday, late in the morning. */
const BEGINS = '2026-11-24T10:00:00.000Z';
let at = Date.parse(BEGINS);

/** Lets it be another moment. */
export const setClock = (instant: string): void => void (at = Date.parse(instant));
beforeEach(() => setClock(BEGINS));

/** The tests’ one clock: it goes on by a millisecond each time somebody looks at it. */
const instant = (): string => new Date(at++).toISOString();

export const givenMoments: Moments = { instant, dayOf: (moment) => moment.slice(0, 10), newId: randomId };

/** In the place of the machine’s clock, in a household of Greenwich. */
@Injectable()
export class GivenClock extends Clock {
  override instant(): string {
    return instant();
  }
  override where(): string {
    return 'Etc/UTC';
  }
}
