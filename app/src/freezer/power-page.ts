import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { checkFirst, coldHoldsH, type Fullness } from '@core/freeze/power-cut';
import { lotName } from '@core/journal/lot-name';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { PageTabs } from '../kit/page-tabs';
import { FREEZER_PAGES } from './pages';

const HOUR_MS = 3_600_000;
const WHEN = new Intl.DateTimeFormat('en-GB', { weekday: 'long', hour: '2-digit', minute: '2-digit' });

/** The power is out: how long the cold holds, what to look at first, and what to do with each pack. */
@Component({
  selector: 'v-power-page',
  imports: [PageTabs],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Freezer" [tabs]="pages" />
      <header><h1>The power is out</h1><p><b>Keep the doors shut.</b> Every look costs hours.</p></header>
      <div class="tools">
        <div class="field"><label for="since">Out since</label><input id="since" class="text" type="datetime-local" [value]="since()" (change)="setSince($any($event.target).value)" /></div>
        <div class="field"><label for="full">The freezer is</label><select id="full" class="text" (change)="fullness.set($any($event.target).value)"><option value="full" [selected]="fullness() === 'full'">full</option><option value="half" [selected]="fullness() === 'half'">half full or less</option></select></div>
      </div>
      <table class="ledger holds">
        <thead><tr><th>Place</th><th class="figure">Packs</th><th class="figure">holds about</th><th class="figure">until</th></tr></thead>
        <tbody>@for (place of places(); track place.id) { <tr [class.over]="place.isOver"><td>{{ place.name }}</td><td class="figure">{{ place.count }}</td><td class="figure">{{ place.hours }} h</td><td class="figure"><b>{{ place.until }}</b>{{ place.isOver ? ', over' : '' }}</td></tr> } @empty { <tr><td colspan="4" class="soft">Nothing lies anywhere.</td></tr> }</tbody>
      </table>
      <p class="soft">About 48 hours for a full freezer that stays shut, 24 for one half full, 4 for a refrigerator (USDA FSIS, from memory).</p>
      <h2>When it is back, look at these first</h2>
      <ol>@for (pack of first(); track pack.id) { <li>{{ lotName(pack) }}, {{ figures.mass(pack.leftDg) }} <span class="soft">{{ store.places().get(pack.place ?? '')?.name ?? 'no place' }}</span></li> } @empty { <li class="soft">Nothing lies in the cold.</li> }</ol>
      <h2>What to do with each pack</h2>
      <ul class="do">
        <li><b>Ice crystals still in it, or 4 °C (40 °F) or below by a thermometer</b>: it may be frozen again, and is still good to cook. It loses some quality.</li>
        <li><b>Above 4 °C for over 2 hours</b>: throw it away. Never taste to find out.</li>
        <li><b>Drip of raw poultry or meat on other packs</b>: wipe off, wash hands; throw away what is open and soiled.</li>
      </ul>
      <p class="caution">When in doubt, throw it out. Local codes and licensed practice come first.</p>
    </div>
  `,
  styles: `.tools { display: grid; grid-template-columns: minmax(0, 250px) minmax(0, 220px); gap: 12px; margin-bottom: 14px; } .holds { max-width: 720px; } .over td { color: var(--bad); } h2 { margin: 22px 0 8px; } li { padding: 4px 0; } .do { padding-left: 20px; max-width: 65ch; }`,
})
export class PowerPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  protected readonly pages = FREEZER_PAGES;
  protected readonly lotName = lotName;
  protected readonly fullness = signal<Fullness>('full');
  protected readonly since = signal(this.nowLocal());
  protected readonly first = computed(() => checkFirst(this.store.stock(), this.store.places()).slice(0, 12));
  protected readonly places = computed(() =>
    [...this.store.places()].flatMap(([id, place]) => {
      const count = this.store.stock().filter((pack) => pack.place === id).length;
      if (count === 0) return [];
      const hours = coldHoldsH(place, this.fullness());
      const until = new Date(new Date(this.since()).getTime() + hours * HOUR_MS);
      return [{ id, name: place.name, count, hours, until: WHEN.format(until), isOver: until.getTime() < new Date(this.clock.instant()).getTime() }];
    }),
  );

  protected setSince(text: string): void {
    if (Number.isNaN(new Date(text).getTime()) || new Date(text).getTime() > new Date(this.clock.instant()).getTime()) return this.notices.problem('Say a time that is past. The old one stands.');
    this.since.set(text);
  }

  private nowLocal(): string {
    const now = new Date(this.clock.instant());
    const two = (value: number): string => String(value).padStart(2, '0');
    return `${this.clock.today()}T${two(now.getHours())}:${two(now.getMinutes())}`;
  }
}
