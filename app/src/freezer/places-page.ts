import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { litresOf } from '@core/freeze/room';
import type { Place } from '@core/journal/record';
import { USUAL_KEEPING, type KeepingRules } from '@core/journal/settings';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { PageTabs } from '../kit/page-tabs';
import { KeepingForm } from './keeping-form';
import { FREEZER_PAGES } from './pages';
import { PlaceForm } from './place-form';

/** Freezers and refrigerators, and the drawers and shelves in them. */
@Component({
  selector: 'v-places-page',
  imports: [PageTabs, PlaceForm, KeepingForm],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Freezer" [tabs]="pages" />
      <header>
        <h1>Places</h1>
        <p>
          What you have, how large it is and how cold. From this comes what fits, and how long things take to
          freeze.
        </p>
      </header>
      @for (each of rows(); track each.id) {
        <section [attr.aria-label]="each.place.name">
          <header>
            <div>
              <h2>{{ each.place.name }}</h2>
              <p class="soft">{{ each.about }}</p>
            </div>
            <span
              ><button type="button" class="quiet small" (click)="open.set(each.id)">Change</button
              ><button type="button" class="quiet small" (click)="openNew.set(each.id)">
                Add a drawer or shelf</button
              ><button type="button" class="quiet small" (click)="remove(each.id)">Take out</button></span
            >
          </header>
          @if (open() === each.id) {
            <v-place-form [place]="each.place" (saved)="save(each.id, $event)" (closed)="open.set(null)" />
          }
          <ul>
            @for (drawer of each.drawers; track drawer.id) {
              <li>
                <span>{{ drawer.place.name }}</span><span class="soft">{{ drawer.about }}</span
                ><span>
                  @if (!$first) {
                    <button
                      type="button"
                      class="quiet small"
                      [attr.aria-label]="'Move up ' + drawer.place.name"
                      (click)="up(drawer.id, each.drawers)"
                    >
                      Up
                    </button>
                  }
                  <button
                    type="button"
                    class="quiet small"
                    [attr.aria-label]="'Change ' + drawer.place.name"
                    (click)="open.set(drawer.id)"
                  >
                    Change</button
                  ><button
                    type="button"
                    class="quiet small"
                    [attr.aria-label]="'Take out ' + drawer.place.name"
                    (click)="remove(drawer.id)"
                  >
                    Take out
                  </button></span
                >
              </li>
              @if (open() === drawer.id) {
                <v-place-form
                  [place]="drawer.place"
                  (saved)="save(drawer.id, $event)"
                  (closed)="open.set(null)"
                />
              }
            }
          </ul>
          @if (openNew() === each.id) {
            <v-place-form
              [place]="each.newDrawer"
              [isNew]="true"
              (saved)="add($event)"
              (closed)="openNew.set(null)"
            />
          }
        </section>
      } @empty {
        <div class="empty">
          <h2>No place yet</h2>
          <p>Enter your freezer, and its drawers if it has any. Packs can then be found where they lie.</p>
        </div>
      }
      @if (openNew() === 'new') {
        <v-place-form [place]="fresh" [isNew]="true" (saved)="add($event)" (closed)="openNew.set(null)" />
      } @else {
        <p class="add">
          <button type="button" class="quiet" (click)="openNew.set('new')">
            Add a freezer or refrigerator
          </button>
        </p>
      }
      <section aria-label="How long it keeps">
        <h2>How long it keeps</h2>
        <v-keeping-form [rules]="keeping()" (saved)="saveKeeping($event)" />
      </section>
    </div>
  `,
  styles: `
    section {
      border-top: 1.5px solid var(--ink);
      padding: 12px 0 18px;
      max-width: 820px;
    }
    section header {
      display: flex;
      justify-content: space-between;
      gap: 12px;
      flex-wrap: wrap;
      align-items: flex-start;
    }
    .add {
      margin: 4px 0 34px;
    }
    header p {
      margin: 2px 0 0;
    }
    span {
      display: inline-flex;
      gap: 8px;
      flex-wrap: wrap;
    }
    ul {
      list-style: none;
      margin: 10px 0 0;
      padding: 0 0 0 22px;
    }
    li {
      display: grid;
      grid-template-columns: minmax(120px, 1fr) minmax(120px, 1fr) 260px;
      gap: 12px;
      align-items: center;
      border-top: 1px solid var(--line);
      padding: 4px 0;
    }
    li > :last-child {
      justify-content: flex-end;
    }
    @media (max-width: 900px) {
      ul {
        padding-left: 0;
      }
      li {
        grid-template-columns: 1fr 1fr;
      }
      li > :last-child {
        grid-column: 1 / -1;
      }
    }
  `,
})
export class PlacesPage {
  private readonly store = inject(HouseholdStore);
  private readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  protected readonly pages = FREEZER_PAGES;
  protected readonly open = signal<string | null>(null);
  protected readonly openNew = signal<string | null>(null);
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
        about: `${appliance.cold}, ${this.volume(appliance.litres)}, ${this.figures.air(appliance.airC)}${frost}; ${this.lies([appliance.id, ...appliance.shelves.map(({ id }) => id)])}`,
      };
    }),
  );

  protected readonly keeping = computed(() => this.store.settings().keeping ?? USUAL_KEEPING);

  protected async saveKeeping(keeping: KeepingRules): Promise<void> {
    this.notices.tell(await this.store.changeSettings(() => ({ keeping })), 'The rules of keeping are saved');
  }

  private volume(litres: number | null): string {
    return litres === null ? 'size unknown' : this.figures.volume(litres);
  }

  private lies(places: readonly string[]): string {
    const packs = this.store.stock().filter(({ place }) => place !== null && places.includes(place));
    const massDg = packs.reduce((sum, { leftDg }) => sum + leftDg, 0);
    return packs.length === 0
      ? 'empty'
      : `${this.figures.count(packs.length, 'pack')}, about ${this.figures.volume(litresOf(massDg))}`;
  }

  /** Below the last of its like. */
  private orderAfter(within: string | undefined): number {
    return [...this.store.places().values()]
      .filter((place) => place.within === within)
      .reduce((next, { order = 0 }) => Math.max(next, order + 1), 0);
  }

  /** Changes places with the one above. */
  protected async up(id: string, siblings: readonly { id: string; place: Place }[]): Promise<void> {
    const at = siblings.findIndex((each) => each.id === id);
    const ids = siblings.map((each) => each.id);
    [ids[at - 1], ids[at]] = [ids[at] as string, ids[at - 1] as string];
    const places = new Map(siblings.map((each) => [each.id, each.place]));
    const written = await this.store.record(
      ...ids.flatMap((key, order) =>
        places.get(key)
          ? [
              {
                type: 'place' as const,
                key,
                change: (known = places.get(key) as Place) => ({ ...known, order }),
              },
            ]
          : [],
      ),
    );
    this.notices.tell(written, 'The order is changed');
  }

  protected async add(place: Place): Promise<void> {
    if (await this.save(this.clock.newId(), { ...place, order: place.order ?? this.orderAfter(undefined) }))
      this.openNew.set(null);
  }

  protected async save(key: string, value: Place): Promise<boolean> {
    const drawers = [...this.store.places()].filter(
      ([, place]) => place.within === key && place.cold !== value.cold,
    );
    const written = await this.store.record(
      { type: 'place', key, value },
      ...drawers.map(([id, place]) => ({
        type: 'place' as const,
        key: id,
        change: (known = place) => ({ ...known, cold: value.cold }),
      })),
    );
    if (!this.notices.tell(written, `${value.name} is saved`)) return false;
    this.open.set(null);
    return true;
  }

  protected async remove(key: string): Promise<void> {
    const inside = [
      key,
      ...[...this.store.places()].filter(([, { within }]) => within === key).map(([id]) => id),
    ];
    const packs = this.store.stock().filter(({ place }) => place !== null && inside.includes(place));
    const name = this.store.places().get(key)?.name ?? 'It';
    if (packs.length > 0)
      return this.notices.problem(
        `${packs.length} ${packs.length === 1 ? 'pack lies' : 'packs lie'} in ${name}. Move ${packs.length === 1 ? 'it' : 'them'} first; the drawers are drawn under Packs.`,
      );
    const written = await this.store.record(
      ...inside.map((id) => ({ type: 'place' as const, key: id, value: null })),
    );
    this.notices.tell(written, `${name} is taken out`);
  }
}
