import { clocksOf, type ClockOf } from '../cold/household-clocks';
import type { State } from '../ledger/replay';
import type { IsoDate } from '../units/date';

/** The clocks of a test's lots at eight in the morning of a day; a place called "fridge" is a refrigerator, all others freezers. */
export function clocks(state: Pick<State, 'lots'>, today: IsoDate): ClockOf {
  const coldOf = (id: string) => ({ name: id, cold: id === 'fridge' ? 'refrigerator' : 'freezer' }) as const;
  const ids = [...state.lots.values()].flatMap(({ cold }) => cold.flatMap(({ place = [] }) => place));
  const all = clocksOf({
    state,
    places: new Map(ids.map((id) => [id, coldOf(id)])),
    settings: {},
    dayOf: (at) => at.slice(0, 10),
  });
  return (lot) => all.at(lot, { instant: `${today}T08:00:00.000Z`, today });
}
