import { sum } from 'd3-array';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  output,
  signal,
  DOCUMENT,
  ElementRef,
  viewChild,
} from '@angular/core';
import { isInUnknown, type Appliance } from '@core/cold/cold-places';
import { roomIn } from '@core/freeze/room';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../../household/household-store';
import { Drawer, type Held } from './drawer';
import type { PackRow } from '../pack-rows';

interface DrawnDrawer {
  readonly id: string;
  readonly name: string;
  readonly litres: number | null;
  readonly rows: readonly PackRow[];
  readonly heightPx: number;
}
interface DrawnAppliance {
  readonly appliance: Appliance;
  readonly about: string;
  readonly drawers: readonly DrawnDrawer[];
}

/** Up to so many stand below each other, as wide as there is room; more stand side by side. */
const BELOW = 3;
/** How high all that stand below each other are drawn, or the tallest of those side by side. */
const [ALL_PX, TALLEST_PX] = [400, 250];
/** No drawer is lower than a line of text; one of unknown size is as high as two, an empty one as one. */
const [LOWEST_PX, UNKNOWN_PX] = [24, 56];
/** A litre is at most so high: a small freezer is not drawn as a wardrobe. */
const MOST_PX = 2.6;

/** The household's freezers and refrigerators with what lies in them, all to one scale. A pack is dragged to another drawer. */
@Component({
  selector: 'v-drawers',
  imports: [Drawer],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="all" [class.beside]="isBeside()">
      @for (each of drawn(); track each.appliance.id) {
        <section [attr.aria-label]="each.appliance.name">
          <h2>
            {{ each.appliance.name }} <small>{{ each.about }}</small>
          </h2>
          @for (drawer of each.drawers; track drawer.id) {
            <v-drawer
              [drawer]="drawer.id"
              [name]="drawer.name"
              [rows]="drawer.rows"
              [litres]="drawer.litres"
              [heightPx]="drawer.heightPx"
              [marked]="marked()"
              [found]="found()"
              [isTarget]="target() === drawer.id"
              (chosen)="chosen.emit($event)"
              (held)="take($event)"
              (point)="pointed.set($event)"
            />
          }
        </section>
      }
    </div>
    <p class="hint" aria-hidden="true">{{ hint() }}</p>
    <div class="ghost" #ghost aria-hidden="true" [hidden]="!dragged()">{{ dragged() }}</div>
  `,
  styleUrl: './drawers.css',
})
export class Drawers {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly document = inject(DOCUMENT);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly ghost = viewChild.required<ElementRef<HTMLElement>>('ghost');
  readonly rows = input.required<readonly PackRow[]>();
  readonly marked = input.required<ReadonlySet<string>>();
  readonly found = input<ReadonlySet<string> | null>(null);
  readonly chosen = output<{ readonly id: string; readonly add: boolean }>();
  readonly moved = output<{ readonly ids: readonly string[]; readonly place: string }>();

  protected readonly pointed = signal<string | null>(null);
  protected readonly dragged = signal<string | null>(null);
  protected readonly target = signal<string | null>(null);

  private readonly byPlace = computed(() => {
    const groups = new Map<string, PackRow[]>();
    for (const row of this.rows()) {
      const place = row.lot.place ?? '';
      const known = groups.get(place);
      if (known) known.push(row);
      else groups.set(place, [row]);
    }
    return groups;
  });
  private readonly byId = computed(() => new Map(this.rows().map((row) => [row.lot.id, row])));
  protected readonly isBeside = computed(() => this.store.appliances().length > BELOW);
  /** Pixels high for a litre, the same for all. */
  private readonly perLitre = computed(() => {
    const litres = this.store.appliances().flatMap((each) => (each.litres === null ? [] : [each.litres]));
    const shelves = this.store
      .appliances()
      .flatMap(({ shelves }) => shelves.flatMap((shelf) => (shelf.litres === null ? [] : [shelf.litres])));
    const usual = this.isBeside()
      ? TALLEST_PX / Math.max(1, ...litres)
      : Math.min(MOST_PX, ALL_PX / Math.max(1, sum(litres)));
    return Math.min(Math.max(usual, LOWEST_PX / Math.min(...shelves, 1e9)), usual * 2);
  });
  protected readonly drawn = computed<DrawnAppliance[]>(() =>
    this.store
      .appliances()
      .map((appliance) => ({ appliance, about: this.about(appliance), drawers: this.drawersOf(appliance) })),
  );
  protected readonly hint = computed(() => {
    const row = this.byId().get(this.pointed() ?? '');
    return row
      ? `${row.name}, ${this.format.mass(row.lot.leftDg)}${row.lot.on ? `, ${this.format.age(row.lot.on)}` : ''}`
      : 'Press a pack to see it; drag it to another drawer. ! is overdue, or near or past its best; ~ is fresh or thawing.';
  });

  private about({ airC, litres, atLeast, shelves, id, cold }: Appliance): string {
    const places = new Set([id, ...shelves.map((shelf) => shelf.id)]);
    const known = [...places].flatMap((place) =>
      isInUnknown(this.store.appliances(), place) ? [] : (this.byPlace().get(place) ?? []),
    );
    const massDg = sum(known, ({ lot }) => lot.leftDg);
    const air = this.format.air(airC);
    if (litres === null) return `${air}, size unknown`;
    return cold === 'freezer'
      ? `${air}, room for ${atLeast ? 'at least ' : ''}${this.format.roughMass(roomIn(litres, massDg).freeDg)}`
      : air;
  }

  private drawersOf({ id, shelves }: Appliance): DrawnDrawer[] {
    const high = (size: number | null, packs = 0): number =>
      size === null
        ? packs === 0
          ? LOWEST_PX
          : UNKNOWN_PX
        : Math.max(LOWEST_PX, Math.round(size * this.perLitre()));
    const drawers = shelves.map((shelf) => ({
      ...shelf,
      name: shelf.id === id ? 'inside' : shelf.name,
      rows: this.byPlace().get(shelf.id) ?? [],
      heightPx: high(shelf.litres, this.byPlace().get(shelf.id)?.length),
    }));
    const loose = shelves.some((shelf) => shelf.id === id) ? [] : (this.byPlace().get(id) ?? []);
    return loose.length === 0
      ? drawers
      : [...drawers, { id, name: 'in no drawer', litres: null, rows: loose, heightPx: UNKNOWN_PX }];
  }

  /** From here on the pointer carries the pack, wherever it goes; with it what is chosen along with it. */
  protected take({ id, event }: Held): void {
    const ids = this.marked().has(id) ? [...this.marked()] : [id];
    const row = this.byId().get(id);
    this.dragged.set(ids.length > 1 ? `${ids.length} packs` : (row?.name ?? ''));
    const boxes = [...this.host.querySelectorAll<HTMLElement>('[data-drawer]')].map((element) => ({
      id: element.dataset['drawer'] ?? '',
      element,
    }));
    const follow = ({ clientX, clientY }: PointerEvent): void => {
      this.ghost().nativeElement.style.transform = `translate(${clientX + 12}px, ${clientY + 12}px)`;
      this.target.set(
        boxes.find(({ element }) => isWithin(element.getBoundingClientRect(), clientX, clientY))?.id ?? null,
      );
    };
    const end = (isDrop: boolean) => (): void => {
      this.document.removeEventListener('pointermove', follow);
      this.document.removeEventListener('keydown', leave);
      const place = this.target();
      this.dragged.set(null);
      this.target.set(null);
      if (isDrop && place !== null && ids.some((each) => this.byId().get(each)?.lot.place !== place))
        this.moved.emit({ ids, place });
    };
    const drop = end(true);
    const leave = (key: KeyboardEvent): void => {
      if (key.key !== 'Escape') return;
      this.document.removeEventListener('pointerup', drop);
      end(false)();
    };
    this.document.addEventListener('pointermove', follow);
    this.document.addEventListener('pointerup', drop, { once: true });
    this.document.addEventListener('keydown', leave);
    follow(event);
  }
}

function isWithin(box: DOMRect, x: number, y: number): boolean {
  return x >= box.left && x <= box.right && y >= box.top && y <= box.bottom;
}
