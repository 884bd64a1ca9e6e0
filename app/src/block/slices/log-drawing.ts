import {
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  input,
  output,
} from '@angular/core';
import type { Destination } from '@core/ledger/destination';
import type { Profile } from '@core/slice/profile';
import type { Plan } from '@core/slice/wish';
import { Format } from '@core/format/format';
import { tileOf } from '../../ui/piece/destination-look';

/** Room above the log: for handles, or for cuts to stand out. */
const ABOVE = { handles: 46, cuts: 14 };
/** Room below it for thicknesses and faces. */
const BELOW = 54;

/** A log from the side, drawn to scale, with its cuts; a cut can be taken hold of and moved. */
@Component({
  selector: 'v-log-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      [attr.viewBox]="'-14 0 ' + (profile().lengthMm + 28) + ' ' + height()"
      role="group"
      [attr.aria-label]="
        'The log from the side, ' + length(profile().lengthMm) + ' long, ' + plan().slices.length + ' slices'
      "
    >
      <defs>
        @for (rest of plan().rest; track rest.why) {
          <pattern [attr.id]="hatch(rest.destination)" width="12" height="12" patternUnits="userSpaceOnUse">
            <image width="12" height="12" [attr.href]="tileOf(rest.destination)" />
          </pattern>
        }
      </defs>
      <path class="body" [attr.d]="outline()" />
      @for (rest of plan().rest; track rest.why) {
        <path
          class="rest"
          [attr.d]="stretch(rest.fromMm, rest.toMm)"
          [attr.fill]="'url(#' + hatch(rest.destination) + ')'"
        >
          <title>{{ rest.why }}, for {{ rest.destination }}</title>
        </path>
        @if (rest.toMm - rest.fromMm >= 18) {
          <text [attr.x]="(rest.fromMm + rest.toMm) / 2" [attr.y]="floor() + 18">{{ rest.destination }}</text>
        }
      }
      @for (slice of gone(); track $index) {
        <path class="gone" [attr.d]="stretch(slice.fromMm, slice.toMm)" />
        <text class="n" [attr.x]="(slice.fromMm + slice.toMm) / 2" [attr.y]="floor() - 34">✓</text>
        @if (slice.toMm - slice.fromMm >= 26) {
          <text [attr.x]="(slice.fromMm + slice.toMm) / 2" [attr.y]="floor() - 18">
            {{ format.mass(toDg(slice.massG)) }}
          </text>
        }
      }
      <text class="mm unit" x="-13" [attr.y]="floor() + 18">{{ unit() }}</text>
      @for (slice of drawn(); track $index) {
        <text class="n" [attr.x]="slice.middle" [attr.y]="floor() - slice.tall / 2 - 4">
          {{ slice.number }}
        </text>
        @if (slice.wide) {
          <text [attr.x]="slice.middle" [attr.y]="floor() - slice.tall / 2 + 14">{{ slice.mass }}</text>
        }
        <ellipse
          class="face"
          [attr.cx]="slice.middle"
          [attr.cy]="floor() + 48"
          [attr.rx]="slice.rx"
          [attr.ry]="slice.ry"
        />
        <text class="mm" [attr.x]="slice.middle" [attr.y]="floor() + 18">{{ slice.thickness }}</text>
      }
      @if (!movable()) {
        @for (cut of cuts(); track $index) {
          <path class="still" [attr.d]="'M' + cut.at + ' ' + (above() - 10) + 'V' + (floor() + 6)" />
        }
      }
      @for (cut of movable() ? cuts() : []; track $index) {
        <g
          class="cut"
          [class.pinned]="cut.pinned"
          role="slider"
          tabindex="0"
          [attr.aria-label]="'Cut ' + cut.number"
          aria-orientation="horizontal"
          aria-valuemin="0"
          [attr.aria-valuemax]="profile().lengthMm"
          [attr.aria-valuenow]="round(cut.at)"
          [attr.aria-valuetext]="length(cut.at) + (cut.pinned ? ', fixed' : '')"
          (keydown)="onKey($event, cut.at)"
          (pointerdown)="grab($event, cut.at)"
          (pointermove)="drag($event)"
          (pointerup)="drop()"
          (pointercancel)="drop()"
        >
          <rect class="grip" [attr.x]="cut.at - 9" y="0" width="18" [attr.height]="floor() + 8" />
          <path [attr.d]="'M' + cut.at + ' ' + (above() - 26) + 'V' + (floor() + 6)" />
          <circle [attr.cx]="cut.at" [attr.cy]="above() - 32" r="7" />
        </g>
      }
      @for (place of places(); track $index) {
        <g
          class="cut place"
          role="slider"
          tabindex="0"
          [attr.aria-label]="'Measured place ' + ($index + 1)"
          aria-valuemin="0"
          [attr.aria-valuemax]="profile().lengthMm"
          [attr.aria-valuenow]="round(place.atMm)"
          [attr.aria-valuetext]="length(place.atMm) + ' along, ' + length(highAt(place.atMm)) + ' high'"
          (keydown)="onPlaceKey($event, $index)"
          (pointerdown)="grabPlace($event, $index)"
          (pointermove)="dragPlace($event)"
          (pointerup)="drop()"
          (pointercancel)="drop()"
        >
          <rect class="grip" [attr.x]="place.atMm - 12" y="0" width="24" [attr.height]="floor() + 8" />
          <path [attr.d]="'M' + place.atMm + ' ' + (floor() - highAt(place.atMm)) + 'V' + floor()" />
          <circle [attr.cx]="place.atMm" [attr.cy]="floor() - highAt(place.atMm)" r="6" />
        </g>
      }
      <path class="board" [attr.d]="'M-14 ' + floor() + 'H' + (profile().lengthMm + 14)" />
    </svg>
  `,
  styles: `
    svg {
      width: 100%;
      display: block;
      touch-action: none;
      overflow: visible;
    }
    .body {
      fill: var(--sheet);
      stroke: var(--ink);
      stroke-width: 1.6;
    }
    .rest {
      stroke: var(--ink);
      stroke-width: 0.8;
      opacity: 0.9;
    }
    .gone {
      fill: var(--line);
      stroke: var(--ink);
      stroke-width: 1;
      stroke-dasharray: 3 3;
    }
    .board {
      stroke: var(--ink);
      stroke-width: 1;
    }
    .cut path {
      stroke: var(--act);
      stroke-width: 1.8;
    }
    .cut circle {
      fill: var(--paper);
      stroke: var(--act);
      stroke-width: 1.8;
    }
    .cut.pinned circle {
      fill: var(--act);
    }
    .place {
      cursor: move;
    }
    .place path {
      stroke-dasharray: 4 3;
    }
    .still {
      stroke: var(--act);
      stroke-width: 1.6;
    }
    .grip {
      fill: transparent;
    }
    .cut {
      cursor: ew-resize;
      outline: none;
    }
    .cut:focus-visible path {
      stroke: var(--focus);
      stroke-width: 4;
    }
    .cut:focus-visible circle {
      stroke: var(--focus);
      stroke-width: 4;
    }
    text {
      font: 400 10px var(--text);
      fill: var(--ink);
      text-anchor: middle;
      pointer-events: none;
    }
    .n {
      font: 600 14px var(--text);
    }
    .unit {
      text-anchor: start;
    }
    .mm {
      fill: var(--soft);
    }
    .face {
      fill: none;
      stroke: var(--soft);
      stroke-width: 1;
    }
  `,
})
export class LogDrawing {
  protected readonly format = inject(Format);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  readonly profile = input.required<Profile>();
  readonly plan = input.required<Plan>();
  readonly from = input.required<'start' | 'end'>();
  readonly pinned = input<readonly number[]>([]);
  /** Slices that are off, with their true weights. */
  readonly gone = input<
    readonly { readonly fromMm: number; readonly toMm: number; readonly massG: number }[]
  >([]);
  /** Whether cuts can be taken hold of. */
  readonly movable = input(true);
  /** A cut was moved from one place to another, in mm from the start of the log. */
  readonly moved = output<{ readonly from: number; readonly to: number }>();
  /** Places that were measured and can be taken hold of. */
  readonly places = input<readonly { readonly atMm: number }[]>([]);
  /** A measured place was moved along the log, or up and down. */
  readonly placeMoved = output<{
    readonly index: number;
    readonly atMm: number;
    readonly heightMm: number;
  }>();
  /** A fixed cut is let go. */
  readonly freed = output<number>();

  protected readonly tileOf = tileOf;
  private held: number | null = null;
  /** The place that is dragged; how high it was where the pointer took hold, as floor of the drag: the drawing grows with it. */
  private heldPlace: { readonly index: number; readonly floor: number } | null = null;

  private readonly tallest = computed(() =>
    Math.max(...this.samples().map((mm) => this.profile().heightAt(mm))),
  );
  private readonly samples = computed(() =>
    Array.from({ length: 61 }, (_, k) => (this.profile().lengthMm * k) / 60),
  );
  /** The drawing as a file of its own. */
  asSvg(): string {
    const svg = this.host.nativeElement.querySelector('svg');
    return svg ? new XMLSerializer().serializeToString(svg) : '';
  }

  protected readonly above = computed(() => (this.movable() ? ABOVE.handles : ABOVE.cuts));
  protected readonly floor = computed(() => this.above() + this.tallest());
  protected readonly height = computed(
    () => this.floor() + BELOW + Math.max(...this.drawn().map(({ ry }) => ry)),
  );
  protected readonly outline = computed(() => this.stretch(0, this.profile().lengthMm));
  /** The cuts between and after slices, in the order of cutting. */
  protected readonly cuts = computed(() => {
    const ends = this.plan().slices.map(({ fromMm, toMm }) => (this.from() === 'start' ? toMm : fromMm));
    return ends
      .map((at, index) => ({
        at,
        number: index + 1,
        pinned: this.pinned().some((mm) => Math.abs(mm - at) < 0.5),
      }))
      .filter(({ at }) => at > 0.5 && at < this.profile().lengthMm - 0.5);
  });
  /** All faces to one scale, the narrowest slice deciding. */
  private readonly faceScale = computed(() =>
    Math.min(
      ...this.plan().slices.map(({ thicknessMm, faceWidthMm, faceHeightMm }) =>
        Math.min((thicknessMm * 0.9) / faceWidthMm, 52 / faceHeightMm),
      ),
    ),
  );
  /** There is room for the weights: for all of them or for none. */
  private readonly isWide = computed(() => this.plan().slices.every(({ thicknessMm }) => thicknessMm >= 30));
  protected readonly drawn = computed(() =>
    this.plan().slices.map(({ fromMm, toMm, massG, thicknessMm, faceWidthMm, faceHeightMm }, index) => {
      return {
        number: index + 1 + this.gone().length,
        middle: (fromMm + toMm) / 2,
        tall: this.profile().heightAt((fromMm + toMm) / 2),
        wide: this.isWide(),
        mass: this.format.mass(Math.round(massG * 10)),
        thickness: this.length(thicknessMm).replace(/ (mm|in)$/, ''),
        rx: (faceWidthMm / 2) * this.faceScale(),
        ry: (faceHeightMm / 2) * this.faceScale(),
      };
    }),
  );

  protected stretch(from: number, to: number): string {
    const floor = this.floor();
    const places = [from, ...this.samples().filter((mm) => mm > from && mm < to), to];
    const top = places.map((mm) => `${mm.toFixed(1)} ${(floor - this.profile().heightAt(mm)).toFixed(1)}`);
    return `M${from} ${floor}L${top.join('L')}L${to} ${floor}Z`;
  }

  protected readonly unit = computed(() => this.format.lengthUnit());

  protected length(mm: number): string {
    return this.format.length(mm);
  }

  protected toDg(massG: number): number {
    return Math.round(massG * 10);
  }

  protected round(mm: number): number {
    return Math.round(mm);
  }

  protected onKey(event: KeyboardEvent, at: number): void {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (event.key === 'Delete' || event.key === 'Backspace') this.freed.emit(at);
    else if (by !== undefined) this.move(at, at + by * (event.shiftKey ? 10 : 1));
    else return;
    event.preventDefault();
    event.stopPropagation();
  }

  protected grab(event: PointerEvent, at: number): void {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.held = at;
  }

  protected drag(event: PointerEvent): void {
    if (this.held === null) return;
    const to = this.pointOf(event)?.x;
    if (to !== undefined && to !== Math.round(this.held)) this.move(this.held, to);
  }

  protected hatch(destination: Destination): string {
    return `log-${destination}`;
  }

  protected highAt(mm: number): number {
    return this.profile().heightAt(mm);
  }

  protected onPlaceKey(event: KeyboardEvent, index: number): void {
    const step = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    const atMm = this.places()[index]?.atMm;
    if (!step || atMm === undefined) return;
    const by = event.shiftKey ? 10 : 1;
    this.placeMoved.emit({
      index,
      atMm: Math.round(atMm) + (step[0] ?? 0) * by,
      heightMm: Math.round(this.highAt(atMm)) + (step[1] ?? 0) * by,
    });
    event.preventDefault();
    event.stopPropagation();
  }

  protected grabPlace(event: PointerEvent, index: number): void {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    const [y, atMm] = [this.pointOf(event)?.y, this.places()[index]?.atMm];
    if (y !== undefined && atMm !== undefined)
      this.heldPlace = { index, floor: y + Math.round(this.highAt(atMm)) };
  }

  protected dragPlace(event: PointerEvent): void {
    const [held, point] = [this.heldPlace, this.heldPlace && this.pointOf(event)];
    if (held && point)
      this.placeMoved.emit({
        index: held.index,
        atMm: Math.min(this.profile().lengthMm, Math.max(0, point.x)),
        heightMm: Math.min(400, held.floor - point.y),
      });
  }

  /** Where a pointer is on the drawing, in whole mm. */
  private pointOf(event: PointerEvent): { readonly x: number; readonly y: number } | null {
    const matrix = this.host.nativeElement.querySelector('svg')?.getScreenCTM()?.inverse();
    if (!matrix) return null;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { x: Math.round(x), y: Math.round(y) };
  }

  protected drop(): void {
    this.held = null;
    this.heldPlace = null;
  }

  private move(from: number, to: number): void {
    const inside = Math.min(this.profile().lengthMm - 1, Math.max(1, Math.round(to)));
    if (this.held !== null) this.held = inside;
    this.moved.emit({ from, to: inside });
  }
}
