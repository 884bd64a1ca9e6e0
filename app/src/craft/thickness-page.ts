import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { evenThickness, type ZoneAct } from '@core/slice/even-thickness';
import { Figures } from '../data/figures';
import { PageTabs } from '../kit/page-tabs';
import { CRAFT_PAGES } from './pages';

interface Row {
  readonly name: string;
  readonly text: string;
}
const MOST_ZONES = 6;
const SCALE = 1.6;

/** Which parts of a flat piece to open like a book, how deep, and which only to slash. */
@Component({
  selector: 'v-thickness-page',
  imports: [FormsModule, PageTabs],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="page">
      <v-page-tabs of="Craft" [tabs]="pages" />
      <header>
        <h1>Even thickness</h1>
        <p>For a leg, a thick breast, anything that lies flat: measure each zone at its thickest.</p>
      </header>
      <div class="cols">
        <form autocomplete="off" (ngSubmit)="add()">
          @for (row of rows(); track $index) {
            <div class="row">
              <input
                class="text"
                [name]="'name' + $index"
                [attr.aria-label]="'Name of zone ' + ($index + 1)"
                [ngModel]="row.name"
                (ngModelChange)="set($index, { name: $event })"
              />
              <input
                class="text"
                [name]="'mm' + $index"
                inputmode="decimal"
                [attr.aria-label]="'Thickness of zone ' + ($index + 1) + ' in ' + unit()"
                [placeholder]="unit()"
                [ngModel]="row.text"
                (ngModelChange)="set($index, { text: $event })"
                [attr.aria-invalid]="row.text.trim() !== '' && millimetres(row.text) === null"
              />
              <button
                type="button"
                class="quiet"
                [attr.aria-label]="'Take out zone ' + ($index + 1)"
                (click)="remove($index)"
                [disabled]="rows().length <= 2"
              >
                ×
              </button>
            </div>
          }
          @if (rows().length < most) {
            <button type="submit" class="quiet">Another zone</button>
          }
          <p class="bad" role="status">{{ wrong() }}</p>
        </form>
        <section aria-live="polite">
          @if (plan(); as plan) {
            <p class="hero">{{ length(plan.thicknessMm) }}</p>
            <p class="soft">
              the same all over{{ plan.unevenAfter > 1.3 ? ', nearly' : '' }}. Left as it is, the thickest
              zone would have taken <b>{{ figures.number(plan.unevenBefore, 1) }} times</b> as long to heat
              through as the thinnest; now {{ figures.number(plan.unevenAfter, 1) }} times. The square of
              thickness is the bound, for heat by conduction alone; in a home oven the surface is held back,
              and the time grows more slowly: with a power of thickness between one and two.
            </p>
            <svg [attr.viewBox]="'0 0 600 ' + height()" role="img" [attr.aria-label]="spoken()">
              @for (zone of drawn(); track $index) {
                <rect
                  [attr.x]="zone.x"
                  [attr.y]="zone.y"
                  [attr.width]="zone.width"
                  [attr.height]="zone.height"
                />
                @for (cut of zone.cuts; track cut) {
                  <path class="cut" [attr.d]="cut" />
                }
                <text [attr.x]="zone.x + zone.width / 2" [attr.y]="height() - 6">{{ zone.name }}</text>
              }
              <path class="level" [attr.d]="level()" />
            </svg>
            <ol>
              @for (zone of plan.zones; track $index) {
                <li>
                  <b>{{ zone.name }}</b>: {{ words(zone) }}
                </li>
              }
            </ol>
            <p class="caution">
              Blade level with the board, the free hand flat on top of the meat, fingers up.
            </p>
          } @else {
            <p class="soft">
              Push a skewer down to the board and measure it. With two zones written here, this side says
              which to open like a book, how deep, and which only to slash.
            </p>
          }
        </section>
      </div>
    </div>
  `,
  styles: `
    .cols {
      display: grid;
      grid-template-columns: 380px minmax(0, 1fr);
      gap: 30px 50px;
      align-items: start;
    }
    .row {
      display: grid;
      grid-template-columns: 1fr 110px 56px;
      gap: 8px;
      margin-bottom: 8px;
    }
    .row .text {
      min-height: 56px;
    }
    .quiet {
      padding: 0 12px;
    }
    svg {
      width: 100%;
      max-width: 620px;
      display: block;
      margin: 14px 0;
    }
    rect {
      fill: var(--sheet);
      stroke: var(--ink);
      stroke-width: 1.6;
    }
    .cut {
      stroke: var(--bad);
      stroke-width: 2.2;
      stroke-dasharray: 8 5;
      fill: none;
    }
    .level {
      stroke: var(--twine);
      stroke-width: 1.5;
    }
    text {
      font: 400 16px var(--text);
      fill: var(--ink);
      text-anchor: middle;
    }
    ol {
      padding-left: 22px;
    }
    li {
      padding: 3px 0;
    }
    @media (max-width: 900px) {
      .cols {
        grid-template-columns: 1fr;
      }
      text {
        font-size: 22px;
      }
    }
  `,
})
export class ThicknessPage {
  protected readonly figures = inject(Figures);
  protected readonly pages = CRAFT_PAGES;
  protected readonly most = MOST_ZONES;
  protected readonly rows = signal<readonly Row[]>([
    { name: 'inside', text: '' },
    { name: 'outside', text: '' },
    { name: 'middle', text: '' },
  ]);
  protected readonly unit = computed(() => this.figures.lengthUnit());

  private readonly zones = computed(() =>
    this.rows().flatMap(({ name, text }, index) => {
      const thicknessMm = this.millimetres(text);
      return thicknessMm === null ? [] : [{ name: name.trim() || `zone ${index + 1}`, thicknessMm }];
    }),
  );
  protected readonly plan = computed(() => evenThickness(this.zones()));
  protected readonly wrong = computed(() => {
    const bad = this.rows().find(({ text }) => text.trim() !== '' && this.millimetres(text) === null);
    return bad
      ? `“${bad.text}” is no thickness. Write it in ${this.unit()}, above 0 and under ${this.length(400)}.`
      : '';
  });
  protected readonly height = computed(
    () => Math.max(...this.zones().map(({ thicknessMm }) => thicknessMm), 20) * SCALE + 50,
  );
  protected readonly drawn = computed(() => {
    const zones = this.plan()?.zones ?? [];
    const width = 560 / zones.length;
    const floor = this.height() - 30;
    return zones.map(({ name, thicknessMm, act, cutAtMm, slashMm }, index) => {
      const [x, top] = [20 + index * width, floor - thicknessMm * SCALE];
      const level = (mm: number): string => `M${x + width * 0.12} ${floor - mm * SCALE}H${x + width}`;
      const slash = (part: number): string => `M${x + width * part} ${top}v${slashMm * SCALE}`;
      const cuts = [
        ...(cutAtMm === null ? [] : [level(cutAtMm)]),
        ...(act === 'open-twice' && cutAtMm !== null ? [level(cutAtMm * 2)] : []),
        ...(slashMm > 0 ? [0.3, 0.5, 0.7].map(slash) : []),
      ];
      return { name, x, y: top, width, height: thicknessMm * SCALE, cuts };
    });
  });
  protected readonly level = computed(
    () => `M10 ${this.height() - 30 - (this.plan()?.thicknessMm ?? 0) * SCALE}H590`,
  );
  protected readonly spoken = computed(() =>
    (this.plan()?.zones ?? []).map((zone) => `${zone.name}: ${this.words(zone)}`).join('; '),
  );

  protected millimetres(text: string): number | null {
    const mm = this.figures.parseLength(text);
    return mm !== null && mm > 0 && mm < 400 ? mm : null;
  }

  protected length(mm: number): string {
    return this.figures.length(Math.round(mm));
  }

  protected words({ act, cutAtMm, slashMm, thicknessMm, reachedMm }: ZoneAct): string {
    const slashes = slashMm > 0 ? `slashes ${this.length(slashMm)} deep, two fingers apart` : '';
    switch (act) {
      case 'leave':
        return `leave it, ${this.length(thicknessMm)}.`;
      case 'slash':
        return `${slashes}: ${this.length(reachedMm)} under them.`;
      case 'open':
        return `open it like a book, ${this.length(cutAtMm ?? 0)} above the board, and stop ${this.length(reachedMm)} before the far edge${slashes ? `; then ${slashes}` : ''}.`;
      case 'open-twice':
        return `open it twice, at ${this.length(cutAtMm ?? 0)} and ${this.length((cutAtMm ?? 0) * 2)} above the board, from opposite sides${slashes ? `; then ${slashes}` : ''}.`;
    }
  }

  protected set(index: number, change: Partial<Row>): void {
    this.rows.update((rows) => rows.map((row, at) => (at === index ? { ...row, ...change } : row)));
  }

  protected add(): void {
    this.rows.update((rows) =>
      rows.length < MOST_ZONES ? [...rows, { name: `zone ${rows.length + 1}`, text: '' }] : rows,
    );
  }

  protected remove(index: number): void {
    this.rows.update((rows) => rows.filter((_, at) => at !== index));
  }
}
