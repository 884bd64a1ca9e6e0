import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  signal,
} from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import type { Known } from '@core/dinner/week';
import type { RecordValue } from '@core/journal/record';
import { Clock } from '../data/clock';
import { Colds } from '../data/colds';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Figures } from '../data/figures';
import { Notices } from '../data/notices';
import { Appearance } from '../kit/appearance';
import { PLACES, type PlacePath } from './places';
import { Ticket } from './ticket';
import { SetAside } from './set-aside';

const MINUTE_MS = 60_000;

/** Navigation in the order of work, the ticket of what is in work, and the household's units. */
@Component({
  selector: 'v-shell',
  imports: [RouterOutlet, RouterLink, RouterLinkActive, Ticket, SetAside],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './shell.html',
  styleUrl: './shell.css',
})
export class Shell {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly appearance = inject(Appearance);
  private readonly notices = inject(Notices);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  protected readonly name = inject(HOUSEHOLD_NAME);
  protected readonly places = PLACES;
  protected readonly menuOpen = signal(false);

  protected readonly overdue = computed(() => this.colds.overdue().length);
  /** Packs that have to leave the freezer now or soon. */
  protected readonly due = signal(0);

  constructor() {
    const minute = signal(0);
    const timer = setInterval(() => minute.update((count) => count + 1), MINUTE_MS);
    inject(DestroyRef).onDestroy(() => clearInterval(timer));
    effect(() => {
      minute();
      void this.countDue({
        meals: this.store.meals(),
        lots: this.store.state().lots,
        clockOf: this.colds.of(),
        settings: this.store.settings(),
      });
    });
  }

  /** What it takes to know is fetched only where something is planned. */
  private async countDue(known: Known): Promise<void> {
    if (known.meals.size === 0) return this.due.set(0);
    const { dueSoon } = await import('@core/dinner/due-soon');
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    this.due.set(dueSoon(known, this.clock.today(), { instant: this.clock.instant(), zone }).length);
  }

  private readonly counts = computed<Partial<Record<PlacePath, string>>>(() => ({
    block: counted(this.store.openPieces().length, 'open'),
    wrap: counted(this.store.toWrap().length, 'to wrap'),
    freezer:
      this.colds.overdue().length > 0
        ? `${this.colds.overdue().length} overdue`
        : this.due() > 0
          ? `${this.due()} to take out`
          : counted(this.store.stock().length, 'pack', 'packs'),
  }));

  protected countOf(path: PlacePath): string | undefined {
    return this.counts()[path];
  }

  protected async toggleUnits(): Promise<void> {
    const system = this.store.settings().system === 'metric' ? 'imperial' : 'metric';
    await this.change({ system });
  }

  private async change(part: Partial<RecordValue<'settings'>>): Promise<void> {
    const written = await this.store.changeSettings(() => part);
    if (!written.ok) this.notices.problem(this.notices.explain(written));
  }
}

const counted = (count: number, one: string, many = one): string | undefined =>
  count > 0 ? `${count} ${count === 1 ? one : many}` : undefined;
