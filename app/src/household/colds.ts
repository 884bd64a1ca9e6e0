import { computed, inject, Injectable } from '@angular/core';
import type { Laying } from '@core/deeds/move';
import type { Thawing } from '@core/deeds/thaw';
import { notKept } from '@core/dinner/reservation';
import type { ThawedBy } from '@core/ledger/lot';
import { clocksOf, type ClockOf } from '@core/cold/household-clocks';
import { Clock } from './clock';
import { HouseholdStore } from './household-store';

/** The one clock of each lot, as it stands this minute: every page that says how long something keeps asks here. */
@Injectable()
export class Colds {
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly clocks = computed(() =>
    clocksOf({
      state: this.store.state(),
      places: this.store.places(),
      settings: this.store.settings(),
      cuts: this.store.powerCuts(),
      dayOf: (at) => this.clock.dayOf(at),
    }),
  );

  readonly of = computed<ClockOf>(() => {
    const now = { instant: this.clock.now(), today: this.clock.today() };
    const clocks = this.clocks();
    return (lot) => clocks.at(lot, now);
  });

  /** How something is taken out to thaw from here, now. */
  thawing(way: ThawedBy): Thawing {
    const [refrigerator, reserved] = [this.store.refrigerator(), this.store.reserved()];
    return { way, refrigerator, reserved, on: this.clock.today(), newId: () => this.clock.newId() };
  }

  /** Where things can be laid, and what may lie there. */
  readonly laying = computed<Laying>(() => ({
    names: this.store.placeNames(),
    freezers: this.store.freezers(),
    clockOf: this.of(),
  }));

  /** What is past its last day and still written down as there: mostly a deed was not written down. */
  readonly overdue = computed(() => {
    const clockOf = this.of();
    return this.store.perishable().filter((lot) => clockOf(lot).overdue);
  });

  /** Packs that may still be eaten: what is past its last day is no dinner. */
  readonly eatable = computed(() => {
    const clockOf = this.of();
    return this.store.stock().filter((lot) => !clockOf(lot).overdue);
  });

  /** What a plan may take: eatable, looked at where the power was out, and not kept for something. */
  readonly free = computed(() => {
    const clockOf = this.of();
    return notKept(this.eatable(), this.store.reserved()).filter((lot) => !clockOf(lot).toCheck);
  });
}
