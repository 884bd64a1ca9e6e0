import { computed, effect, inject, Injectable, signal } from '@angular/core';
import type { DueNow, DueSources } from '@core/dinner/due-soon';
import { Clock } from '../household/clock';
import { Colds } from '../household/colds';
import { HouseholdStore } from '../household/household-store';

/** What must be done now, wherever somebody is: what has to leave the freezer or to be cut, and what is overdue. */
@Injectable()
export class Due {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  private readonly found = signal<readonly DueNow[]>([]);
  readonly soon = this.found.asReadonly();
  readonly overdue = computed(() => this.colds.overdue());

  constructor() {
    effect(() => {
      const known = {
        meals: this.store.meals(),
        lots: this.store.state().lots,
        clockOf: this.colds.of(),
        settings: this.store.settings(),
        pieces: this.store.uncutPieces(),
        cuttings: this.store.cuttings(),
      };
      void this.look(known, this.clock.now());
    });
  }

  /** What it takes to know is fetched only where something is planned. */
  private async look(known: DueSources, instant: string): Promise<void> {
    if (known.meals.size === 0 && known.pieces.length === 0) return this.found.set([]);
    const { dueSoon } = await import('@core/dinner/due-soon');
    this.found.set(dueSoon(known, this.clock.today(), { instant, zone: this.clock.zone() }));
  }
}
