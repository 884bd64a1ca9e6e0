import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import type { SliceKind, Wish } from '@core/slice/wish';
import { Figures } from '../data/figures';
import { Notices } from '../data/notices';

const NAMES = {
  weight: 'by weight',
  thickness: 'by thickness',
  equal: 'so many, equal',
  mix: 'a mix',
  plates: 'for our plates',
} as const;
type By = keyof typeof NAMES;

/** A roast and steaks to begin a mix with. */
const FIRST_MIX: readonly SliceKind[] = [
  { name: 'roast', lengthMm: 180, count: [1, 1] },
  { name: 'steak', targetG: 340, count: [0, 20] },
];

/** What the slices shall be like. */
@Component({
  selector: 'v-wish-form',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="grid">
      <div class="field">
        <label [attr.for]="id() + '-by'">{{ label() }}</label>
        <select class="text" [id]="id() + '-by'" (change)="choose($any($event.target).value)">
          @for (by of offered(); track by) {
            <option [value]="by" [selected]="by === wish().by">{{ names[by] }}</option>
          }
        </select>
      </div>
      @if (wish().by !== 'mix') {
        <div class="field">
          <label [attr.for]="id() + '-size'">{{
            wish().by === 'weight' ? 'Weight' : wish().by === 'thickness' ? 'Thickness' : 'How many'
          }}</label>
          <input
            class="text"
            [id]="id() + '-size'"
            [value]="shown()"
            (change)="read($any($event.target).value)"
          />
        </div>
      }
    </div>
  `,
  styles: `
    .grid {
      display: grid;
      grid-template-columns: 1.4fr 1fr;
      gap: 10px;
    }
    .text {
      min-height: 50px;
    }
  `,
})
export class WishForm {
  private readonly figures = inject(Figures);
  private readonly notices = inject(Notices);
  readonly wish = input.required<Wish>();
  readonly label = input('Slices');
  readonly id = input('wish');
  /** A slice for each eater's plate; empty where there is not one dinner. */
  readonly plates = input<readonly SliceKind[]>([]);
  /** Which of the ways to wish are offered. */
  readonly offered = input<readonly By[]>(['weight', 'thickness', 'equal']);
  readonly changed = output<Wish>();
  protected readonly names = NAMES;

  protected shown(): string {
    const wish = this.wish();
    if (wish.by === 'weight') return this.figures.mass(wish.targetG * 10);
    if (wish.by === 'thickness') return this.figures.length(wish.thicknessMm);
    return wish.by === 'equal' ? `${wish.count}` : '';
  }

  protected choose(by: By): void {
    if (by === 'plates' && this.plates().length === 0)
      return this.notices.problem('There is not one dinner in it for everyone who eats here.');
    this.changed.emit(
      by === 'weight'
        ? { by, targetG: 340 }
        : by === 'thickness'
          ? { by, thicknessMm: 28 }
          : by === 'equal'
            ? { by, count: 12 }
            : by === 'mix'
              ? { by, kinds: FIRST_MIX }
              : { by: 'mix', kinds: this.plates() },
    );
  }

  protected read(text: string): void {
    const wish = this.wish();
    const size =
      wish.by === 'weight'
        ? (this.figures.parseMass(text, 'small')?.massDg ?? NaN) / 10
        : wish.by === 'thickness'
          ? (this.figures.parseLength(text) ?? NaN)
          : Number(text);
    if (!(size > 0) || (wish.by === 'equal' && !Number.isInteger(size)))
      return this.notices.problem(`“${text}” does not fit here. The old one stands.`);
    this.changed.emit(
      wish.by === 'weight'
        ? { ...wish, targetG: size }
        : wish.by === 'thickness'
          ? { by: 'thickness', thicknessMm: size }
          : { by: 'equal', count: size },
    );
  }
}
