import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Fact } from '@core/journal/entry';
import type { Lot } from '@core/journal/lot';
import { lotName } from '@core/journal/lot-name';
import { Clock } from '../data/clock';
import { Colds } from '../data/colds';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { Acts } from './acts';

/** Something past its last day: said first, with what most likely was not written down. */
@Component({
  selector: 'v-overdue',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section role="alert" [attr.aria-label]="name() + ' is overdue'">
      <h3>
        <i class="pi pi-exclamation-triangle" aria-hidden="true"></i>
        Overdue{{ cold().cookBy ? ': its last day was ' + figures.weekday(cold().cookBy!) : '' }}
      </h3>
      <p>
        {{ cold().why }} Do not eat it by its looks. Mostly something was not written down: what became of it?
      </p>
      <div class="acts">
        <button type="button" class="act" (click)="thrownAway()">Thrown away</button>
        <label class="when"
          ><span>on</span>
          <input
            class="text"
            type="date"
            [attr.aria-label]="'The day for ' + name()"
            [max]="today"
            [ngModel]="day()"
            (ngModelChange)="day.set($event)"
        /></label>
        <button type="button" class="quiet" (click)="eatenThen()">Eaten then</button>
        <button type="button" class="quiet" (click)="frozenThen()">Frozen then</button>
        @if (canCorrect()) {
          <button type="button" class="quiet" (click)="boughtThen()">The date is wrong: bought then</button>
        }
      </div>
    </section>
  `,
  styles: `
    section {
      border: 2px solid var(--bad);
      padding: 10px 14px;
      margin: 10px 0;
    }
    h3 {
      color: var(--bad);
      margin: 0 0 4px;
      font-size: 1.1rem;
    }
    p {
      margin: 0 0 8px;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      align-items: center;
    }
    .when {
      display: flex;
      gap: 6px;
      align-items: center;
    }
    .when input {
      width: 160px;
    }
  `,
})
export class Overdue {
  protected readonly figures = inject(Figures);
  private readonly store = inject(HouseholdStore);
  private readonly acts = inject(Acts);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  private readonly notices = inject(Notices);
  readonly lot = input.required<Lot>();

  protected readonly today = this.clock.today();
  protected readonly cold = computed(() => this.colds.of()(this.lot()));
  protected readonly name = computed(() => lotName(this.lot()));
  protected readonly day = signal('');
  /** What was bought has a day that can be mended; what was made here follows from it. */
  protected readonly canCorrect = computed(() => this.lot().sources.length === 0);

  protected thrownAway(): void {
    const on = this.day() || this.today;
    void this.write('thrown away', {
      type: 'discarded',
      lot: this.lot().id,
      amount: 'all',
      on,
      reason: 'past its date',
    });
  }

  protected eatenThen(): void {
    const on = this.said();
    if (on) void this.write('eaten', { type: 'eaten', lot: this.lot().id, amount: 'all', on });
  }

  protected frozenThen(): void {
    const on = this.said();
    if (!on) return;
    const freezer = this.store.shelves().find(({ cold }) => cold === 'freezer');
    if (!freezer)
      return this.notices.problem(
        'Say first which freezer there is, under Places. Nothing was written down.',
      );
    const { place } = this.lot();
    const lies = this.store.shelves().find(({ id, cold }) => id === place && cold === 'freezer');
    void this.write('frozen', { type: 'placed', lot: this.lot().id, place: lies?.id ?? freezer.id, on });
  }

  protected boughtThen(): void {
    const on = this.said();
    if (!on) return;
    const set = this.lot().form === 'piece' ? { on } : { boughtOn: on };
    void this.write('bought', { type: 'corrected', entry: this.lot().made, set });
  }

  /** The day that was said; without one it says so. */
  private said(): string | null {
    if (this.day() !== '' && this.day() <= this.today) return this.day();
    this.notices.problem('Say the day first, today or before. Nothing was written down.');
    return null;
  }

  private write(what: string, fact: Fact): Promise<boolean> {
    return this.acts.write(`${this.name()} ${what}`, [fact]);
  }
}
