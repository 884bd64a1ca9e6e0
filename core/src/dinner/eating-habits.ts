import type { Animal } from '../ledger/animal';
import type { State } from '../ledger/replay';
import { addDays, daysBetween, type IsoDate } from '../units/date';
import { weekdayOf } from '../units/zone';

/** What a household eats on which days of the week, as it has written down. */
export interface EatingHabits {
  /** Weeks with meat in them; weeks without any (holidays, nothing written down) say nothing. */
  readonly weeks: number;
  /** How likely meat is on a weekday, Monday is 1; 0.5 where nothing is known. */
  readonly meatOn: (weekday: number) => number;
  /** How likely, of the meat on a weekday, it is of an animal. */
  readonly animalOn: (weekday: number, animal: Animal | null) => number;
  /** Days with meat in a usual week. */
  readonly daysAWeek: number;
}

const WEEKS = 26;
const ANIMALS = 5;

/**
 * A household's habits, from what was eaten in half a year. Chances are by Laplace's rule of
 * succession, so that a few weeks claim little.
 *
 * @param today the day up to which
 */
export function eatingHabits(state: State, today: IsoDate): EatingHabits {
  const dinners = eatenDays(state, addDays(today, -7 * WEEKS), today);
  const active = new Set([...dinners.keys()].map((date) => Math.floor(daysBetween(date, today) / 7)));
  const weeks = active.size;
  const onWeekday = (weekday: number): [IsoDate, Set<Animal | null>][] =>
    [...dinners].filter(([date]) => weekdayOf(date) === weekday);
  return {
    weeks,
    meatOn: (weekday) => (onWeekday(weekday).length + 1) / (weeks + 2),
    animalOn: (weekday, animal) =>
      (onWeekday(weekday).filter(([, animals]) => animals.has(animal)).length + 1) /
      (onWeekday(weekday).length + ANIMALS),
    daysAWeek: weeks === 0 ? 0 : dinners.size / weeks,
  };
}

/** The days on which something was eaten, and of which animals. */
function eatenDays(state: State, after: IsoDate, upTo: IsoDate): Map<IsoDate, Set<Animal | null>> {
  const days = new Map<IsoDate, Set<Animal | null>>();
  for (const { animal, flows } of state.lots.values()) {
    for (const { way, on } of flows) {
      if (way !== 'eaten' || !on || on <= after || on > upTo) continue;
      const known = days.get(on);
      if (known) known.add(animal);
      else days.set(on, new Set([animal]));
    }
  }
  return days;
}
