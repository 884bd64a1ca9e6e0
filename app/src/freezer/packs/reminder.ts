import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { dueSoon } from '@core/dinner/due-soon';
import { lotName } from '@core/catalogue/lot-name';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { Format } from '@core/format/format';
import { HOUSEHOLD_NAME } from '../../household/household-name';
import { HouseholdStore } from '../../household/household-store';

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
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  protected readonly household = inject(HOUSEHOLD_NAME);
  protected readonly due = computed(() => {
    const now = { instant: this.clock.now(), zone: this.clock.zone() };
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
      when: remindAt <= now.instant ? 'Now:' : `By ${this.format.timeOf(remindAt)}:`,
      name: lotName(lot),
      day: this.format.weekday(date),
    }));
  });
}
