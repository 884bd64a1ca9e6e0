import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { splitFacts, thawFacts } from '@core/dinner/use-facts';
import { NO_MEAL, type Serving } from '@core/journal/meal';
import { without, withServing } from '@core/dinner/week';
import { keepsUpTo } from '@core/freeze/cold-clock';
import { meatOf } from '@core/freeze/meat-properties';
import { packFreezing } from '@core/freeze/pack-freezing';
import { THAWED, thawingHours } from '@core/freeze/thawing-time';
import { applianceAt } from '@core/freeze/cold-places';
import type { Amount, Fact } from '@core/journal/entry';
import type { ThawedBy } from '@core/journal/lot';
import { addDays } from '@core/units/date';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { Acts } from '../kit/acts';
import { keepsWords, STATE_WORDS } from '../kit/cold-words';
import { Overdue } from '../kit/overdue';
import { keptWord, type PackRow } from './pack-rows';

/** Why something is thrown away. */
export const WHY_THROWN = [
  'freezer burn',
  'past its date',
  'thawed too long',
  'torn or open',
  'does not smell right',
  'other',
] as const;

/** One pack: what it is, and what becomes of it. */
@Component({
  selector: 'v-pack-card',
  imports: [FormsModule, Overdue, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './pack-card.html',
  styleUrl: './pack-card.css',
})
export class PackCard {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly acts = inject(Acts);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  readonly row = input.required<PackRow>();

  protected readonly lot = computed(() => this.row().lot);
  protected readonly cold = computed(() => this.row().cold);
  protected readonly isFrozen = computed(() => this.cold().state === 'frozen');
  protected readonly isThawing = computed(() => ['thawing', 'thawed'].includes(this.cold().state));
  protected readonly keeps = computed(() => keepsWords(this.cold(), this.figures));
  protected readonly states = STATE_WORDS;
  private readonly id = computed(() => this.lot().id);
  protected readonly plates = linkedSignal<string, string>({ source: this.id, computation: () => '1' });
  protected readonly way = linkedSignal<string, ThawedBy>({
    source: this.id,
    computation: () => 'refrigerator',
  });
  protected readonly why = linkedSignal<string, string>({
    source: this.id,
    computation: () => WHY_THROWN[0],
  });
  protected readonly part = linkedSignal<string, string>({ source: this.id, computation: () => '1' });
  protected readonly whys = WHY_THROWN;
  protected readonly ways = Object.keys(THAWED) as ThawedBy[];
  protected readonly thawing = THAWED;
  protected readonly kept = computed(() => keptWord(this.lot()));
  protected readonly singles = computed(() => (this.lot().singly ? this.lot().countLeft : 0));
  /** Hours until it is through; null in the microwave, which takes minutes. */
  protected readonly thawH = computed(() => {
    const [way, { leftDg, thicknessMm, animal }] = [this.way(), this.lot()];
    return way === 'microwave' ? null : Math.ceil(thawingHours(leftDg, thicknessMm, way, meatOf(animal)));
  });
  /** Why it cannot go back into the freezer; null where it may. */
  protected readonly notAgain = computed(() => (this.cold().mayRefreeze === false ? this.cold().why : null));
  /** Since when it is here: what came fresh has a day of purchase, what came otherwise was wrapped or frozen. */
  protected readonly since = computed(() => {
    const { boughtOn, on } = this.lot();
    if (boughtOn) return `bought ${this.figures.day(boughtOn)}`;
    return on ? `wrapped ${this.figures.day(on)}` : 'nobody knows since when';
  });
  /** The days that it may be planned for: up to its last one, and the one that it is planned for. */
  protected readonly days = computed(() =>
    Array.from({ length: 7 }, (_, day) => addDays(this.clock.today(), day)).filter(
      (day) => this.row().planned.includes(day) || keepsUpTo(this.cold(), day),
    ),
  );

  /** How long it took, or takes, to freeze here; null where nobody knows how thick it is. */
  protected readonly frozenIn = computed(() => {
    const { thicknessMm, animal, place } = this.lot();
    const where = applianceAt(this.store.appliances(), place);
    if (thicknessMm === null || where?.cold !== 'freezer') return null;
    const [{ hours }, { hours: half }] = [
      packFreezing(thicknessMm, animal, where),
      packFreezing(thicknessMm / 2, animal, where),
    ];
    return hours === undefined || half === undefined ? null : { hours, half, where: where.name, thicknessMm };
  });

  protected eat(amount: Amount): Promise<boolean> {
    const said = amount === 'all' ? `${this.row().name} eaten` : `A part of ${this.row().name} eaten`;
    return this.acts.write(said, [{ type: 'eaten', lot: this.id(), amount, on: this.clock.today() }]);
  }

  protected eatPlates(): void {
    const plates = Number(this.plates());
    if (!Number.isInteger(plates) || plates < 1)
      return this.notices.problem('Plates is a whole number from 1.');
    void this.eat({ plates });
  }

  protected thaw(amount: Serving['amount']): void {
    const { facts } = thawFacts(this.lot(), amount, {
      way: this.way(),
      refrigerator: this.store.refrigerator(),
      newId: this.clock.newId(),
      on: this.clock.today(),
    });
    void this.acts.write(
      amount === 'all' ? `${this.row().name} is thawing` : `One piece of ${this.row().name} is thawing`,
      facts,
    );
  }

  protected freezeAgain(): void {
    const why = this.notAgain();
    if (why) return this.notices.problem(why);
    const freezer = this.store.shelves().find(({ cold }) => cold === 'freezer');
    const facts: Fact[] =
      this.lot().thawingDg > 0 ? [{ type: 'refrozen', lot: this.id(), on: this.clock.today() }] : [];
    if (freezer) facts.push({ type: 'placed', lot: this.id(), place: freezer.id });
    if (facts.length === 0)
      return this.notices.problem(
        'Say first which freezer there is, under Places. Nothing was written down.',
      );
    void this.acts.write(`${this.row().name} is frozen again`, facts);
  }

  protected discard(): void {
    void this.acts.write(`${this.row().name} thrown away`, [
      { type: 'discarded', lot: this.id(), amount: 'all', on: this.clock.today(), reason: this.why() },
    ]);
  }

  protected give(): void {
    void this.acts.write(`${this.row().name} given away`, [
      { type: 'given', lot: this.id(), amount: 'all', on: this.clock.today() },
    ]);
  }

  protected move(place: string): void {
    void this.acts.write(`${this.row().name} moved`, [{ type: 'placed', lot: this.id(), place }]);
  }

  protected split(): void {
    const count = Number(this.part());
    const most = this.lot().countLeft - 1;
    if (!Number.isInteger(count) || count < 1 || count > most)
      return this.notices.problem(`Split off a whole number of pieces from 1 to ${most}.`);
    void this.acts.write(
      `${this.row().name} split`,
      splitFacts(this.lot(), count, {
        loose: this.clock.newId(),
        newId: this.clock.newId(),
        on: this.clock.today(),
      }),
    );
  }

  protected async plan(date: string): Promise<void> {
    const [from] = this.row().planned;
    const serving = this.store
      .meals()
      .get(from ?? '')
      ?.servings.find(({ lot }) => lot === this.id()) ?? { lot: this.id(), amount: 'all' as const };
    const changes =
      date === ''
        ? new Map([[from ?? '', without(this.store.meals().get(from ?? '') ?? NO_MEAL, this.id())]])
        : withServing(this.store.meals(), date, serving, from);
    const written = await this.store.record(
      ...[...changes].map(([key, value]) => ({ type: 'meal' as const, key, value })),
    );
    this.notices.tell(
      written,
      date === ''
        ? `${this.row().name} is off the plan`
        : `${this.row().name} is planned for ${this.figures.day(date)}`,
    );
  }
}
