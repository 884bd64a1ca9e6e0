import type { Deed } from '@core/deeds/deed';
import { saveDinners } from '@core/deeds/change-settings';
import { serve } from '@core/deeds/serve';
import { planDays, planDinner, unplanDinner } from '@core/deeds/plan-dinner';
import { thawForDinner } from '@core/deeds/thaw';
import type { Result } from '@core/units/result';
import { computed, inject, Injectable, signal } from '@angular/core';
import { eatingHabits } from '@core/dinner/eating-habits';
import { proposeWeek, type Why } from '@core/dinner/propose-week';
import { takeOuts } from '@core/dinner/take-out';
import { plannedDays, type PlannedDay } from '@core/dinner/week';
import { lotName } from '@core/catalogue/lot-name';
import { NO_MEAL, type Meal, type Serving } from '@core/dinner/meal';
import { meanPlateDg } from '@core/pack/eater';
import { USUAL_DINNERS, type Dinners } from '@core/dinner/dinners';
import { addDays, type IsoDate } from '@core/units/date';
import { writeCalendar } from '@core/exchange/calendar';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { Notices } from '../../household/notices';
import { saveText } from '../../ui/save-text';

const DAYS = 7;
const MONTH = 28;
/** From so many weeks on habits say something; until then a week has so many dinners with meat. */
const [LEAST_WEEKS, USUAL_A_WEEK] = [6, 4];

/** The week's plan: what is put on which day, and what follows from it. */
@Injectable()
export class Week {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly format = inject(Format);
  private readonly notices = inject(Notices);
  private readonly colds = inject(Colds);
  readonly today = this.clock.today;
  readonly instant = this.clock.now;
  /** The first day shown. */
  readonly from = signal(this.today());
  readonly zone = this.clock.zone;
  readonly dinners = computed<Dinners>(() => this.store.settings().dinners ?? USUAL_DINNERS);
  readonly days = computed(() => this.daysFrom(this.from(), DAYS));
  /** Every dinner to come, for reminders. */
  private readonly ahead = computed(() => this.daysFrom(this.today(), MONTH));
  readonly takeOuts = computed(() =>
    takeOuts(this.ahead(), { instant: this.instant(), zone: this.zone() }, this.dinners()),
  );
  readonly habits = computed(() => eatingHabits(this.store.state(), this.today()));
  /** How many dinners a week to propose, until the household says otherwise. */
  readonly usualDinners = computed(() => {
    const planned = this.days().filter(({ servings }) => servings.length > 0).length;
    const usual = this.habits().weeks < LEAST_WEEKS ? USUAL_A_WEEK : Math.round(this.habits().daysAWeek);
    return Math.min(DAYS, Math.max(usual, planned + 1));
  });
  readonly why = signal<ReadonlyMap<IsoDate, readonly Why[]>>(new Map());

  private daysFrom(from: IsoDate, days: number): PlannedDay[] {
    return plannedDays(from, days, {
      meals: this.store.meals(),
      lots: this.store.state().lots,
      clockOf: this.colds.of(),
      settings: this.store.settings(),
    });
  }

  async put(lot: string, date: IsoDate, from?: IsoDate): Promise<boolean> {
    const pack = this.store.state().lots.get(lot);
    if (!pack) return false;
    const [cold, meals] = [this.colds.of()(pack), this.store.meals()];
    return this.perform(planDinner(pack, { date, from, cold, meals }, this.format));
  }

  take(lot: string, date: IsoDate): Promise<boolean> {
    return this.perform(unplanDinner(lot, this.nameOf(lot), date, this.store.meals()));
  }

  set(date: IsoDate, part: Partial<Meal>, said: string): Promise<boolean> {
    return this.change(new Map([[date, { ...this.mealOf(date), ...part }]]), said);
  }

