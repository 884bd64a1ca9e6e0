import { computed, DestroyRef, inject, Injectable, signal } from '@angular/core';
import { eatingHabits } from '@core/dinner/eating-habits';
import { proposeWeek, type Why } from '@core/dinner/propose-week';
import { takeOuts } from '@core/dinner/take-out';
import { thawFacts, takenFrom } from '@core/dinner/use-facts';
import { plannedDays, withServing, without, type PlannedDay, type PlannedServing } from '@core/dinner/week';
import { keepsUpTo } from '@core/freeze/cold-clock';
import type { Fact } from '@core/journal/entry';
import { lotName } from '@core/journal/lot-name';
import { putBack, type Rewritten } from '@core/journal/put-back';
import { NO_MEAL, type Meal, type Serving } from '@core/journal/meal';
import { meanPlateDg, USUAL_DINNERS, type Dinners } from '@core/journal/settings';
import { addDays, type IsoDate } from '@core/units/date';
import { writeCalendar } from '@core/files/calendar';
import { Clock } from '../data/clock';
import { Colds } from '../data/colds';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { saveText } from '../kit/save-text';
import { Acts } from '../kit/acts';

const MINUTE_MS = 60_000;
const DAYS = 7;
const MONTH = 28;
/** From so many weeks on habits say something; until then a week has so many dinners with meat. */
const [LEAST_WEEKS, USUAL_A_WEEK] = [6, 4];

/** The week's plan: what is put on which day, and what follows from it. */
@Injectable()
export class Week {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly figures = inject(Figures);
  private readonly notices = inject(Notices);
  private readonly acts = inject(Acts);
  private readonly colds = inject(Colds);
  readonly today = signal(this.clock.today());
  readonly instant = signal(this.clock.instant());
  /** The first day shown. */
  readonly from = signal(this.today());
  readonly zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  readonly dinners = computed<Dinners>(() => this.store.settings().dinners ?? USUAL_DINNERS);
  readonly days = computed(() => this.daysFrom(this.from(), DAYS));
  /** Every dinner to come, for reminders. */
  private readonly ahead = computed(() => this.daysFrom(this.today(), MONTH));
  readonly takeOuts = computed(() =>
    takeOuts(this.ahead(), { instant: this.instant(), zone: this.zone }, this.dinners()),
  );
  readonly habits = computed(() => eatingHabits(this.store.state(), this.today()));
  /** How many dinners a week to propose, until the household says otherwise. */
  readonly usualDinners = computed(() => {
    const planned = this.days().filter(({ servings }) => servings.length > 0).length;
    const usual = this.habits().weeks < LEAST_WEEKS ? USUAL_A_WEEK : Math.round(this.habits().daysAWeek);
    return Math.min(DAYS, Math.max(usual, planned + 1));
  });
  readonly why = signal<ReadonlyMap<IsoDate, readonly Why[]>>(new Map());
  /** What the last change of the plan wrote, by day. */
  private readonly lastChange = signal<readonly Rewritten<Meal>[] | null>(null);
  readonly canUndo = computed(() => this.lastChange() !== null);

  constructor() {
    const timer = setInterval(() => this.refresh(), MINUTE_MS);
    inject(DestroyRef).onDestroy(() => clearInterval(timer));
  }

  private daysFrom(from: IsoDate, days: number): PlannedDay[] {
    return plannedDays(from, days, {
      meals: this.store.meals(),
      lots: this.store.state().lots,
      clockOf: this.colds.of(),
      settings: this.store.settings(),
    });
  }

  refresh(): void {
    this.today.set(this.clock.today());
    this.instant.set(this.clock.instant());
  }

  put(lot: string, date: IsoDate, from?: IsoDate): Promise<boolean> {
    const serving = (from &&
      this.store
        .meals()
        .get(from)
        ?.servings.find((each) => each.lot === lot)) || { lot, amount: 'all' as const };
    const name = this.nameOf(lot);
    const known = this.store.state().lots.get(lot);
    const cold = known && this.colds.of()(known);
    if (cold && !keepsUpTo(cold, date)) {
      const until = cold.cookBy ? this.figures.weekday(cold.cookBy) : 'nobody knows when';
      this.notices.problem(`${name} keeps until ${until}: it is not for ${this.figures.weekday(date)}.`);
      return Promise.resolve(false);
    }
    return this.change(
      withServing(this.store.meals(), date, serving, from),
      `${name} is for ${this.figures.weekday(date)}`,
    );
  }

