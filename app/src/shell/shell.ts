import { switchUnits } from '@core/deeds/change-settings';
import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import type { PlanSources } from '@core/dinner/week';
import { Clock } from '../household/clock';
import { Colds } from '../household/colds';
import { HOUSEHOLD_NAME } from '../household/household-name';
import { HouseholdStore } from '../household/household-store';
import { Format } from '@core/format/format';
import { Appearance } from '../ui/appearance';
import { PLACES, type PlacePath } from './places';
import { Copies } from '../household/files/copies';
import { StorageNote } from '../household/parts/storage-note';
import { TroubleNote } from '../household/parts/trouble-note';
import { Ticket } from './ticket';
import { NewVersion } from './new-version';
import { SetAside } from './set-aside';

/** Navigation in the order of work, the ticket of what is in work, and the household's units. */
@Component({
  selector: 'v-shell',
  imports: [
    RouterOutlet,
    RouterLink,
    RouterLinkActive,
    Ticket,
    NewVersion,
    SetAside,
    StorageNote,
    TroubleNote,
  ],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './shell.html',
  styleUrl: './shell.css',
})
export class Shell {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  protected readonly appearance = inject(Appearance);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  protected readonly name = inject(HOUSEHOLD_NAME);
  protected readonly places = PLACES;
  protected readonly menuOpen = signal(false);

  protected readonly overdue = computed(() => this.colds.overdue().length);
  /** Packs that have to leave the freezer now or soon. */
  protected readonly due = signal(0);

  constructor() {
    // Copies make themselves while the household is open.
    inject(Copies);
    effect(() => {
      void this.countDue({
        meals: this.store.meals(),
        lots: this.store.state().lots,
        clockOf: this.colds.of(),
        settings: this.store.settings(),
      });
    });
  }

  /** What it takes to know is fetched only where something is planned. */
  private async countDue(known: PlanSources): Promise<void> {
    if (known.meals.size === 0) return this.due.set(0);
    const { dueSoon } = await import('@core/dinner/due-soon');
    const zone = this.clock.zone();
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
    await this.store.perform(switchUnits());
  }
}

const counted = (count: number, one: string, many = one): string | undefined =>
  count > 0 ? `${count} ${count === 1 ? one : many}` : undefined;
