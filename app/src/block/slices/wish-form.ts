import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { countReader, lengthReader, massReader, type Reader } from '@core/format/readers';
import type { SliceKind, Wish } from '@core/slice/wish';
import { Format } from '@core/format/format';
import { Notices } from '../../household/notices';
import { Choice } from '../../ui/field/choice';
import { Field } from '../../ui/field/field';

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

const READERS: Readonly<Record<Wish['by'], (format: Format) => Reader<number>>> = {
  weight: (format) => massReader(format, 'small'),
  thickness: (format) => lengthReader(format),
  equal: () => countReader(1, 200),
  mix: () => countReader(1, 200),
};

const NAMED: Readonly<Record<Wish['by'], string>> = {
  weight: 'Weight of a slice',
  thickness: 'Thickness of a slice',
  equal: 'How many slices',
  mix: '',
};

/** What the slices shall be like. */
@Component({
  selector: 'v-wish-form',
  imports: [Choice, Field],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="grid">
      <v-choice [label]="label()" [options]="options()" [value]="wish().by" (valueChange)="choose($event)" />
      @if (wish().by !== 'mix') {
        <v-field
          keys="decimal"
          [label]="wish().by === 'weight' ? 'Weight' : wish().by === 'thickness' ? 'Thickness' : 'How many'"
          [named]="named[wish().by]"
          [value]="shown()"
          [read]="reader()"
          (changed)="sized($event)"
        />
      }
    </div>
  `,
  styles: `
    .grid {
      display: grid;
      grid-template-columns: 1.4fr 1fr;
      gap: 10px;
    }
  `,
})
export class WishForm {
  private readonly format = inject(Format);
  private readonly notices = inject(Notices);
  readonly wish = input.required<Wish>();
  readonly label = input('Slices');
  /** A slice for each eater's plate; empty where there is not one dinner. */
  readonly plates = input<readonly SliceKind[]>([]);
  /** Which of the ways to wish are offered. */
  readonly offered = input<readonly By[]>(['weight', 'thickness', 'equal']);
  readonly changed = output<Wish>();
  protected readonly options = computed(() =>
    this.offered().map((by): readonly [By, string] => [by, NAMES[by]]),
  );
  protected readonly named = NAMED;
  protected readonly reader = computed(() => READERS[this.wish().by](this.format));

  protected shown(): string {
    const wish = this.wish();
    if (wish.by === 'weight') return this.format.mass(wish.targetG * 10);
    if (wish.by === 'thickness') return this.format.length(wish.thicknessMm);
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

  protected sized(size: number): void {
    const wish = this.wish();
    this.changed.emit(
      wish.by === 'weight'
        ? { ...wish, targetG: size / 10 }
        : wish.by === 'thickness'
          ? { by: 'thickness', thicknessMm: size }
          : { by: 'equal', count: size },
    );
  }
}
