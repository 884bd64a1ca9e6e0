import { eat } from '@core/deeds/eat';
import { freezeAgain } from '@core/deeds/freeze-again';
import { freePacks, keepPacks } from '@core/deeds/keep-pack';
import { move } from '@core/deeds/move';
import { giveAway, throwAway, WHY_THROWN } from '@core/deeds/part-with';
import { planDinner, unplanDinner } from '@core/deeds/plan-dinner';
import { splitPack } from '@core/deeds/split-pack';
import { thaw } from '@core/deeds/thaw';
import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { type Serving } from '@core/dinner/meal';
import { isLabelStale } from '@core/books/pack-label';
import { isInFreezer, keepsUpTo } from '@core/cold/cold';
import { whyOf } from '@core/cold/why';
import { meatOf } from '@core/cold/meat-properties';
import { packFreezing } from '@core/cold/pack-freezing';
import { THAWED, thawingHours, THAWING } from '@core/cold/thawing-time';
import { applianceAt } from '@core/cold/cold-places';
import type { Amount } from '@core/ledger/entry';
import type { ThawedBy } from '@core/ledger/lot';
import { addDays } from '@core/units/date';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { Colds } from '../../household/colds';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';
import { keepsWords, STATE_WORDS } from '../../household/cold-words';
import { Overdue } from '../../household/parts/overdue';
import { SoftThrough } from '../../household/parts/soft-through';
import { keptWord, type PackRow } from './pack-rows';
import { asOptions, Choice, type Options } from '../../ui/field/choice';
import { Day } from '../../ui/field/day';
import { TextField } from '../../ui/field/text-field';
import { PlaceChoice } from '../../household/parts/place-choice';

