import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { foundFacts, stockTakeFacts, WHY_MISSING, type WhyMissing } from '@core/freeze/stock-take';
import type { Lot } from '@core/journal/lot';
import { lotName } from '@core/journal/lot-name';
import { readShortNumber, shortNumber } from '@core/label/short-number';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';
import { PageTabs } from '../kit/page-tabs';
import { Swatch } from '../kit/swatch';
import { Acts } from '../kit/acts';
import { UndoBar } from '../kit/undo-bar';
import { FREEZER_PAGES } from './pages';
import { draftOf } from '../kit/draft-of';

/** Walking through the drawers with a phone: what is there is ticked, the rest is put right. */
@Component({
  selector: 'v-count-page',
  imports: [PageTabs, RouterLink, Swatch, UndoBar],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Freezer" [tabs]="pages" />
      <header>
        <h1>Stock-take</h1>
        <p>Tick what lies there, by hand or by its number. What is not there is put right at the end.</p>
      </header>
      <v-undo-bar />
      @if (places().length === 0) {
        <p class="soft">Nothing lies anywhere yet.</p>
      } @else {
        <div class="tools">
          <div class="field">
            <label for="where">Where are you</label
            ><select id="where" class="text" (change)="place.set($any($event.target).value)">
              @for (each of places(); track each.id) {
                <option [value]="each.id" [selected]="each.id === place()">
                  {{ each.name }} ({{ each.count }})
                </option>
              }
            </select>
          </div>
          <div class="field">
            <label for="tick">Number on a label</label
            ><input
              id="tick"
              class="text"
              #number
              autocomplete="off"
              (keydown.enter)="$event.preventDefault(); tick(number.value); number.value = ''"
            />
          </div>
        </div>
        @if (surplus(); as extra) {
          <div class="extra" role="status">
            <p>
              <b>{{ lotName(extra.pack) }}, {{ shortNumber(extra.pack.id) }}</b
              >:
              {{
                extra.pack.leftDg > 0
                  ? 'should lie in ' + (store.placeNames().get(extra.pack.place ?? '') ?? 'no place')
                  : 'was written down as gone'
              }}.
            </p>
            @if (extra.pack.leftDg === 0) {
              <label class="field"
                ><span class="label">It weighs</span
                ><input
                  class="text"
                  [value]="figures.mass(extra.massDg)"
                  (change)="weighSurplus($any($event.target).value)"
              /></label>
            }
            <button type="button" class="quiet small" (click)="writeSurplus()">It lies here</button>
            <button type="button" class="quiet small" (click)="surplus.set(null)">Leave it</button>
          </div>
        }
        <ul aria-label="Packs that should lie here">
          @for (pack of packs(); track pack.id) {
            <li>
              <label
                ><input type="checkbox" [checked]="found().has(pack.id)" (change)="toggle(pack.id)" /><span
                  ><v-swatch [of]="pack.destination" [word]="lotName(pack)" /></span
                ><b>{{ figures.mass(pack.leftDg) }}</b
                ><code>{{ shortNumber(pack.id) }}</code></label
              >
              @if (isClosing() && !found().has(pack.id)) {
                <span class="why"
                  ><select
                    class="text"
                    [attr.aria-label]="
                      'Why ' + lotName(pack) + ', ' + shortNumber(pack.id) + ', is not there'
                    "
                    (change)="setWhy(pack.id, $any($event.target).value)"
                  >
                    @for (each of reasons; track each[0]) {
                      <option [value]="each[0]" [selected]="each[0] === (whys().get(pack.id) ?? 'lost')">
                        {{ each[1] }}
                      </option>
                    }
                  </select></span
                >
              }
            </li>
          } @empty {
            <li class="soft">Nothing should lie here.</li>
          }
        </ul>
        <div class="end">
          <p>
            <b>{{ found().size }}</b> of {{ packs().length }} there
          </p>
          @if (!isClosing()) {
            <button type="button" class="act" (click)="close()">Done here</button>
          } @else {
            <button type="button" class="quiet" (click)="isClosing.set(false)">Look again</button>
            <button type="button" class="act" (click)="write()">
              {{ missing().length === 1 ? 'Put 1 right' : 'Put ' + missing().length + ' right' }}
            </button>
          }
        </div>
        <p class="soft">
          More there than here? <a [routerLink]="['/', household, 'freezer']">Enter it as a pack</a>. From
          another drawer, or written down as gone? Type the number on its label above.
        </p>
      }
    </div>
  `,
  styles: `
    .tools {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
      gap: 12px;
      max-width: 640px;
      margin-bottom: 14px;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 0;
      border-top: 1.5px solid var(--ink);
      max-width: 760px;
    }
    li {
      border-bottom: 1px solid var(--line);
    }
    label {
      display: grid;
      grid-template-columns: 34px 1fr auto 50px;
      gap: 10px;
      align-items: center;
      min-height: 60px;
      cursor: pointer;
    }
    .field label {
      display: block;
      min-height: 0;
    }
    input[type='checkbox'] {
      width: 28px;
      height: 28px;
      accent-color: var(--act);
    }
    code {
      font: 400 0.9rem var(--mono);
      color: var(--soft);
      text-align: right;
    }
    .why {
      display: block;
      padding: 0 0 10px 44px;
      max-width: 420px;
    }
    .extra {
      border: 1.5px solid var(--ink);
      border-left: 6px solid var(--act);
      background: var(--sheet);
      padding: 10px 16px;
      display: flex;
      gap: 12px;
      flex-wrap: wrap;
      align-items: end;
      max-width: 760px;
      margin-bottom: 12px;
    }
    .extra p {
      margin: 0;
      flex: 1 1 240px;
    }
    .extra .field {
      width: 140px;
    }
    .end {
      display: flex;
      gap: 14px;
      align-items: center;
      flex-wrap: wrap;
      margin: 16px 0;
    }
    .end p {
      margin: 0;
      font-size: 1.15rem;
    }
  `,
})
export class CountPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  private readonly acts = inject(Acts);
  protected readonly pages = FREEZER_PAGES;
  protected readonly lotName = lotName;
  protected readonly shortNumber = shortNumber;
  protected readonly reasons = Object.entries(WHY_MISSING);

  protected readonly places = computed(() => {
    const counts = new Map<string, number>();
    for (const { place } of this.store.stock()) counts.set(place ?? '', (counts.get(place ?? '') ?? 0) + 1);
    return [...counts].map(([id, count]) => ({
      id,
      count,
      name: this.store.placeNames().get(id) ?? 'no place',
    }));
  });
  protected readonly place = draftOf(() => this.places()[0]?.id ?? '');
  protected readonly packs = computed(() =>
    this.store.stock().filter((pack) => (pack.place ?? '') === this.place()),
  );
  private readonly ticked = signal<ReadonlySet<string>>(new Set());
  protected readonly found = computed(
    () =>
      new Set(
        this.packs()
          .filter(({ id }) => this.ticked().has(id))
          .map(({ id }) => id),
      ),
  );
  protected readonly missing = computed(() => this.packs().filter(({ id }) => !this.ticked().has(id)));
  protected readonly isClosing = linkedSignal<string, boolean>({
    source: this.place,
    computation: () => false,
  });
  protected readonly whys = signal<ReadonlyMap<string, WhyMissing>>(new Map());
  /** A pack whose label is here and that should not be. */
  protected readonly surplus = signal<{ readonly pack: Lot; readonly massDg: number } | null>(null);

  protected toggle(id: string): void {
    this.ticked.update((ticked) => {
      const next = new Set(ticked);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }

  protected tick(text: string): void {
    const number = readShortNumber(text);
    if (number === '') return;
    const all = this.store.stock().filter((pack) => shortNumber(pack.id) === number);
    const here = all.filter((pack) => (pack.place ?? '') === this.place());
    if (here.length > 0)
      return this.ticked.update((ticked) => new Set([...ticked, ...here.map(({ id }) => id)]));
    const pack =
      all[0] ??
      [...this.store.state().lots.values()].findLast(
        (lot) => lot.form === 'pack' && shortNumber(lot.id) === number,
      );
    if (!pack)
      return this.notices.problem(
        `No pack has the number ${number.slice(0, 12)}. Without a label, enter it as a pack.`,
      );
    this.surplus.set({ pack, massDg: pack.leftDg || pack.inDg });
  }

  protected weighSurplus(text: string): void {
    const mass = this.figures.parseMass(text, 'small');
    if (!mass || mass.massDg <= 0) return this.notices.problem(`“${text}” is no weight. The old one stands.`);
    this.surplus.update((extra) => extra && { ...extra, massDg: mass.massDg });
  }

  protected async writeSurplus(): Promise<void> {
    const extra = this.surplus();
    if (!extra) return;
    if (
      !(await this.acts.write(
        `${lotName(extra.pack)} lies here`,
        foundFacts(extra.pack, this.place(), extra.massDg),
      ))
    )
      return;
    this.ticked.update((ticked) => new Set([...ticked, extra.pack.id]));
    this.surplus.set(null);
  }

  protected close(): void {
    if (this.missing().length === 0) return this.notices.done('Everything is there.');
    this.isClosing.set(true);
  }

  protected setWhy(id: string, why: WhyMissing): void {
    this.whys.update((whys) => new Map(whys).set(id, why));
  }

  protected async write(): Promise<void> {
    const missing = this.missing();
    const why = new Map(missing.map(({ id }) => [id, this.whys().get(id) ?? 'lost'] as const));
    if (
      await this.acts.write(
        missing.length === 1 ? '1 pack put right' : `${missing.length} packs put right`,
        stockTakeFacts(missing, why, this.clock.today()),
      )
    )
      this.isClosing.set(false);
  }
}
