import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { daysBetween } from '@core/units/date';
import { Clock } from '../household/clock';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';

/** A household should not live in one browser only. */
const LONG_AGO_DAYS = 30;

/** Says when the last file was exported, once that is long ago. */
@Component({
  selector: 'v-export-reminder',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (text(); as said) {
      <p class="caution">
        {{ said }} <a [routerLink]="['/', household, 'books', 'household']">Export it now</a>
      </p>
    }
  `,
})
export class ExportReminder {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  protected readonly household = inject(HOUSEHOLD_NAME);

  protected readonly text = computed(() => {
    const first = this.store.household().journal.entries[0];
    if (this.household === 'demo' || !first) return null;
    const since = this.store.exportedAt() ?? first.at;
    const days = daysBetween(since.slice(0, 10), this.clock.today());
    if (days < LONG_AGO_DAYS) return null;
    return this.store.exportedAt() === null
      ? `The household lives in this browser only, for ${days} days now.`
      : `The household’s file was last exported ${days} days ago.`;
  });
}
