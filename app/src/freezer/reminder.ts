import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { dueSoon } from '@core/dinner/due-soon';
import { lotName } from '@core/journal/lot-name';
import { Clock } from '../data/clock';
import { Colds } from '../data/colds';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';

const MINUTE_MS = 60_000;

/** What has to leave the freezer now or soon. */
@Component({
  selector: 'v-reminder',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (due()[0]; as first) {
      <p class="no-print" role="status">
        <b>{{ first.when }}</b> take {{ first.name }} out of the freezer, for {{ first.day
        }}{{ due().length > 1 ? ', and ' + (due().length - 1) + ' more' : '' }}.
        <a [routerLink]="['/', household, 'freezer', 'week']">To the week</a>
      </p>
    }
  `,
  styles: `
    p {
      margin: 0 0 16px;
      max-width: none;
      padding: 8px 14px;
      border: 1.5px solid var(--ink);
      border-left: 6px solid var(--cold);
      background: var(--sheet);
    }
    b {
      margin-right: 4px;
    }
  `,
})
export class Reminder {
  private readonly store = inject(HouseholdStore);
  private readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly instant = signal(this.clock.instant());
  protected readonly due = computed(() => {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const now = { instant: this.instant(), zone };
    const due = dueSoon(
      {
        meals: this.store.meals(),
        lots: this.store.state().lots,
        clockOf: this.colds.of(),
        settings: this.store.settings(),
      },
      this.clock.today(),
      now,
    );
    return due.map(({ remindAt, lot, date }) => ({
      when: remindAt <= now.instant ? 'Now:' : `By ${this.figures.timeOf(remindAt)}:`,
      name: lotName(lot),
      day: this.figures.weekday(date),
    }));
  });

  constructor() {
    const timer = setInterval(() => this.instant.set(this.clock.instant()), MINUTE_MS);
    inject(DestroyRef).onDestroy(() => clearInterval(timer));
  }
}
