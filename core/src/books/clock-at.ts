import { settingsOf, valuesOf, type Household } from '../records/household';
import type { Instant } from '../units/date';
import { wallAt } from '../units/zone';
import { clocksOf, type ClockOf } from '../cold/household-clocks';

/**
 * The clock of each lot of a household at a moment.
 *
 * @param zone of the time-zone database, such as `Europe/Paris`
 */
export function clockAt(household: Household, zone: string, instant: Instant): ClockOf {
  const clocks = clocksOf({
    state: household.journal.state,
    places: valuesOf(household, 'place'),
    settings: settingsOf(household),
    cuts: valuesOf(household, 'power-cut'),
    dayOf: (at) => wallAt(at, zone).date,
  });
  const now = { instant, today: wallAt(instant, zone).date };
  return (lot) => clocks.at(lot, now);
}