  setServing(date: IsoDate, lot: string, part: Partial<Serving>): Promise<boolean> {
    const servings = this.mealOf(date).servings.map((each) =>
      each.lot === lot ? { ...each, ...part } : each,
    );
    return this.set(date, { servings }, `${this.nameOf(lot)} is changed`);
  }

  /** Fills the free days of what is shown. */
  async propose(dinners: number): Promise<void> {
    this.clock.refresh();
    const now = { instant: this.instant(), zone: this.zone() };
    const proposal = proposeWeek({
      days: this.days(),
      stock: this.store.stock(),
      habits: this.habits(),
      dinners,
      plateDg: meanPlateDg(this.store.settings()),
      clockOf: this.colds.of(),
      cookMinutes: this.dinners().cookMinutes,
      today: this.today(),
      now,
    });
    if (proposal.length === 0)
      return this.notices.problem(
        'Nothing to propose: all days have their dinner or are without meat, or nothing in the cold can be ready.',
      );
    if (
      await this.change(
        new Map(proposal.map(({ date, meal }) => [date, meal])),
        `${proposal.length} ${proposal.length === 1 ? 'dinner' : 'dinners'} proposed`,
      )
    )
      this.why.set(new Map(proposal.map(({ date, why }) => [date, why])));
  }

  clear(): Promise<boolean> {
    const planned = this.days().filter(({ date, servings }) => date >= this.today() && servings.length > 0);
    return this.change(
      new Map(planned.map(({ date, meal }) => [date, { ...meal, servings: [] }])),
      'The plan is empty',
    );
  }

  /** Takes a planned pack out; where it is only some of it, the plan goes on with what was taken out. */
  async takeOut(date: IsoDate, serving: Serving, way: 'refrigerator' | 'cold-water'): Promise<void> {
    const pack = this.store.state().lots.get(serving.lot);
    if (!pack) return;
    const [refrigerator, on] = [this.store.refrigerator(), this.clock.today()];
    const thawing = { way, refrigerator, on, newId: () => this.clock.newId() };
    await this.store.perform(thawForDinner(pack, { date, serving }, this.store.meals(), thawing));
  }

  /** Served is eaten: it leaves the stock, at its cost. */
  async serve(day: PlannedDay): Promise<void> {
    await this.store.perform(serve(day, this.clock.today()));
  }

  async saveCalendar(): Promise<void> {
    this.clock.refresh();
    const calendar = this.dinners().calendar ?? this.clock.newId();
    if (this.dinners().calendar === undefined) await this.saveDinners({ ...this.dinners(), calendar });
    const known = new Set([...this.store.meals().keys()].filter((date) => date >= this.today()));
    if (known.size === 0) return this.notices.problem('Nothing is planned yet. Put packs on days first.');
    const text = writeCalendar({
      days: this.ahead(),
      takeOuts: this.takeOuts(),
      places: new Map([...this.store.placeNames()].map(([id, name]) => [id, { name }])),
      known,
      zone: this.zone(),
      calendar,
      now: this.clock.instant(),
    });
    saveText(`vendicus-dinners-${this.today()}.ics`, text, 'text/calendar');
    this.notices.done('The calendar file is saved. A later one changes what this one says.');
  }

  async saveDinners(dinners: Dinners): Promise<boolean> {
    return (await this.store.perform(saveDinners(dinners))).ok;
  }

  go(days: number): void {
    this.from.update((from) => addDays(from, days));
  }

  private mealOf(date: IsoDate): Meal {
    return this.store.meals().get(date) ?? NO_MEAL;
  }

  private nameOf(lot: string): string {
    const known = this.store.state().lots.get(lot);
    return known ? lotName(known) : 'It';
  }

  private change(days: ReadonlyMap<IsoDate, Meal>, said: string): Promise<boolean> {
    return days.size === 0 ? Promise.resolve(true) : this.perform(planDays(days, said));
  }

  private async perform(deed: Deed | Result<Deed>): Promise<boolean> {
    const { ok } = await this.store.perform(deed);
    if (ok) this.why.set(new Map());
    return ok;
  }
}
