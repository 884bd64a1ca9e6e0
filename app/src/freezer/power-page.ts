import { ChangeDetectionStrategy, Component, computed, effect, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { checkFirst, coldHolds, type Holds } from '@core/freeze/power-cut';
import { litresOf } from '@core/freeze/room';
import type { Lot } from '@core/journal/lot';
import { lotName } from '@core/journal/lot-name';
import { Clock } from '../data/clock';
import { Colds } from '../data/colds';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { PageTabs } from '../kit/page-tabs';
import { Acts } from '../kit/acts';
import { UndoBar } from '../kit/undo-bar';
import { FREEZER_PAGES } from './pages';

const HOUR_MS = 3_600_000;
/** What was said of a power cut and looked at stays in this tab, also over a reload. */
const KEPT = 'vendicus-power-cut';
/** How full a freezer is said to be, where that is not as written down. */
const SHARES = { 'as-known': null, full: 1, half: 0.5, less: 0.3 } as const;
type Said = keyof typeof SHARES;
const WEEKDAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long' });

/** The power is out: how long the cold holds, what to look at first, and what to do with each pack. */
@Component({
  selector: 'v-power-page',
  imports: [FormsModule, PageTabs, UndoBar],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Freezer" [tabs]="pages" />
      <header>
        <h1>The power is out</h1>
        <p><b>Keep the doors shut.</b> Every look costs hours.</p>
      </header>
      <div class="tools">
        <div class="field">
          <label for="since">Out since</label
          ><input
            id="since"
            class="text"
            type="datetime-local"
            [value]="since()"
            (change)="setSince($any($event.target).value)"
          />
        </div>
      </div>
      @if (since() === '') {
        <p class="caution">Say since when: without it nobody can say until when the cold holds.</p>
      }
      <table class="ledger holds">
        <thead>
          <tr>
            <th>Place</th>
            <th class="figure">Packs</th>
            <th class="figure">holds about</th>
            <th class="figure">until</th>
          </tr>
        </thead>
        <tbody>
          @for (place of places(); track place.id) {
            <tr [class.over]="place.isOver">
              <td>
                {{ place.name
                }}<small class="soft"> {{ place.full ? place.full + ' full of packs' : '' }}</small>
                @if (place.isFreezer) {
                  <select
                    class="text"
                    [attr.aria-label]="'How full ' + place.name + ' is'"
                    [ngModel]="place.said"
                    (ngModelChange)="say(place.id, $event)"
                  >
                    <option value="as-known">as full as written down</option>
                    <option value="full">full, with other food</option>
                    <option value="half">half full</option>
                    <option value="less">less than half full, or opened</option>
                  </select>
                }
              </td>
              <td class="figure" data-head="packs">{{ place.count }}</td>
              <td class="figure" data-head="holds about">{{ place.holds }}</td>
              <td class="figure" data-head="until">
                <b>{{ place.until }}</b>{{ place.isOver ? ', past: check each pack' : '' }}
              </td>
            </tr>
          } @empty {
            <tr>
              <td colspan="4" class="soft">Nothing lies anywhere.</td>
            </tr>
          }
        </tbody>
      </table>
      <p class="soft">
        About 48 hours for a full freezer that stays shut, 24 for one half full, 4 for a refrigerator (USDA
        FSIS, from memory). What lies between two of these is a straight line between them, and ours. Past its
        hours means check, not throw away.
      </p>
      <h2>When it is back, look at these first</h2>
      <v-undo-bar />
      <ol>
        @for (pack of first().slice(0, shown()); track pack.id) {
          <li [class.done]="kept().has(pack.id)">
            <span
              >{{ lotName(pack) }}, {{ figures.mass(pack.leftDg) }}
              <small class="soft">{{ store.placeNames().get(pack.place ?? '') ?? 'no place' }}</small></span
            ><label
              ><input type="checkbox" [checked]="kept().has(pack.id)" (change)="keep(pack.id)" /> still
              good<span class="visually-hidden">: {{ lotName(pack) }}</span></label
            ><button
              type="button"
              class="quiet small"
              [attr.aria-label]="'Throw away ' + lotName(pack)"
              (click)="discard(pack)"
            >
              Throw away
            </button>
          </li>
        } @empty {
          <li class="soft">Nothing lies in the cold.</li>
        }
      </ol>
      @if (first().length > shown()) {
        <p>
          <button type="button" class="quiet small" (click)="shown.set(shown() + 40)">
            Show more of {{ first().length }}
          </button>
        </p>
      }
      <h2>What to do with each pack</h2>
      <ul class="do">
        <li>
          <b>Ice crystals still in it, or {{ figures.told('4 °C (40 °F)') }} or below by a thermometer</b>: it
          may be frozen again, and is still good to cook. It loses some quality.
        </li>
        <li>
          <b>Above {{ figures.told('4 °C (40 °F)') }} for over 2 hours</b>: throw it away. Never taste to find
          out.
        </li>
        <li>
          <b>Drip of raw poultry or meat on other packs</b>: wipe off, wash hands; throw away what is open and
          soiled.
        </li>
      </ul>
      <p class="caution">When in doubt, throw it out. Local codes and licensed practice come first.</p>
    </div>
  `,
  styles: `
    @media (max-width: 600px) {
      .tools {
        grid-template-columns: minmax(0, 1fr) !important;
      }
      /* Three columns of words are too wide: each row is a slip. */
      .holds thead {
        display: none;
      }
      .holds tr,
      .holds td {
        display: block;
      }
      .holds tr {
        padding: 8px 0;
        border-bottom: 1px solid var(--line);
      }
      .holds td {
        padding: 2px 0;
        border: 0;
        text-align: left;
      }
      .holds [data-head]::before {
        content: attr(data-head) ' ';
        color: var(--soft);
      }
    }
    .tools {
      display: grid;
      grid-template-columns: minmax(0, 250px) minmax(0, 220px);
      gap: 12px;
      margin-bottom: 14px;
    }
    .holds {
      max-width: 820px;
    }
    .holds [data-head] {
      white-space: normal;
    }
    .holds select {
      width: 250px;
      max-width: 100%;
    }
    .over td {
      color: var(--bad);
    }
    h2 {
      margin: 22px 0 8px;
    }
    li {
      padding: 4px 0;
    }
    ol li {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto auto;
      gap: 14px;
      align-items: center;
      border-bottom: 1px solid var(--line);
      max-width: 760px;
    }
    ol {
      list-style: none;
      padding: 0;
    }
    ol label {
      display: flex;
      gap: 8px;
      align-items: center;
      min-height: 44px;
    }
    ol input {
      width: 22px;
      height: 22px;
      accent-color: var(--act);
    }
    .done > span {
      color: var(--soft);
    }
    .do {
      padding-left: 20px;
      max-width: 65ch;
    }
  `,
})
export class PowerPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  private readonly clock = inject(Clock);
  private readonly colds = inject(Colds);
  private readonly notices = inject(Notices);
  private readonly acts = inject(Acts);
  protected readonly pages = FREEZER_PAGES;
  protected readonly lotName = lotName;
  private readonly said = signal<ReadonlyMap<string, Said>>(new Map(remembered().said));
  /** When the power went, as somebody says; not now. */
  protected readonly since = signal(remembered().since);
  protected readonly first = computed(() => checkFirst(this.colds.eatable(), this.store.places()));
  protected readonly shown = signal(12);
  /** Looked at, and still icy or cold enough. */
  protected readonly kept = signal<ReadonlySet<string>>(new Set(remembered().kept));

  protected keep(id: string): void {
    this.kept.update(
      (kept) => new Set(kept.has(id) ? [...kept].filter((each) => each !== id) : [...kept, id]),
    );
  }

  protected discard(pack: Lot): void {
    void this.acts.write(`${lotName(pack)} thrown away`, [
      { type: 'discarded', lot: pack.id, amount: 'all', on: this.clock.today(), reason: 'power cut' },
    ]);
  }

  protected readonly places = computed(() =>
    this.store.appliances().flatMap((appliance) => {
      const inside = new Set([appliance.id, ...appliance.shelves.map(({ id }) => id)]);
      const packs = this.store.stock().filter(({ place }) => place !== null && inside.has(place));
      if (packs.length === 0) return [];
      const known =
        appliance.litres === null
          ? null
          : litresOf(packs.reduce((sum, { leftDg }) => sum + leftDg, 0)) / appliance.litres;
      const said = this.said().get(appliance.id) ?? 'as-known';
      const holds = coldHolds(appliance, SHARES[said] ?? known);
      const since = new Date(this.since()).getTime();
      const until =
        holds.hours === null || Number.isNaN(since) ? null : new Date(since + holds.hours * HOUR_MS);
      return [
        {
          id: appliance.id,
          name: appliance.name,
          isFreezer: appliance.cold === 'freezer',
          said,
          full: known !== null && appliance.cold === 'freezer' ? this.figures.percent(known, 0) : '',
          count: packs.length,
          holds: holdsWords(holds),
          until: until ? `${WEEKDAY.format(until)}, ${this.figures.timeOf(until.toISOString())}` : 'unknown',
          isOver: until !== null && until.getTime() < new Date(this.clock.instant()).getTime(),
        },
      ];
    }),
  );

  protected setSince(text: string): void {
    if (
      Number.isNaN(new Date(text).getTime()) ||
      new Date(text).getTime() > new Date(this.clock.instant()).getTime()
    )
      return this.notices.problem('Say a time that is past. The old one stands.');
    this.since.set(text);
  }

  protected say(place: string, said: Said): void {
    this.said.update((all) => new Map([...all, [place, said]]));
  }

  constructor() {
    effect(() =>
      sessionStorage.setItem(
        KEPT,
        JSON.stringify({ since: this.since(), said: [...this.said()], kept: [...this.kept()] }),
      ),
    );
  }
}

interface Remembered {
  readonly since: string;
  readonly said: readonly (readonly [string, Said])[];
  readonly kept: readonly string[];
}

function remembered(): Remembered {
  const nothing: Remembered = { since: '', said: [], kept: [] };
  try {
    return { ...nothing, ...(JSON.parse(sessionStorage.getItem(KEPT) ?? '{}') as Partial<Remembered>) };
  } catch {
    return nothing;
  }
}

function holdsWords(holds: Holds): string {
  switch (holds.says) {
    case 'published':
      return `about ${holds.hours} h`;
    case 'between':
      return `about ${holds.hours} h, between two published figures`;
    case 'under-24':
      return 'under 24 h, nobody knows how much: check each pack';
    case 'unknown':
      return '24 to 48 h if it is half full or more: nobody has said how large it is';
  }
}
