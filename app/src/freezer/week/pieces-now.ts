import { computed, inject, Injectable } from '@angular/core';
import { USUAL_DINNERS } from '@core/dinner/dinners';
import { piecesPlanned } from '@core/dinner/pieces-planned';
import { Clock } from '../../household/clock';
import { Colds } from '../../household/colds';
import { HouseholdStore } from '../../household/household-store';

/** The pieces that are not cut yet, and what each asks for, the most urgent first. */
@Injectable()
export class PiecesNow {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);

  readonly all = computed(() =>
    piecesPlanned({
      pieces: this.store.uncutPieces(),
      cuttings: this.store.cuttings(),
      clockOf: this.colds.of(),
      dinners: this.store.settings().dinners ?? USUAL_DINNERS,
      now: { instant: this.clock.now(), today: this.clock.today(), zone: this.clock.zone() },
    }),
  );
  /** Those that ask for something: a day is said, or their own comes. */
  readonly asking = computed(() =>
    this.all().filter(({ cutBy, trouble }) => cutBy !== null || trouble !== null),
  );
  /** Pieces that ever had a day to be cut on. */
  readonly known = computed(
    () =>
      new Set(
        [...this.store.household().records.values()].flatMap(({ type, key }) =>
          type === 'cutting' ? [key] : [],
        ),
      ),
  );
}
