import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Router, RouterLink } from '@angular/router';
import { map } from 'rxjs';
import { dueWithin, takeOuts } from '@core/dinner/take-out';
import { plannedDays } from '@core/dinner/week';
import { lotName } from '@core/journal/lot-name';
import { USUAL_DINNERS } from '@core/journal/settings';
import { wallAt } from '@core/units/zone';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';

/** So long ahead it says what has to come out; a large bird thaws for days. */
const [AHEAD_H, PLAN_DAYS] = [6, 10];
const MINUTE_MS = 60_000;

/** What has to leave the freezer now or soon, on every page. Loaded only where something is planned. */
@Component({
  selector: 'v-reminder',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (first(); as first) {
      <p class="no-print" role="status"><b>{{ first.when }}</b> take {{ first.name }} out of the freezer, for {{ first.day }}{{ due().length > 1 ? ', and ' + (due().length - 1) + ' more' : '' }}. <a [routerLink]="['/', household, 'freezer', 'week']">To the week</a></p>
    }
  `,
  styles: `p { margin: 14px 30px 0; max-width: none; padding: 8px 14px; border: 1.5px solid var(--ink); border-left: 6px solid var(--cold); background: var(--sheet); } b { margin-right: 4px; } @media (max-width: 900px) { p { margin: 12px 16px 0; } }`,
})
export class Reminder {
  private readonly store = inject(HouseholdStore);
  private readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly router = inject(Router);
  /** The week's own page says it in full. */
  protected readonly isThere = toSignal(this.router.events.pipe(map(() => this.router.url.endsWith('/freezer/week'))), { initialValue: this.router.url.endsWith('/freezer/week') });
  private readonly instant = signal(this.clock.instant());
  protected readonly due = computed(() => {
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const instant = this.instant();
    const settings = this.store.settings();
    const days = plannedDays(this.clock.today(), PLAN_DAYS, { meals: this.store.meals(), lots: this.store.state().lots, settings });
    const all = takeOuts(days, { instant, zone }, (settings.dinners ?? USUAL_DINNERS).awake);
    return dueWithin(all, instant, AHEAD_H).map(({ remindAt, lot, date }) => ({ when: remindAt <= instant ? 'Now:' : `By ${wallAt(remindAt, zone).time}:`, name: lotName(lot), day: this.figures.weekday(date) }));
  });

  protected readonly first = computed(() => (this.isThere() ? undefined : this.due()[0]));

  constructor() {
    const timer = setInterval(() => this.instant.set(this.clock.instant()), MINUTE_MS);
    inject(DestroyRef).onDestroy(() => clearInterval(timer));
  }
}
