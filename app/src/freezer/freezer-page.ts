import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Amount, FactOf } from '@core/journal/entry';
import type { Lot } from '@core/journal/lot';
import { lotName } from '@core/journal/lot-name';
import { lastActOn } from '@core/journal/undo';
import { packState } from '@core/pack/pack-state';
import { meatOf } from '@core/freeze/meat-properties';
import { thawingHours } from '@core/freeze/thawing-time';
import { bestBefore, keepingOf } from '@core/freeze/keeping';
import { daysBetween } from '@core/units/date';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore, type Written } from '../data/household-store';
import { Notices } from '../data/notices';
import { PageTabs } from '../kit/page-tabs';
import { Swatch } from '../kit/swatch';
import { PackForm } from './pack-form';
import { FREEZER_PAGES } from './pages';

/** What lies in the cold, oldest first, and what becomes of it. */
@Component({
  selector: 'v-freezer-page',
  imports: [FormsModule, PageTabs, Swatch, PackForm],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './freezer-page.html',
  styleUrl: './freezer-page.css',
})
export class FreezerPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);

  protected readonly pages = FREEZER_PAGES;
  protected readonly lotName = lotName;
  protected readonly search = signal('');
  protected readonly adding = signal(false);
  protected readonly rows = computed(() => {
    const words = this.search().toLowerCase().split(/\s+/).filter(Boolean);
    return this.store
      .stock()
      .map((lot) => this.rowOf(lot))
      .filter(({ text }) => words.every((word) => text.includes(word)));
  });
  protected readonly totals = computed(() => {
    const stock = this.store.stock();
    return {
      massDg: stock.reduce((sum, lot) => sum + lot.leftDg, 0),
      plates: Math.round(stock.reduce((sum, lot) => sum + lot.platesLeft, 0)),
      past: stock.filter((lot) => this.isPast(lot)).length,
    };
  });

  private readonly chosenId = signal<string | null>(null);
  protected readonly chosen = computed(() => this.rows().find(({ lot }) => lot.id === this.chosenId()) ?? this.rows()[0]);
  private readonly chosenLot = computed(() => this.chosen()?.lot.id ?? '');
  protected readonly plates = linkedSignal<string, string>({ source: this.chosenLot, computation: () => '1' });
  protected readonly canEatPlates = computed(() => (this.chosen()?.lot.platesLeft ?? 0) > 1);
  protected readonly eaten = signal<{ lot: string; said: string } | null>(null);

  protected choose(lot: Lot): void {
    this.chosenId.set(lot.id);
    this.adding.set(false);
  }

  protected eat(lot: Lot, amount: Amount): Promise<void> {
    const said = amount === 'all' ? `${lotName(lot)} eaten` : `A part of ${lotName(lot)} eaten`;
    return this.use({ type: 'eaten', lot: lot.id, amount, on: this.clock.today() }, said);
  }

  protected eatPlates(lot: Lot): Promise<void> | void {
    const plates = Number(this.plates());
    if (!Number.isInteger(plates) || plates < 1) return this.notices.problem('Plates is a whole number from 1.');
    return this.eat(lot, { plates });
  }

  protected thaw(lot: Lot): Promise<void> {
    return this.use({ type: 'thawing', lot: lot.id, amount: 'all', on: this.clock.today() }, `${lotName(lot)} is thawing`);
  }

  protected thawOne(lot: Lot): Promise<void> {
    return this.use({ type: 'thawing', lot: lot.id, amount: { count: 1 }, on: this.clock.today() }, `One piece of ${lotName(lot)} is thawing`);
  }

  protected discard(lot: Lot): Promise<void> {
    return this.use({ type: 'discarded', lot: lot.id, amount: 'all', on: this.clock.today() }, `${lotName(lot)} thrown away`);
  }

  protected give(lot: Lot): Promise<void> {
    return this.use({ type: 'given', lot: lot.id, amount: 'all', on: this.clock.today() }, `${lotName(lot)} given away`);
  }

  protected async move(lot: Lot, place: string): Promise<void> {
    this.tell(lot.id, await this.store.append({ type: 'placed', lot: lot.id, place }), `${lotName(lot)} moved`);
  }

  protected async undoLast(): Promise<void> {
    const eaten = this.eaten();
    const last = eaten && lastActOn(this.store.household().journal, new Set([eaten.lot]));
    if (!last) return;
    const written = await this.store.append({ type: 'undone', entries: [last.id] });
    if (this.notices.tell(written, `Undone: ${eaten.said}`)) {
      this.chosenId.set(eaten.lot);
      this.eaten.set(null);
    }
  }

  private async use(fact: FactOf<'eaten' | 'given' | 'discarded' | 'thawing'>, said: string): Promise<void> {
    this.tell(fact.lot, await this.store.append(fact), said);
  }

  private tell(lot: string, written: Written, said: string): void {
    if (this.notices.tell(written, said)) this.eaten.set({ lot, said });
  }

  private isPast(lot: Lot): boolean {
    const until = bestBefore(lot);
    return until !== null && until < this.clock.today();
  }

  private rowOf(lot: Lot) {
    const until = bestBefore(lot);
    const place = this.store.places().get(lot.place ?? '')?.name ?? (lot.place === null ? 'no place' : lot.place);
    const cost = this.store.costs().get(lot.id);
    const daysLeft = until === null ? null : daysBetween(this.clock.today(), until);
    return {
      lot,
      name: lotName(lot),
      state: packState(lot),
      keeping: keepingOf(lot),
      until,
      isPast: daysLeft !== null && daysLeft < 0,
      isNear: daysLeft !== null && daysLeft >= 0 && daysLeft <= 30,
      place,
      /** Wrapped one by one: each can be taken out alone. */
      thawH: Math.ceil(thawingHours(lot.leftDg, lot.thicknessMm, 'refrigerator', meatOf(lot.animal))),
      singles: lot.singly ? lot.countLeft : 0,
      costMinor: cost?.complete ? cost.leftMinor : null,
      plates: Math.round(lot.platesLeft * 10) / 10,
      text: `${lotName(lot)} ${place} ${lot.animal ?? ''} ${lot.destination}`.toLowerCase(),
    };
  }
}
