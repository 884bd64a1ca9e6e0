import { type KeepingRules, USUAL_KEEPING } from './keeping-rules';
import type { Lot } from '../ledger/lot';
import { coldPlaces, freezes, type Appliance } from './cold-places';
import type { Place } from './place';
import type { PowerCut } from './power-cut-note';
import type { FreezerFacts } from './running';
import type { State } from '../ledger/replay';
import type { Instant, IsoDate } from '../units/date';
import { ColdClocks } from './cold-clock';
import type { Cold } from './cold';

/** What the clocks are read with. */
export interface ClockRequest {
  readonly state: Pick<State, 'lots'>;
  readonly places: ReadonlyMap<string, Place>;
  readonly settings: { readonly keeping?: KeepingRules };
  /** When the power was out, by an id. */
  readonly cuts?: ReadonlyMap<string, PowerCut>;
  /** The day of a moment where the household is. */
  readonly dayOf: (at: Instant) => IsoDate;
}

/** Tells the clock of a lot, now or at whatever moment the household looks at. */
export type ClockOf = (lot: Lot) => Cold;

/** A freezer in whose air nothing freezes is a refrigerator. */
function coldOf(appliance: Appliance): FreezerFacts | 'refrigerator' {
  return appliance.cold === 'freezer' && freezes(appliance) ? appliance : 'refrigerator';
}

/** The clocks of a household's lots. */
export function clocksOf({ state, places, settings, cuts, dayOf }: ClockRequest): ColdClocks {
  const days = new Map<string, IsoDate>();
  const colds = new Map(
    coldPlaces(places).flatMap((appliance) =>
      [appliance.id, ...appliance.shelves.map(({ id }) => id)].map((id) => [id, coldOf(appliance)] as const),
    ),
  );
  return new ColdClocks(state, {
    coldOf: (place) => colds.get(place),
    rules: settings.keeping ?? USUAL_KEEPING,
    cuts: [...(cuts?.values() ?? [])].sort((a, b) => (a.from < b.from ? -1 : 1)),
    dayOf: (at) => {
      // Zones differ by quarters of an hour: a quarter lies on one day.
      const quarter = `${at.slice(0, 14)}${Math.floor(Number(at.slice(14, 16)) / 15)}`;
      const day = days.get(quarter) ?? dayOf(at);
      days.set(quarter, day);
      return day;
    },
  });
}