  take(lot: string, date: IsoDate): Promise<boolean> {
    return this.change(
      new Map([[date, without(this.mealOf(date), lot)]]),
      `${this.nameOf(lot)} is off the plan`,
    );
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
    this.refresh();
    const now = { instant: this.instant(), zone: this.zone };
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

  async undo(): Promise<void> {
    if (await this.takeBack(this.lastChange() ?? [])) this.lastChange.set(null);
  }

  /** Puts dinners back as they were, but for those that somebody has changed since. */
  private async takeBack(deed: readonly Rewritten<Meal>[]): Promise<boolean> {
    const { back, changed } = putBack(deed, this.store.meals(), NO_MEAL);
    const written = await this.store.record(
      ...back.map(({ key, was }) => ({ type: 'meal' as const, key, value: was })),
    );
    if (!this.notices.tell(written, 'The plan is as it was')) return false;
    if (changed.length > 0)
      this.notices.problem(
        `${changed.map(({ key }) => this.figures.weekday(key)).join(', ')}: changed since, so that plan stays. ${back.length > 0 ? 'The rest is as it was.' : 'Nothing was undone.'}`,
      );
    return true;
  }

  /** Takes a planned pack out; where it is only some of it, the plan goes on with what was taken out. */
  async takeOut(date: IsoDate, serving: Serving, way: 'refrigerator' | 'cold-water'): Promise<void> {
    const pack = this.store.state().lots.get(serving.lot);
    if (!pack) return;
    const { facts, lot } = thawFacts(pack, serving.amount, {
      way,
      refrigerator: this.store.refrigerator(),
      newId: this.clock.newId(),
      on: this.clock.today(),
    });
    const before = this.mealOf(date);
    const servings = before.servings.map((each): Serving =>
      each.lot === serving.lot ? { lot, amount: 'all', way: each.way } : each,
    );
    const value = { ...before, servings };
    const isWhole = lot === serving.lot;
    const back = (): Promise<unknown> => this.takeBack([{ key: date, was: before, wrote: value }]);
    if (
      (await this.acts.write(`${lotName(pack)} is out, to thaw`, facts, isWhole ? undefined : back)) &&
      !isWhole
    )
      await this.store.record({ type: 'meal', key: date, value });
  }

  /** Served is eaten: it leaves the stock, at its cost. */
  async serve({ date, servings }: PlannedDay): Promise<void> {
    const on = date > this.clock.today() ? this.clock.today() : date;
    const there = servings.filter(
      (each): each is PlannedServing & { lot: NonNullable<PlannedServing['lot']> } =>
        each.lot !== null && each.trouble === null && !each.isServed,
    );
    const facts = there.map(({ serving, lot }): Fact => ({
      type: 'eaten',
      lot: lot.id,
      amount: takenFrom(lot, serving.amount, '', on).facts.length === 0 ? 'all' : serving.amount,
      on,
    }));
    if (facts.length > 0)
      await this.acts.write(`${there.map(({ lot }) => lotName(lot)).join(', ')} eaten`, facts);
  }

  async saveCalendar(): Promise<void> {
    this.refresh();
    const calendar = this.dinners().calendar ?? this.clock.newId();
    if (this.dinners().calendar === undefined) await this.saveDinners({ ...this.dinners(), calendar });
    const known = new Set([...this.store.meals().keys()].filter((date) => date >= this.today()));
    if (known.size === 0) return this.notices.problem('Nothing is planned yet. Put packs on days first.');
    const text = writeCalendar({
      days: this.ahead(),
      takeOuts: this.takeOuts(),
      places: new Map([...this.store.placeNames()].map(([id, name]) => [id, { name }])),
      known,
      zone: this.zone,
      calendar,
      now: this.clock.instant(),
    });
    saveText(`vendicus-dinners-${this.today()}.ics`, text, 'text/calendar');
    this.notices.done('The calendar file is saved. A later one changes what this one says.');
  }

  async saveDinners(dinners: Dinners): Promise<boolean> {
    return this.notices.tell(await this.store.changeSettings(() => ({ dinners })), 'Saved');
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

  private async change(days: ReadonlyMap<IsoDate, Meal>, said: string): Promise<boolean> {
    if (days.size === 0) return true;
    const deed = [...days].map(([key, wrote]) => ({ key, was: this.mealOf(key), wrote }));
    const written = await this.store.record(
      ...[...days].map(([key, value]) => ({ type: 'meal' as const, key, value })),
    );
    if (!this.notices.tell(written, said)) return false;
    this.lastChange.set(deed);
    this.why.set(new Map());
    return true;
  }
}
