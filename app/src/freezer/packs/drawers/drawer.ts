import { sum } from 'd3-array';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  type ElementRef,
  inject,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { drawerPicture } from '@core/freeze/drawer-picture';
import { litresOf } from '@core/freeze/room';
import { Format } from '@core/format/format';
import { Appearance } from '../../../ui/appearance';
import { DrawerPainter, type Painted } from './drawer-painter';
import type { PackRow } from '../pack-rows';

/** A pack that is being taken hold of, and where the pointer is. */
export interface Held {
  readonly id: string;
  readonly event: PointerEvent;
}

/** How far a pointer goes before a press is a drag. */
const DRAG_PX = 6;

/**
 * A drawer as it lies, drawn to scale on a canvas, for thousands of packs are many elements. A
 * press or the arrow keys choose a pack, a drag takes it along.
 */
@Component({
  selector: 'v-drawer',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button
      type="button"
      [class.over]="isTarget()"
      [attr.data-drawer]="drawer()"
      [attr.aria-label]="said()"
      (keydown)="step($event)"
      (pointerdown)="press($event)"
      (pointermove)="move($event)"
      (pointerup)="release($event)"
      (pointercancel)="pressed = null"
      (pointerleave)="point.emit(null)"
    >
      <span class="name" aria-hidden="true"
        >{{ name() }} <small>{{ fill() }}</small></span
      >
      <span class="box"
        ><canvas #canvas aria-hidden="true" [style.height.px]="heightPx()"></canvas
        ><canvas #veil aria-hidden="true" [style.height.px]="heightPx()"></canvas
      ></span>
    </button>
  `,
  styleUrl: './drawer.css',
})
export class Drawer {
  private readonly format = inject(Format);
  private readonly appearance = inject(Appearance);
  private readonly veil = viewChild.required<ElementRef<HTMLCanvasElement>>('veil');
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  readonly drawer = input.required<string>();
  readonly name = input.required<string>();
  readonly rows = input.required<readonly PackRow[]>();
  /** Null where nobody has said: then it is not to scale. */
  readonly litres = input.required<number | null>();
  readonly heightPx = input.required<number>();
  readonly marked = input.required<ReadonlySet<string>>();
  /** What a search finds; null where nothing is searched for. */
  readonly found = input<ReadonlySet<string> | null>(null);
  readonly isTarget = input(false);
  readonly chosen = output<{ readonly id: string; readonly add: boolean }>();
  readonly held = output<Held>();
  readonly point = output<string | null>();

  private readonly width = signal(0);
  private readonly massDg = computed(() => sum(this.rows(), ({ lot }) => lot.leftDg));
  protected readonly fill = computed(() => {
    const litres = this.litres();
    if (litres === null)
      return this.massDg() === 0 ? 'empty' : `${this.format.mass(this.massDg())}, not to scale`;
    const share = litresOf(this.massDg()) / litres;
    return `${this.format.number(litres, 0)} L, ${this.format.percent(share, 0)}${share > 1 ? ', more than fits' : ''}`;
  });
  protected readonly said = computed(
    () =>
      `${this.name()} ${this.fill()}: ${this.format.count(this.rows().length, 'pack')}. Arrow keys choose one.`,
  );
  private readonly blocks = computed(() => {
    const width = this.width();
    const scale = this.litres() ?? Math.max(1, litresOf(this.massDg()));
    if (width === 0) return [];
    return drawerPicture(
      this.rows().map((row) => ({ row, leftDg: row.lot.leftDg })),
      scale,
      width / this.heightPx(),
    );
  });
  private readonly painted = computed<readonly Painted[]>(() =>
    this.blocks().map(({ pack: { row }, x, y, width, height }) => ({
      row,
      x: x * this.width(),
      y: y * this.heightPx(),
      width: width * this.width(),
      height: height * this.heightPx(),
    })),
  );
  private wasPlain = false;
  protected pressed: { readonly x: number; readonly y: number; readonly id: string | null } | null = null;

  constructor() {
    const painter = new DrawerPainter(
      (row) =>
        `${this.format.mass(row.lot.leftDg)}${row.plates > 0 ? `, ${this.format.number(row.plates, 0)} pl.` : ''}`,
    );
    const watcher = new ResizeObserver(([entry]) =>
      this.width.set(Math.round(entry?.contentRect.width ?? 0)),
    );
    const size = computed(() => ({ width: this.width(), height: this.heightPx() }));
    effect(() => painter.paint(this.canvas().nativeElement, size(), this.painted(), this.appearance.light()));
    effect(() => {
      const seen = { marked: this.marked(), found: this.found() };
      // A drawer in which nothing is veiled or chosen, before and after, stays as it is.
      const isPlain = seen.found === null && !this.rows().some(({ lot }) => seen.marked.has(lot.id));
      if (isPlain && this.wasPlain) return;
      this.wasPlain = isPlain;
      painter.veil(this.veil().nativeElement, size(), this.painted(), seen, this.appearance.light());
    });
    afterNextRender(() => watcher.observe(this.canvas().nativeElement));
    inject(DestroyRef).onDestroy(() => watcher.disconnect());
  }

  protected press(event: PointerEvent): void {
    if (event.button === 0) this.pressed = { x: event.clientX, y: event.clientY, id: this.at(event) };
  }

  protected move(event: PointerEvent): void {
    const from = this.pressed;
    this.point.emit(from ? null : this.at(event));
    if (
      !from ||
      from.id === null ||
      event.pointerType === 'touch' ||
      Math.hypot(event.clientX - from.x, event.clientY - from.y) < DRAG_PX
    )
      return;
    this.pressed = null;
    this.held.emit({ id: from.id, event });
  }

  protected release(event: PointerEvent): void {
    const id = this.pressed?.id;
    this.pressed = null;
    if (id) this.chosen.emit({ id, add: event.ctrlKey || event.metaKey || event.shiftKey });
  }

  protected step(event: KeyboardEvent): void {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    const rows = this.rows();
    if (by === undefined || rows.length === 0) return;
    event.preventDefault();
    const at = rows.findIndex(({ lot }) => this.marked().has(lot.id));
    const next = rows[at === -1 ? 0 : Math.max(0, Math.min(rows.length - 1, at + by))];
    if (next) this.chosen.emit({ id: next.lot.id, add: false });
  }

  /** The pack under the pointer. */
  private at({ clientX, clientY }: PointerEvent): string | null {
    const box = this.canvas().nativeElement.getBoundingClientRect();
    const [x, y] = [clientX - box.left, clientY - box.top];
    return (
      this.painted().find(
        (each) => x >= each.x && x < each.x + each.width && y >= each.y && y < each.y + each.height,
      )?.row.lot.id ?? null
    );
  }
}
