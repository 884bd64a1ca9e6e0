import { ticks } from 'd3-array';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { xOn, type Span } from '../../ui/tape/tape-layout';

/** What a portion costs, in smallest coins: of this piece with its doubt, and bought cut. */
export interface PortionMarks {
  readonly ours: number;
  readonly range: readonly [number, number];
  readonly shop: number | null;
}

/** A stretch of the one ruler of all pieces, on which a portion's cost lies: ● ours, │ bought cut. */
@Component({
  selector: 'v-portion-ruler',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="scale" aria-hidden="true">
      @for (tick of figures(); track tick) {
        <i [style.left.%]="x(tick)"></i>
        <span class="figure" [style.left.%]="x(tick)">{{ say()(tick) }}</span>
      }
    </div>
    @if (marks(); as at) {
      <div class="marks" role="img" [attr.aria-label]="told()">
        <b class="ours" [style.left.%]="x(at.ours)">{{ say()(at.ours) }}</b>
        <i
          class="doubt"
          [style.left.%]="x(at.range[0])"
          [style.width.%]="x(at.range[1]) - x(at.range[0])"
        ></i>
        @if (at.shop; as shop) {
          <i class="between" [style.left.%]="least()" [style.width.%]="most() - least()"></i>
          <i class="cut" [style.left.%]="x(shop)"></i>
          <span class="shop" [style.left.%]="x(shop)">shop {{ say()(shop) }}{{ more() }}</span>
        }
        <i class="dot" [style.left.%]="x(at.ours)"></i>
      </div>
    }
  `,
  styleUrl: './portion-ruler.css',
})
export class PortionRuler {
  readonly span = input.required<Span>();
  readonly marks = input<PortionMarks | null>(null);
  readonly say = input.required<(minor: number) => string>();
  /** What stands after the shop's figure: “or more”. */
  readonly more = input('');
  /** The same in words. */
  readonly told = input('');

  protected readonly figures = computed(() => ticks(this.span().from, this.span().to, 5));
  private readonly ends = computed((): readonly [number, number] => {
    const { ours = 0, shop = 0 } = this.marks() ?? {};
    return [Math.min(ours, shop ?? ours), Math.max(ours, shop ?? ours)];
  });
  protected readonly least = computed(() => this.x(this.ends()[0]));
  protected readonly most = computed(() => this.x(this.ends()[1]));

  protected x(minor: number): number {
    return xOn(this.span(), 100, minor);
  }
}
