import { settingsOf, valuesOf, type Household } from '../journal/household';
import type { Lot } from '../journal/lot';
import type { Place } from '../journal/record';
import type { State } from '../journal/replay';
import { USUAL_KEEPING, type Settings } from '../journal/settings';
import type { Instant, IsoDate } from '../units/date';
import { wallAt } from '../units/zone';
import { ColdClocks, type Cold, type ColdNow } from './cold-clock';

/** What the clocks are read with. */
export interface ClockRequest {
  readonly state: Pick<State, 'lots'>;
  readonly places: ReadonlyMap<string, Place>;
  readonly settings: Pick<Settings, 'keeping'>;
  /** Of the time-zone database, such as `Europe/Paris`. */
  readonly zone: string;
}

/** Tells the clock of a lot, now or at whatever moment the household looks at. */
export type ClockOf = (lot: Lot) => Cold;

/** The clocks of a household's lots where it is. */
export function clocksOf({ state, places, settings, zone }: ClockRequest): ColdClocks {
  const days = new Map<string, IsoDate>();
  return new ColdClocks(state, {
    coldOf: (place) => {
      const known = places.get(place);
      return (known?.within === undefined ? known : (places.get(known.within) ?? known))?.cold;
    },
    rules: settings.keeping ?? USUAL_KEEPING,
    dayOf: (at) => {
      // Zones differ by quarters of an hour: a quarter lies on one day.
      const quarter = `${at.slice(0, 14)}${Math.floor(Number(at.slice(14, 16)) / 15)}`;
      const day = days.get(quarter) ?? wallAt(at, zone).date;
      days.set(quarter, day);
      return day;
    },
  });
}

/** The clock of each lot of a household at a moment. */
export function clockAt(household: Household, zone: string, instant: Instant): ClockOf {
  const clocks = clocksOf({
    state: household.journal.state,
    places: valuesOf(household, 'place'),
    settings: settingsOf(household),
    zone,
  });
  const now: ColdNow = { instant, today: wallAt(instant, zone).date };
  return (lot) => clocks.at(lot, now);
}
