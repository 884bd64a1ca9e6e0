import { computed, inject, Injectable, signal } from '@angular/core';
import type { Packing as HowPacked } from '@core/deeds/weigh-into-pack';
import { shortNumber } from '@core/label/short-number';
import type { Lot } from '@core/ledger/lot';
import { plateOf } from '@core/pack/eater';
import { usualWrapping } from '@core/pack/wrapping';
import * as z from 'zod';
import { Colds } from '../../household/colds';
import { HouseholdStore } from '../../household/household-store';
import { keptHere } from '../../household/kept-here';

/** How somebody packs as they cut: whether, and where it goes. */
const choiceSchema = z.object({ isOn: z.boolean(), place: z.string().nullable() });

/** Packing as one cuts: whether what is weighed is a pack at once, where it goes, and what to write on the last one. */
@Injectable()
export class Packing {
  private readonly store = inject(HouseholdStore);
  private readonly colds = inject(Colds);
  private readonly choice = signal<z.infer<typeof choiceSchema>>({ isOn: false, place: null });
  readonly isOn = computed(() => this.choice().isOn);
  /** Where packs go: as was said, while there is such a place; else the first freezer. */
  readonly place = computed(() => {
    const { place } = this.choice();
    return this.store.shelves().find(({ id }) => id === (place ?? this.store.freezers()[0])) ?? null;
  });
  private readonly lastIds = signal<readonly string[]>([]);
  /** The packs made last, with the four signs that are written on each. */
  readonly last = computed(() =>
    this.lastIds().flatMap((id) => {
      const pack = this.store.state().lots.get(id);
      return pack ? [{ pack, signs: shortNumber(id) }] : [];
    }),
  );

  constructor() {
    keptHere('packing', choiceSchema, { now: this.choice, take: (kept) => this.choice.set(kept) });
  }

  toggle(): void {
    this.choice.update((now) => ({ ...now, isOn: !now.isOn }));
    this.lastIds.set([]);
  }

  put(place: string): void {
    this.choice.update((now) => ({ ...now, place }));
  }

  made(ids: readonly string[]): void {
    this.lastIds.set(ids);
  }

  /** How a pack of this piece is made. */
  how(piece: Lot, bagDg: number): HowPacked {
    const settings = this.store.settings();
    const place = this.place();
    return {
      wrap: (settings.wrapping ?? usualWrapping(settings)).wrap,
      place: place && { id: place.id, name: place.name, isFreezer: place.cold === 'freezer' },
      plate: plateOf(settings),
      bagDg,
      cold: this.colds.of()(piece),
    };
  }
}
