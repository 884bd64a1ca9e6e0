import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { DONE } from '@core/board/next-part';
import type { Destination } from '@core/ledger/destination';
import { partOfRegion, type Side } from '@core/catalogue/drawing';
import { drawingOf } from '@core/catalogue/drawings';
import type { Kind } from '@core/catalogue/kind-schema';
import { tileOf } from './destination-look';
import { draftOf } from '../form/draft-of';

type Look = 'here' | 'next' | 'off';
/** Room for the bar that tells the size, in drawing units. */
const BAR_ROOM = 26;
let drawings = 0;

/** The piece as it lies on the board: the cut is drawn on it, what is next is lit, what is off is gone. */
@Component({
  selector: 'v-piece-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './piece-drawing.html',
  styleUrl: './piece-drawing.css',
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
  /** What is expected to become of each part: drawn faintly in its texture. */
  readonly expected = input<ReadonlyMap<string, Destination>>(new Map());
  readonly labelled = input(true);
  readonly turnable = input(true);
  /** How the household measures: the bar that tells the size is 10 cm long, or 4 in. */
  readonly ruler = input<'mm' | 'in'>('mm');
  readonly chosen = output<string>();

  protected readonly id = `drawing-${++drawings}`;
  protected readonly sides = computed(() => drawingOf(this.kind()).sides);
  /** The side on which the cut is to be seen; turned over by hand until the next step. */
  private readonly sideIndex = draftOf(() => bestSide(this.sides(), this.step()), this.step);
  protected readonly side = computed(() => this.sides()[this.sideIndex()] ?? this.sides()[0]);
  protected readonly cuts = computed(() => this.side().cuts[this.step() ?? ''] ?? []);
  /** The textures that are drawn: of what is next, and of what is expected. */
  protected readonly tiles = computed(() =>
    [...new Set([this.nextDestination(), ...this.expected().values()])].map((of) => ({
      of,
      href: tileOf(of),
    })),
  );
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
      const expected = this.expected().get(part ?? '');
      return {
        id,
        d,
        part,
        look,
        stuff: side.stuff?.[id],
        tile: look === 'next' ? this.nextDestination() : look === 'here' ? expected : undefined,
        sliced: this.slicedTo() > 0 && (side.sliced?.regions.includes(id) ?? false),
      };
    });
  });
  /** The lines on what is still there. */
  protected readonly landmarks = computed(() => {
    const regions = new Map(this.regions().map((region) => [region.id, region]));
    return this.side()
      .landmarks.map((mark) => ({ ...mark, region: regions.get(mark.on ?? '') }))
      .filter(({ region }) => region?.look !== 'off')
      .map(({ of, d, region }) => ({ of, d, sliced: region?.sliced ?? false }));
  });
  /** How long 10 cm are, or 4 in, drawn beneath the piece; none on a drawing that has no size. */
  protected readonly bar = computed(() => {
    const { tenCm, viewBox } = this.side();
    if (tenCm === 0) return undefined;
    const length = Math.round(this.ruler() === 'in' ? tenCm * 1.016 : tenCm);
    const y = viewBox[1] + BAR_ROOM - 10;
    return {
      d: `M8 ${y - 5}V${y + 5}M8 ${y}H${8 + length}M${8 + length} ${y - 5}V${y + 5}`,
      x: 16 + length,
      y: y + 5,
      text: this.ruler() === 'in' ? '4 in' : '10 cm',
    };
  });
  protected readonly viewBox = computed(() => {
    const [width, height] = this.side().viewBox;
    return `0 0 ${width} ${height + (this.labelled() && this.bar() ? BAR_ROOM : 0)}`;
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
