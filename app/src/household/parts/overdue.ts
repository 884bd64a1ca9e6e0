import { throwAway } from '@core/deeds/part-with';
import { settleOverdue, type Became } from '@core/deeds/settle-overdue';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import type { Lot } from '@core/ledger/lot';
import { whyOf } from '@core/cold/why';
import { lotName } from '@core/catalogue/lot-name';
import { Clock } from '../clock';
import { Colds } from '../colds';
import { Format } from '@core/format/format';
import { Day } from '../../ui/field/day';
import { HouseholdStore } from '../household-store';

/** Something past its last day: said first, with what most likely was not written down. */
@Component({
  selector: 'v-overdue',
  imports: [Day],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section role="alert" [attr.aria-label]="name() + ' is overdue'">
      <h3>
        <i class="pi pi-exclamation-triangle" aria-hidden="true"></i>
        {{
          cold().faulty
            ? 'Not to be eaten'
            : 'Overdue' + (cold().cookBy ? ': its last day was ' + format.weekday(cold().cookBy!) : '')
        }}
      </h3>
      <p>{{ why() }} Do not eat it by its looks. Mostly something was not written down: what became of it?</p>
      <div class="acts">
        <button type="button" class="act" (click)="thrownAway()">Thrown away</button>
        <v-day
          class="when"
          look="beside"
          label="on"
          [named]="'The day for ' + name()"
          [latest]="today()"
          [(value)]="day"
        />
        <button type="button" class="quiet" (click)="became('eaten')">Eaten then</button>
        <button type="button" class="quiet" (click)="became('frozen')">Frozen then</button>
        @if (canCorrect()) {
          <button type="button" class="quiet" (click)="became('bought')">
            The date is wrong: bought then
          </button>
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
      font-size: var(--large);
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
      width: 220px;
    }
  `,
})
export class Overdue {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  readonly lot = input.required<Lot>();

  protected readonly today = this.clock.today;
  protected readonly cold = computed(() => this.colds.of()(this.lot()));
  protected readonly why = computed(() => whyOf(this.cold()));
  protected readonly name = computed(() => lotName(this.lot()));
  protected readonly day = signal('');
  /** What was bought has a day that can be mended; what was made here follows from it. */
  protected readonly canCorrect = computed(() => this.lot().sources.length === 0);

  protected thrownAway(): void {
    void this.store.perform(throwAway([this.lot()], 'past its date', this.day() || this.today()));
  }

  protected became(what: Became): void {
    const { place } = this.lot();
    const lies = this.store.shelves().find(({ id, cold }) => id === place && cold === 'freezer');
    const freezer = lies?.id ?? this.store.freezers()[0] ?? null;
    const day = { on: this.day(), today: this.today(), freezer };
    void this.store.perform(settleOverdue(this.lot(), what, day));
  }
}
