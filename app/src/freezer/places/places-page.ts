import { sum } from 'd3-array';
import { movePlaceUp, removePlace, savePlace } from '@core/deeds/arrange-places';
import { saveKeeping } from '@core/deeds/change-settings';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { litresOf } from '@core/freeze/room';
import type { Place } from '@core/cold/place';
import { USUAL_KEEPING, type KeepingRules } from '@core/cold/keeping-rules';
import { Clock } from '../../household/clock';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { KeepingForm } from './keeping-form';
import { PlaceForm } from './place-form';
import { draftKey } from '../../household/draft-key';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { BarePicture } from '../../ui/told/bare-picture';

/** Freezers and refrigerators, and the drawers and shelves in them. */
@Component({
  selector: 'v-places-page',
  imports: [BarePicture, PlaceForm, KeepingForm],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './places-page.html',
  styleUrl: './places-page.css',
})
export class PlacesPage {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  /** Which place is being changed, and where a new one is added; empty for none. */
  protected readonly open = signal('');
  protected readonly openNew = signal('');
  protected readonly fresh: Place = { name: '', cold: 'freezer' };
  protected readonly rows = computed(() =>
    this.store.appliances().map((appliance) => {
      const place = this.store.places().get(appliance.id) ?? this.fresh;
      const drawers = appliance.shelves
        .filter(({ id }) => id !== appliance.id)
        .map((shelf) => ({
          id: shelf.id,
          place: this.store.places().get(shelf.id) ?? this.fresh,
          about: `${this.volume(shelf.litres)}, ${this.lies([shelf.id])}`,
        }));
      const frost = place.frostFree ? ', frost-free' : '';
      return {
        id: appliance.id,
        place,
        drawers,
        // Made once: a form that is given a new value starts over.
        newDrawer: { name: '', cold: place.cold, within: appliance.id, order: this.orderAfter(appliance.id) },
        about: `${appliance.cold}, ${this.volume(appliance.litres)}, ${this.format.air(appliance.airC)}${frost}; ${this.lies([appliance.id, ...appliance.shelves.map(({ id }) => id)])}`,
      };
    }),
  );

  constructor() {
    keepInTab(draftKey('places'), { open: this.open, openNew: this.openNew });
  }

  protected readonly keeping = computed(() => this.store.settings().keeping ?? USUAL_KEEPING);

  protected async saveKeeping(keeping: KeepingRules): Promise<void> {
    await this.store.perform(saveKeeping(keeping));
  }

  private volume(litres: number | null): string {
    return litres === null ? 'size unknown' : this.format.volume(litres);
  }

  private lies(places: readonly string[]): string {
    const packs = this.store.stock().filter(({ place }) => place !== null && places.includes(place));
    const massDg = sum(packs, ({ leftDg }) => leftDg);
    return packs.length === 0
      ? 'empty'
      : `${this.format.count(packs.length, 'pack')}, about ${this.format.volume(litresOf(massDg))}`;
  }

  /** Below the last of its like. */
  private orderAfter(within: string | undefined): number {
    return [...this.store.places().values()]
      .filter((place) => place.within === within)
      .reduce((next, { order = 0 }) => Math.max(next, order + 1), 0);
  }

  /** Changes places with the one above. */
  protected async up(id: string, siblings: readonly { id: string; place: Place }[]): Promise<void> {
    await this.store.perform(movePlaceUp(id, siblings));
  }

  protected async add(place: Place): Promise<void> {
    if (await this.save(this.clock.newId(), { ...place, order: place.order ?? this.orderAfter(undefined) }))
      this.openNew.set('');
  }

  protected async save(key: string, value: Place): Promise<boolean> {
    const written = await this.store.perform(savePlace(key, value, this.store.places()));
    if (!written.ok) return false;
    this.open.set('');
    return true;
  }

  protected async remove(key: string): Promise<void> {
    await this.store.perform(removePlace(key, this.store.places(), this.store.stock()));
  }
}
