import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { Destination } from '@core/catalogue/destination';
import { drawingOf } from '@core/catalogue/drawings';
import { tileOf } from './destination-look';

/** Pieces differ: a part counts as off at most of its usual share. */
export const DONE = 0.75;

type Look = 'here' | 'next' | 'off';

/** The piece as it lies on the board: what is next is lit, what is off is gone. */
@Component({
  selector: 'v-piece-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (drawing(); as drawn) {
      <svg [attr.viewBox]="'0 0 ' + drawn.viewBox[0] + ' ' + drawn.viewBox[1]" role="img" [attr.aria-label]="spoken()">
        <defs>
          <clipPath id="not-sliced"><rect [attr.x]="slicedTo()" y="0" width="2000" height="2000" /></clipPath>
          <pattern id="next-tile" width="12" height="12" patternUnits="userSpaceOnUse"><image width="12" height="12" [attr.href]="tile()" /></pattern>
        </defs>
        @for (region of regions(); track region.id) {
          @if (region.sliced) {
            <path [attr.d]="region.d" class="off" />
          }
          <path [attr.d]="region.d" [class]="region.look" [attr.clip-path]="region.sliced ? 'url(#not-sliced)' : null" (click)="chosen.emit(region.part)" />
        }
        @if (slicedTo() > 0) {
          <path class="edge" [attr.d]="'M' + slicedTo() + ' 40V280'" />
        }
        <g class="lines" [attr.clip-path]="slicedTo() > 0 ? 'url(#not-sliced)' : null" [class.gone]="linesGone()">
          @for (line of drawn.lines; track line) { <path [attr.d]="line" /> }
        </g>
        @for (label of drawn.labels; track label.text) {
          <text [attr.x]="label.x" [attr.y]="label.y">{{ label.text }}</text>
        }
      </svg>
    }
  `,
  styles: `
    svg { width: 100%; max-height: var(--drawing-height, 300px); display: block; overflow: visible; }
    path { stroke: var(--ink); stroke-width: 1.8; stroke-linejoin: round; cursor: pointer; }
    .here { fill: var(--sheet); }
    .next { fill: url(#next-tile); stroke-width: 2.6; }
    .off { fill: none; stroke-dasharray: 2 5; stroke-width: 1.1; opacity: 0.6; cursor: default; }
    .edge { stroke: var(--act); stroke-width: 2.4; pointer-events: none; }
    .lines path { fill: none; stroke-width: 1.1; stroke-dasharray: 6 5; pointer-events: none; }
    .lines.gone { opacity: 0.25; }
    text { font: 400 15px var(--text); fill: var(--soft); }
  `,
})
export class PieceDrawing {
  readonly kind = input.required<string | null>();
  readonly next = input<string | null>(null);
  readonly nextDestination = input<Destination>('main');
  /** How much of each part is off, 0 to 1 and beyond. */
  readonly off = input<ReadonlyMap<string, number>>(new Map());
  /** The parts that this way of cutting gives. */
  readonly among = input<readonly string[]>([]);
  readonly chosen = output<string>();

  protected readonly drawing = computed(() => drawingOf(this.kind()));
  protected readonly tile = computed(() => tileOf(this.nextDestination()));
  protected readonly regions = computed(() => {
    const drawn = this.drawing();
    return Object.entries(drawn?.regions ?? {}).map(([id, d]) => {
      const part = this.among().find((each) => drawn?.parts[each]?.includes(id)) ?? '';
      return { id, d, part, look: this.lookOf(part), sliced: this.slicedTo() > 0 && part === drawn?.sliced?.part };
    });
  });
  /** Where the knife stands in what is sliced; zero before the first slice and after the last. */
  protected readonly slicedTo = computed(() => {
    const sliced = this.drawing()?.sliced;
    const fraction = this.off().get(sliced?.part ?? '') ?? 0;
    return sliced && fraction > 0 && fraction < DONE ? sliced.from + (sliced.to - sliced.from) * fraction : 0;
  });
  protected readonly linesGone = computed(() => this.regions().every(({ look }) => look === 'off'));
  protected readonly spoken = computed(() => {
    const off = [...this.off().values()].filter((fraction) => fraction >= DONE).length;
    return `${this.drawing()?.seen ?? ''}${off > 0 ? `; ${off} ${off === 1 ? 'part is' : 'parts are'} off` : ''}`;
  });

  private lookOf(part: string): Look {
    if (part !== '' && part === this.next()) return 'next';
    return (this.off().get(part) ?? 0) >= DONE ? 'off' : 'here';
  }
}
