import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { lotName } from '@core/catalogue/lot-name';
import { saveDinners } from '@core/deeds/change-settings';
import type { Deed } from '@core/deeds/deed';
import {
  changeMeal,
  changeServing,
  clearPlan,
  planDinner,
  takeProposal,
  unplanDinner,
} from '@core/deeds/plan-dinner';
import { serve } from '@core/deeds/serve';
import { thawForDinner } from '@core/deeds/thaw';
import { USUAL_DINNERS, type Dinners } from '@core/dinner/dinners';
import { eatingHabits } from '@core/dinner/eating-habits';
import type { Meal, Serving } from '@core/dinner/meal';
import { proposeWeek, type Why } from '@core/dinner/propose-week';
import { takeOuts } from '@core/dinner/take-out';
import { plannedDays, type PlannedDay } from '@core/dinner/week';
import { writeCalendar } from '@core/exchange/calendar';
import { plateOf } from '@core/pack/eater';
import { addDays, type IsoDate } from '@core/units/date';
import type { Result } from '@core/units/result';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { PiecesNow } from './pieces-now';
import { saveText } from '../../ui/save-text';

const DAYS = 7;
const MONTH = 28;
/** From so many weeks on habits say something; until then a week has so many dinners with meat. */
const [LEAST_WEEKS, USUAL_A_WEEK] = [6, 4];

interface WeekState {
  /** The first day shown. */
  readonly from: IsoDate;
  /** Why packs were put on the days of the last proposal, until something else changes the plan. */
  readonly why: ReadonlyMap<IsoDate, readonly Why[]>;
}

/** The week's plan: what is put on which day, and what follows from it. */
export const Week = signalStore(
  withState((): WeekState => ({ from: inject(Clock).today(), why: new Map() })),
  withProps(() => ({
    _store: inject(HouseholdStore),
    _clock: inject(Clock),
    _colds: inject(Colds),
    _notices: inject(Notices),
    _pieces: inject(PiecesNow),
  })),
  withComputed(({ from, _store, _clock, _colds }) => {
    const daysFrom = (first: IsoDate, days: number): PlannedDay[] =>
      plannedDays(first, days, {
        meals: _store.meals(),
        lots: _store.state().lots,
        clockOf: _colds.of(),
        settings: _store.settings(),
      });
    return {
      today: _clock.today,
      instant: _clock.now,
      zone: _clock.zone,
      dinners: computed<Dinners>(() => _store.settings().dinners ?? USUAL_DINNERS),
      days: computed(() => daysFrom(from(), DAYS)),
      /** Every dinner to come, for reminders. */
      _ahead: computed(() => daysFrom(_clock.today(), MONTH)),
      habits: computed(() => eatingHabits(_store.state(), _clock.today())),
    };
  }),
  withComputed(({ _ahead, days, habits, instant, zone, dinners }) => ({
    takeOuts: computed(() => takeOuts(_ahead(), { instant: instant(), zone: zone() }, dinners())),
    /** How many dinners a week to propose, until the household says otherwise. */
    usualDinners: computed(() => {
      const planned = days().filter(({ servings }) => servings.length > 0).length;
      const usual = habits().weeks < LEAST_WEEKS ? USUAL_A_WEEK : Math.round(habits().daysAWeek);
      return Math.min(DAYS, Math.max(usual, planned + 1));
    }),
  })),
  withMethods((store) => {
    const { _store: household, _clock: clock, _notices: notices } = store;
    const packOf = (lot: string) => household.state().lots.get(lot);
    const named = (lot: string): { lot: string; name: string } => {
      const known = packOf(lot);
      return { lot, name: known ? lotName(known) : 'It' };
    };
    /** What changes the plan: nothing of it is a proposal any more. */
    async function perform(deed: Deed | Result<Deed>): Promise<boolean> {
      const { ok } = await household.perform(deed);
      if (ok) patchState(store, { why: new Map() });
      return ok;
    }
    const saveDinnersNow = async (dinners: Dinners): Promise<boolean> =>
      (await household.perform(saveDinners(dinners))).ok;
    return {
      saveDinners: saveDinnersNow,
      go: (days: number): void => patchState(store, ({ from }) => ({ from: addDays(from, days) })),
      /** Puts a pack on a day, from another or from none. */
      async put(lot: string, date: IsoDate, from?: IsoDate): Promise<boolean> {
        const pack = packOf(lot);
        if (!pack) return false;
        const [cold, meals] = [store._colds.of()(pack), household.meals()];
        return perform(planDinner(pack, { date, from, cold, meals }, household.format));
      },
      take: (lot: string, date: IsoDate): Promise<boolean> =>
        perform(unplanDinner(lot, named(lot).name, date, household.meals())),
      set: (date: IsoDate, part: Partial<Meal>, said: string): Promise<boolean> =>
        perform(changeMeal(date, part, said, household.meals())),
      setServing: (date: IsoDate, lot: string, part: Partial<Serving>): Promise<boolean> =>
        perform(changeServing(named(lot), date, part, household.meals())),
      /** Fills the free days of what is shown. */
      async propose(dinners: number): Promise<void> {
        clock.refresh();
        const proposal = proposeWeek({
          days: store.days(),
          stock: store._colds.free(),
          habits: store.habits(),
          dinners,
          plate: plateOf(household.settings()),
          clockOf: store._colds.of(),
          cookMinutes: store.dinners().cookMinutes,
          today: store.today(),
          now: { instant: store.instant(), zone: store.zone() },
        });
        if (await perform(takeProposal(proposal)))
          patchState(store, { why: new Map(proposal.map(({ date, why }) => [date, why])) });
      },
      async clear(): Promise<boolean> {
        const deed = clearPlan(store.days(), store.today());
        return deed === null || perform(deed);
      },
      /** Takes a planned pack out; where it is only some of it, the plan goes on with what was taken out. */
      async takeOut(date: IsoDate, serving: Serving, way: 'refrigerator' | 'cold-water'): Promise<void> {
        const pack = packOf(serving.lot);
        if (!pack) return;
        const thawing = store._colds.thawing(way);
        await household.perform(thawForDinner(pack, { date, serving }, household.meals(), thawing));
      },
      /** Served is eaten: it leaves the stock, at its cost. */
      async serve(day: PlannedDay): Promise<void> {
        await household.perform(serve(day, clock.today()));
      },
      async saveCalendar(): Promise<void> {
        clock.refresh();
        const dinners = store.dinners();
        const calendar = dinners.calendar ?? clock.newId();
        if (dinners.calendar === undefined) await saveDinnersNow({ ...dinners, calendar });
        const known = new Set([...household.meals().keys()].filter((date) => date >= store.today()));
        if (known.size === 0 && store._pieces.known().size === 0)
          return notices.problem('Nothing is planned yet. Put packs on days first.');
        const text = writeCalendar({
          days: store._ahead(),
          takeOuts: store.takeOuts(),
          pieces: store._pieces.all(),
          knownPieces: store._pieces.known(),
          places: new Map([...household.placeNames()].map(([id, name]) => [id, { name }])),
          known,
          zone: store.zone(),
          calendar,
          now: clock.instant(),
        });
        saveText(`vendicus-dinners-${store.today()}.ics`, text, 'text/calendar');
        notices.done('The calendar file is saved. A later one changes what this one says.');
      },
    };
  }),
);
export type Week = InstanceType<typeof Week>;
