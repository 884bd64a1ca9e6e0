import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { Format } from '@core/format/format';

const WIDTH = 640;
const HEIGHT = 190;
const PAD = { left: 64, right: 14, top: 16, bottom: 30 };

/**
 * What would be saved at other prices: a line with the range that holds four times in five, the
 * price at which it is even money, and a slider over all of it. A drawing of our own, as it
 * follows the hand frame by frame.
 */
@Component({
  selector: 'v-price-curve',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="curve">
      <svg [attr.viewBox]="'0 0 ' + width + ' ' + height" aria-hidden="true">
        <path class="band" [attr.d]="band()" />
        <line
          class="zero"
          [attr.x1]="pad.left"
          [attr.x2]="width - pad.right"
          [attr.y1]="y(0)"
          [attr.y2]="y(0)"
        />
        <line
          class="even"
          [attr.x1]="x(even())"
          [attr.x2]="x(even())"
          [attr.y1]="pad.top"
          [attr.y2]="height - pad.bottom"
        />
        <text class="even-text" [attr.x]="x(even()) + 6" [attr.y]="pad.top + 12">
          even at {{ money(even()) }}
        </text>
        <path class="mean" [attr.d]="line(middle())" />
        <line
          class="now"
          [attr.x1]="x(price())"
          [attr.x2]="x(price())"
          [attr.y1]="pad.top"
          [attr.y2]="height - pad.bottom"
        />
        <circle class="now-dot" [attr.cx]="x(price())" [attr.cy]="y(saving(price(), middle()))" r="6" />
        @for (tick of yTicks(); track tick) {
          <text class="tick" [attr.x]="pad.left - 8" [attr.y]="y(tick) + 4" text-anchor="end">
            {{ whole(tick) }}
          </text>
        }
        @for (tick of xTicks(); track tick) {
          <text class="tick" [attr.x]="x(tick)" [attr.y]="height - 8" text-anchor="middle">
            {{ money(tick) }}
          </text>
        }
      </svg>
      <input
        type="range"
        [min]="from()"
        [max]="to()"
        [step]="step()"
        [value]="price()"
        #slider
        (input)="moved.emit(+slider.value)"
        aria-label="Price for a {{ format.priceUnit() }}"
        [attr.aria-valuetext]="money(price()) + ': saves ' + whole(saving(price(), middle()))"
      />
    </div>
    <p class="soft">
      Saving at other prices for {{ format.mass(kg() * 10000) }}; the band holds four times in five.
    </p>
  `,
  styles: `
    .curve {
      position: relative;
    }
    svg {
      width: 100%;
      display: block;
      font: 400 13px var(--text);
    }
    .band {
      fill: var(--twine);
      opacity: 0.28;
    }
    .mean {
      fill: none;
      stroke: var(--ink);
      stroke-width: 2;
    }
    .zero {
      stroke: var(--ink);
      stroke-width: 1;
    }
    .even {
      stroke: var(--ink);
      stroke-width: 1;
      stroke-dasharray: 4 4;
    }
    .even-text {
      fill: var(--ink);
      font-weight: 600;
    }
    .now {
      stroke: var(--act);
      stroke-width: 2.5;
    }
    .now-dot {
      fill: var(--act);
      stroke: var(--paper);
      stroke-width: 2;
    }
    .tick {
      fill: var(--soft);
    }
    input {
      width: calc(100% - 12.2%);
      margin: 2px 2.2% 0 10%;
      accent-color: var(--act);
      min-height: 44px;
      cursor: ew-resize;
    }
    p {
      font-size: var(--small);
      margin: 0;
    }
  `,
})
export class PriceCurve {
  protected readonly format = inject(Format);
  protected readonly width = WIDTH;
  protected readonly height = HEIGHT;
  protected readonly pad = PAD;
  /** Smallest coins a kilogram. */
  readonly price = input.required<number>();
  /** What a kilogram may be worth, sorted. */
  readonly worth = input.required<Float64Array>();
  readonly even = input.required<number>();
  readonly kg = input.required<number>();
  readonly moved = output<number>();

  protected readonly middle = computed(() => this.even());
  private readonly low = computed(() => this.at(0.1));
  private readonly high = computed(() => this.at(0.9));
  protected readonly from = computed(() => Math.round(this.even() * 0.5));
  protected readonly to = computed(() => Math.round(this.even() * 1.4));
  protected readonly step = computed(() => Math.max(1, Math.round((this.to() - this.from()) / 200)));
  private readonly limits = computed(
    () => [this.saving(this.to(), this.low()), this.saving(this.from(), this.high())] as const,
  );
  protected readonly yTicks = computed(() => ticks(this.limits()[0], this.limits()[1], 4));
  /** Round prices in the unit that they are asked in. */
  protected readonly xTicks = computed(() => {
    const kg = this.format.kgPerUnit();
    return ticks(this.from() * kg, this.to() * kg, 5).map((tick) => tick / kg);
  });

  protected readonly band = computed(() => {
    const [from, to, low, high] = [this.from(), this.to(), this.low(), this.high()];
    const points = [
      [from, high],
      [to, high],
      [to, low],
      [from, low],
    ] as const;
    return `M${points.map(([price, worth]) => `${this.x(price)} ${this.y(this.saving(price, worth))}`).join('L')}Z`;
  });

  protected x(price: number): number {
    const share = (price - this.from()) / Math.max(1, this.to() - this.from());
    return PAD.left + Math.min(1, Math.max(0, share)) * (WIDTH - PAD.left - PAD.right);
  }

  protected y(saving: number): number {
    const [least, most] = this.limits();
    return (
      HEIGHT - PAD.bottom - ((saving - least) / Math.max(1, most - least)) * (HEIGHT - PAD.top - PAD.bottom)
    );
  }

  protected saving(price: number, worth: number): number {
    return (worth - price) * this.kg();
  }

  protected line(worth: number): string {
    return `M${this.x(this.from())} ${this.y(this.saving(this.from(), worth))}L${this.x(this.to())} ${this.y(this.saving(this.to(), worth))}`;
  }

  protected money(perKg: number): string {
    return this.format.perUnit(perKg).split('/')[0] ?? '';
  }

  protected whole(minor: number): string {
    return this.format.wholeMoney(minor);
  }

  private at(share: number): number {
    const worth = this.worth();
    return worth[Math.round(share * (worth.length - 1))] ?? this.even();
  }
}

/** Round figures between two, about so many. */
function ticks(from: number, to: number, count: number): number[] {
  const raw = (to - from) / count;
  const size = 10 ** Math.floor(Math.log10(Math.max(1, raw)));
  const step = [1, 2, 5, 10].map((factor) => factor * size).find((each) => each >= raw) ?? raw;
  const first = Math.ceil(from / step);
  return Array.from({ length: Math.floor(to / step) - first + 1 }, (_, index) => (first + index) * step);
}