/** One pack: what it is, and what becomes of it. */
@Component({
  selector: 'v-pack-card',
  imports: [Choice, Day, Overdue, PlaceChoice, RouterLink, SoftThrough, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './pack-card.html',
  styleUrl: './pack-card.css',
})
export class PackCard {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  readonly row = input.required<PackRow>();

  protected readonly lot = computed(() => this.row().lot);
  protected readonly cold = computed(() => this.row().cold);
  protected readonly because = computed(() => whyOf(this.cold()));
  protected readonly isFrozen = computed(() => isInFreezer(this.cold()));
  /** Neither past its day nor waiting to be looked at. */
  protected readonly mayUse = computed(() => !this.cold().overdue && !this.cold().toCheck);
  /** On its way to be frozen: fresh to its last day in the refrigerator. */
  protected readonly isFreezing = computed(() => this.cold().state === 'freezing');
  protected readonly isFresh = computed(() => {
    const { cookBy } = this.cold();
    return this.isFreezing() && cookBy !== null && this.clock.today() <= cookBy;
  });
  /** Its label carries another day than that on which it went in. */
  protected readonly isStale = computed(() => isLabelStale(this.lot(), this.cold()));
  protected readonly isThawing = computed(() => ['thawing', 'thawed'].includes(this.cold().state));
  protected readonly keeps = computed(() => keepsWords(this.cold(), this.format));
  protected readonly states = STATE_WORDS;
  private readonly id = computed(() => this.lot().id);
  protected readonly platesWrong = linkedSignal<string, string>({ source: this.id, computation: () => '' });
  protected readonly plates = linkedSignal<string, string>({ source: this.id, computation: () => '1' });
  protected readonly way = linkedSignal<string, ThawedBy>({
    source: this.id,
    computation: () => 'refrigerator',
  });
  protected readonly today = this.clock.today;
  /** When it came out: mostly now; the day before where nobody wrote it down then. */
  protected readonly outOn = linkedSignal({ source: this.id, computation: () => this.clock.today() });
  protected readonly earliest = computed(() => this.cold().frozenOn ?? undefined);
  protected readonly why = linkedSignal<string, string>({
    source: this.id,
    computation: () => WHY_THROWN[0],
  });
  protected readonly part = linkedSignal<string, string>({ source: this.id, computation: () => '1' });
  /** What it is to be kept for. */
  protected readonly what = linkedSignal<string, string>({ source: this.id, computation: () => '' });
  protected readonly whys: Options<string> = asOptions<string>(WHY_THROWN);
  protected readonly ways: Options<ThawedBy> = (Object.keys(THAWED) as ThawedBy[]).map(
    (way) => [way, THAWED[way].name] as const,
  );
  protected readonly thawing = THAWED;
  protected readonly kept = computed(() => keptWord(this.lot()));
  protected readonly singles = computed(() => (this.lot().singly ? this.lot().countLeft : 0));
  /** Hours until it is through; null in the microwave, which takes minutes. */
  protected readonly thawH = computed(() => {
    const [way, { leftDg, thicknessMm, animal }] = [this.way(), this.lot()];
    return way === 'microwave'
      ? null
      : Math.ceil(thawingHours(leftDg, thicknessMm, THAWING[way], meatOf(animal)));
  });
  /** Why it cannot go back into the freezer; null where it may. */
  protected readonly notAgain = computed(() => (this.cold().mayRefreeze === false ? this.because() : null));
  /** Since when it is here: what came fresh has a day of purchase, what came otherwise was wrapped or frozen. */
  protected readonly since = computed(() => {
    const { boughtOn, on } = this.lot();
    if (boughtOn) return `bought ${this.format.day(boughtOn)}`;
    return on ? `wrapped ${this.format.day(on)}` : 'nobody knows since when';
  });
  /** The days that it may be planned for: up to its last one, and the one that it is planned for. */
  protected readonly days = computed(() =>
    Array.from({ length: 7 }, (_, day) => addDays(this.clock.today(), day)).filter(
      (day) => this.row().planned.includes(day) || keepsUpTo(this.cold(), day),
    ),
  );

  protected readonly dayOptions = computed((): Options<string> => [
    ['', 'no day'],
    ...this.days().map((day) => [day, this.format.weekday(day)] as const),
  ]);

  /** How long it took, or takes, to freeze here; null where nobody knows how thick it is. */
  protected readonly frozenIn = computed(() => {
    const { thicknessMm, animal, place } = this.lot();
    const where = applianceAt(this.store.appliances(), place);
    if (thicknessMm === null || where?.cold !== 'freezer') return null;
    const [{ value: hours }, { value: half }] = [
      packFreezing(thicknessMm, animal, where),
      packFreezing(thicknessMm / 2, animal, where),
    ];
    return hours === undefined || half === undefined ? null : { hours, half, where: where.name, thicknessMm };
  });

  protected async eat(amount: Amount): Promise<void> {
    await this.store.perform(eat([this.lot()], amount, this.clock.today()));
  }

  protected eatPlates(): void {
    const [typed, most] = [this.plates().trim(), Math.ceil(this.lot().platesLeft)];
    const isFit = /^\d+$/.test(typed) && Number(typed) >= 1 && Number(typed) <= most;
    const why = `“${typed}” cannot be eaten: a whole number of portions, from 1 to ${most}.`;
    this.platesWrong.set(isFit ? '' : why);
    if (isFit) void this.eat({ plates: Number(typed) });
  }

  protected thaw(amount: Serving['amount']): void {
    void this.store.perform(
      thaw([this.lot()], amount, { ...this.colds.thawing(this.way()), on: this.outOn() }),
    );
  }

  /** Out before it is frozen: as if it had stayed in the refrigerator. */
  protected takeOut(): void {
    const refrigerator = this.store.refrigerator();
    if (refrigerator === null) this.thaw('all');
    else this.move(refrigerator);
  }

  protected freezeAgain(): void {
    void this.store.perform(freezeAgain(this.lot(), this.cold(), this.store.freezers(), this.clock.today()));
  }

  protected discard(): void {
    void this.store.perform(throwAway([this.lot()], this.why(), this.clock.today()));
  }

  protected give(): void {
    void this.store.perform(giveAway([this.lot()], this.clock.today()));
  }

  protected move(place: string): void {
    void this.store.perform(move([this.lot()], place, this.colds.laying()));
  }

  protected keep(): void {
    void this.store.perform(keepPacks([this.lot()], this.what()));
  }

  protected free(): void {
    void this.store.perform(freePacks([this.lot()], this.store.reserved()));
  }

  protected split(): void {
    const [on, newId] = [this.clock.today(), (): string => this.clock.newId()];
    void this.store.perform(
      splitPack(this.lot(), Number(this.part()), { on, reserved: this.store.reserved(), newId }),
    );
  }

  protected plan(date: string): void {
    const [from] = this.row().planned;
    const [meals, cold] = [this.store.meals(), this.cold()];
    void this.store.perform(
      date === ''
        ? unplanDinner(this.id(), this.row().name, from ?? '', meals)
        : planDinner(this.lot(), { date, from, cold, meals }, this.format),
    );
  }
}
