import slider from '@primeuix/themes/aura/slider';
import { extent, ticks } from 'd3-array';
import {
  afterNextRender,
  afterRenderEffect,
  ApplicationRef,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  ElementRef,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { Slider } from 'primeng/slider';
import { wears } from '../wears';
import { placeNotches, spanOf, xOn, type Notch, type Span } from './tape-layout';

wears({ slider });

const BODY = 34;
const ROW = 20;
/** The hand that is slid along the tape has to be found by a thumb. */
const HAND = 44;

/**
 * Money on a printed scale, from cheap to dear: notches with their words, the doubt about one of them
 * as a stretch of twine, and a hand that can be slid along it. Its values are in one unit, and what
 * uses it says how one is written.
 */
@Component({
  selector: 'v-price-tape',
  imports: [Slider],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './price-tape.html',
  styleUrl: './price-tape.css',
})
export class PriceTape {
  readonly label = input.required<string>();
  readonly notches = input.required<readonly Notch[]>();
  /** From here on it is dearer than it is worth; null where that is not known. */
  readonly even = input<number | null>(null);
  /** Where even money may lie as well. */
  readonly doubt = input<readonly [number, number] | null>(null);
  /** What is asked; null where the hand only tries. */
  readonly asked = input<number | null>(null);
  /** Where the hand stands while nothing is asked. */
  readonly rests = input(0);
  /** Others that were seen: a mark each, without words. */
  readonly seen = input<readonly number[]>([]);
  readonly canSlide = input(true);
  readonly say = input.required<(value: number) => string>();
  /** What it means that the hand is there, for those who do not see the tape. */
  readonly told = input('');
  /** Tapes that are compared lie on one scale. */
  readonly along = input<Span | null>(null);
  readonly slid = output<number>();

  protected readonly max = Math.max;
  protected readonly body = BODY;
  protected readonly hand = HAND;
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  protected readonly width = signal(358);
  private readonly isSliding = signal(false);
  private readonly needed = computed(() => {
    const marked = [...this.notches().map(({ at }) => at), ...extent(this.seen()).flatMap((at) => at ?? [])];
    const values = [...marked, ...(this.doubt() ?? []), this.rests()];
    const known = values.filter((value) => value > 0);
    const asked = this.asked();
    return spanOf(asked === null ? known : [...known, asked]);
  });
  private readonly wanted = computed(() => ({
    needed: this.needed(),
    along: this.along(),
    isSliding: this.isSliding(),
  }));
  /** It does not move under the hand that slides along it. */
  protected readonly span = linkedSignal<{ needed: Span; along: Span | null; isSliding: boolean }, Span>({
    source: this.wanted,
    computation: ({ needed, along, isSliding }, before) =>
      along ?? (isSliding && before ? before.value : needed),
    equal: (a, b) => a.from === b.from && a.to === b.to,
  });
  protected readonly step = computed(() => {
    const { from, to } = this.span();
    return Math.max(1, Math.round((to - from) / 200));
  });
  protected readonly placed = computed(() => placeNotches(this.notches(), this.span(), this.width()));
  /** Where the hand slides there is room for two rows from the first: what lies below does not jump. */
  private readonly rowsOn = (side: Notch['side']): number =>
    Math.max(
      this.canSlide() && side === 'below' ? 1 : -1,
      ...this.placed().flatMap((each) => (each.side === side ? [each.row] : [])),
    ) + 1;
  protected readonly top = computed(() => this.rowsOn('above') * ROW + 4);
  protected readonly height = computed(
    () => this.top() + BODY + Math.max(this.canSlide() ? HAND - 18 : 0, 8) + this.rowsOn('below') * ROW,
  );
  protected readonly x = (at: number): number => xOn(this.span(), this.width(), at);
  protected readonly rowY = (row: number, side: Notch['side']): number =>
    side === 'above'
      ? this.top() - 9 - row * ROW
      : this.height() - 6 - (this.rowsOn('below') - 1 - row) * ROW;
  /** One path, however many there are; the same price twice is one mark. */
  protected readonly marks = computed(() =>
    [...new Set(this.seen().map((at) => Math.round(this.x(at))))].map((x) => `M${x} ${BODY - 1}v-8`).join(''),
  );
  protected readonly figures = computed(() => this.ticks(Math.max(3, Math.round(this.width() / 70))));
  protected readonly fine = computed(() => this.ticks(Math.max(12, Math.round(this.width() / 14))));
  /** Whether a printed figure has room: not at the ends, nor under even money and its doubt. */
  protected isFree(tick: number): boolean {
    const [x, even] = [this.x(tick), this.even()];
    const [low, high] = this.doubt() ?? [even ?? 0, even ?? 0];
    const isOff = even === null || x < this.x(low) - 24 || x > this.x(high) + 24;
    return x > 18 && x < this.width() - 18 && isOff;
  }
  protected readonly at = computed(() => this.asked() ?? this.rests());

  private readonly slider = viewChild(Slider);

  constructor() {
    afterNextRender(() => {
      const watch = new ResizeObserver(([entry]) => {
        const width = Math.round(entry?.contentRect.width ?? 0);
        // Folded away it has none, and is drawn again when it comes back.
        if (width > 0) this.width.set(width);
      });
      watch.observe(this.host);
      this.destroyed.onDestroy(() => watch.disconnect());
    });
    // Once the slider has its new ends: it puts its hand by those that it has.
    afterRenderEffect(() => {
      const [control, at, told] = [this.slider(), this.at(), this.told()];
      this.span();
      if (!control) return;
      if (!this.isSliding()) control.writeValue(at);
      this.host
        .querySelector('[role=slider]')
        ?.setAttribute('aria-valuetext', `${this.say()(at)}${told && `: ${told}`}`);
    });
  }
  private readonly destroyed = inject(DestroyRef);
  private readonly application = inject(ApplicationRef);

  private ticks(count: number): number[] {
    const { from, to } = this.span();
    return ticks(from, to, count);
  }

  protected slide(value: number | undefined): void {
    if (value === undefined) return;
    this.isSliding.set(true);
    this.slid.emit(value);
    // Before the frame is drawn in which the hand moved: what it says is never a frame behind it.
    this.application.tick();
  }

  protected letGo(): void {
    this.isSliding.set(false);
  }
}
