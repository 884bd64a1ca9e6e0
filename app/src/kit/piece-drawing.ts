import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { DONE } from '@core/board/next-act';
import type { Destination } from '@core/catalogue/destination';
import { partOfRegion, type Side } from '@core/catalogue/drawing';
import { drawingOf } from '@core/catalogue/drawings';
import type { Kind } from '@core/catalogue/kind-schema';
import { tileOf } from './destination-look';
import { draftOf } from './draft-of';

type Look = 'here' | 'next' | 'off';
let drawings = 0;

/** The piece as it lies on the board: the cut is drawn on it, what is next is lit, what is off is gone. */
@Component({
  selector: 'v-piece-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      [attr.viewBox]="'0 0 ' + side().viewBox[0] + ' ' + side().viewBox[1]"
      role="img"
      [attr.aria-label]="spoken()"
    >
      <defs>
        <clipPath [attr.id]="id + '-left'">
          <rect [attr.x]="slicedTo()" y="0" width="2000" height="2000" />
        </clipPath>
        <pattern [attr.id]="id + '-tile'" width="12" height="12" patternUnits="userSpaceOnUse">
          <image width="12" height="12" [attr.href]="tile()" />
        </pattern>
      </defs>
      @for (region of regions(); track region.id) {
        @if (region.sliced) {
          <path [attr.d]="region.d" class="off" />
        }
        <path
          [attr.d]="region.d"
          [class]="region.look"
          [style.fill]="region.look === 'next' ? 'url(#' + id + '-tile)' : null"
          [attr.clip-path]="region.sliced ? 'url(#' + id + '-left)' : null"
          (click)="region.part && chosen.emit(region.part)"
        />
      }
      @if (slicedTo() > 0) {
        <path class="edge" [attr.d]="'M' + slicedTo() + ' 40V280'" />
      }
      <g class="marks" [class.gone]="isGone()">
        @for (mark of side().landmarks; track mark.d) {
          <path [class]="mark.of" [attr.d]="mark.d" />
        }
      </g>
      <g class="cuts" [attr.clip-path]="slicedTo() > 0 ? 'url(#' + id + '-left)' : null">
        @for (cut of cuts(); track cut) {
          <path class="under" [attr.d]="cut" />
          <path [attr.d]="cut" />
        }
      </g>
      @if (labelled()) {
        @for (label of side().labels; track label.text) {
          <text [attr.x]="label.x" [attr.y]="label.y">{{ label.text }}</text>
        }
      }
    </svg>
    @if (sides().length > 1 && turnable()) {
      <button type="button" class="quiet small turn no-print" (click)="turn()">
        Turn it over <kbd>o</kbd>
      </button>
    }
  `,
  styles: `
    :host {
      position: relative;
    }
    svg {
      width: 100%;
      max-height: var(--drawing-height, 100%);
      height: var(--drawing-fill, auto);
      position: var(--drawing-position, static);
      inset: 0;
      display: block;
      overflow: visible;
    }
    path {
      stroke: var(--ink);
      stroke-width: 1.8;
      stroke-linejoin: round;
    }
    .here,
    .next {
      cursor: pointer;
    }
    .here {
      fill: var(--sheet);
    }
    .next {
      stroke-width: 2.6;
    }
    .off {
      fill: none;
      stroke-dasharray: 2 5;
      stroke-width: 1.1;
      opacity: 0.6;
    }
    .edge {
      stroke: var(--act);
      stroke-width: 2.4;
      pointer-events: none;
    }
    .marks path,
    .cuts path {
      fill: none;
      pointer-events: none;
    }
    .marks path {
      stroke: var(--soft);
      stroke-width: 1.3;
    }
    .marks .bone[d$='Z'] {
      fill: var(--paper);
      stroke: var(--ink);
      stroke-width: 1.4;
    }
    .marks .bone:not([d$='Z']) {
      stroke-dasharray: 9 4;
    }
    .marks .joint,
    .marks .gland {
      stroke-dasharray: 3 3;
      stroke: var(--ink);
    }
    .marks .stop {
      stroke: var(--bad);
      stroke-width: 2;
    }
    .marks .silver-skin {
      stroke-dasharray: 1 5;
      stroke-linecap: round;
      stroke-width: 2;
    }
    .marks .grain {
      opacity: 0.5;
    }
    .marks.gone {
      opacity: 0.25;
    }
    .cuts path {
      stroke: var(--bad);
      stroke-width: 2.2;
      stroke-dasharray: 9 6;
      stroke-linecap: round;
    }
    .cuts .under {
      stroke: var(--sheet);
      stroke-width: 4.5;
      stroke-dasharray: none;
      opacity: 0.75;
    }
    text {
      font: 400 16px var(--text);
      fill: var(--ink);
      text-anchor: middle;
      paint-order: stroke;
      stroke: var(--paper);
      stroke-width: 4px;
      stroke-linejoin: round;
    }
    .turn {
      position: var(--turn-position, static);
      right: 0;
      top: -30px;
      background: var(--paper);
      min-height: 56px;
      margin-top: 8px;
    }
    .turn kbd {
      display: var(--turn-key, none);
    }
    @media (max-width: 900px) {
      text {
        font-size: 22px;
      }
      .turn {
        position: static;
        width: 100%;
      }
    }
    @media print {
      text {
        font-size: 18px;
      }
      path {
        stroke: #000;
      }
    }
  `,
})
export class PieceDrawing {
  readonly kind = input.required<Kind>();
  /** The part that is next. */
  readonly next = input<string | null>(null);
  readonly nextDestination = input<Destination>('main');
  /** How much of each part is off, 0 to 1 and beyond. */
  readonly off = input<ReadonlyMap<string, number>>(new Map());
  /** The parts that this way of cutting gives, in the order of work. */
  readonly among = input<readonly string[]>([]);
  /** The step whose cut is drawn; null draws none. */
  readonly step = input<string | null>(null);
  readonly labelled = input(true);
  readonly turnable = input(true);
  readonly chosen = output<string>();

  protected readonly id = `drawing-${++drawings}`;
  protected readonly sides = computed(() => drawingOf(this.kind()).sides);
  /** The side on which the cut is to be seen; turned over by hand until the next step. */
  private readonly sideIndex = draftOf(() => bestSide(this.sides(), this.step()), this.step);
  protected readonly side = computed(() => this.sides()[this.sideIndex()] ?? this.sides()[0]);
  protected readonly cuts = computed(() => this.side().cuts[this.step() ?? ''] ?? []);
  protected readonly tile = computed(() => tileOf(this.nextDestination()));
  protected readonly regions = computed(() => {
    const side = this.side();
    const isOff = (part: string): boolean => (this.off().get(part) ?? 0) >= DONE;
    const left = this.among().filter((part) => part === this.next() || !isOff(part));
    return Object.entries(side.regions).map(([id, d]) => {
      const part = partOfRegion(side, id, left);
      const look: Look =
        part === undefined
          ? partOfRegion(side, id, this.among()) === undefined
            ? 'here'
            : 'off'
          : part === this.next()
            ? 'next'
            : 'here';
      return {
        id,
        d,
        part,
        look,
        sliced: this.slicedTo() > 0 && (side.sliced?.regions.includes(id) ?? false),
      };
    });
  });
  /** Where the knife stands in what is sliced; zero before the first slice and after the last. */
  protected readonly slicedTo = computed(() => {
    const side = this.side();
    const { sliced } = side;
    const part = sliced && partOfRegion(side, sliced.regions[0] ?? '', this.among());
    const fraction = this.off().get(part ?? '') ?? 0;
    return sliced && fraction > 0 && fraction < DONE + 0.2 && part === this.next()
      ? Math.round(sliced.from + (sliced.to - sliced.from) * Math.min(0.96, fraction))
      : 0;
  });
  protected readonly isGone = computed(() => this.regions().every(({ look }) => look === 'off'));
  protected readonly spoken = computed(() => {
    const off = [...this.off().values()].filter((fraction) => fraction >= DONE).length;
    return [
      this.side().seen,
      this.cuts().length > 0 ? 'the cut of this step is drawn in' : '',
      off > 0 ? `${off} ${off === 1 ? 'part is' : 'parts are'} off` : '',
    ]
      .filter(Boolean)
      .join('; ');
  });

  turn(): void {
    this.sideIndex.update((index) => (index + 1) % this.sides().length);
  }
}

function bestSide(sides: readonly Side[], step: string | null): number {
  return Math.max(0, step === null ? 0 : sides.findIndex(({ cuts }) => cuts[step] !== undefined));
}
