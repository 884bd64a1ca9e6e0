import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import type { SliceKind } from '@core/slice/wish';
import { Figures } from '../data/figures';
import { Notices } from '../data/notices';

const SIZES = { targetG: 'weight', thicknessMm: 'thickness', lengthMm: 'length' } as const;
type Size = keyof typeof SIZES;
const MOST_KINDS = 8;

/** Several kinds of slices from one log: roasts, doubles, singles, thin ones. */
@Component({
  selector: 'v-mix-form',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (kind of kinds(); track $index; let index = $index) {
      <fieldset>
        <legend class="visually-hidden">Kind {{ index + 1 }}</legend>
        <input
          class="text"
          [attr.aria-label]="'Name of kind ' + (index + 1)"
          [value]="kind.name"
          (change)="set(index, { name: $any($event.target).value.trim() || kind.name })"
        />
        <select
          class="text"
          [attr.aria-label]="'Kind ' + (index + 1) + ' is cut by'"
          (change)="by(index, $any($event.target).value)"
        >
          @for (size of sizes; track size) {
            <option [value]="size" [selected]="kind[size] !== undefined">{{ names[size] }}</option>
          }
        </select>
        <input
          class="text"
          [attr.aria-label]="'Size of kind ' + (index + 1)"
          [value]="shown(kind)"
          (change)="read(index, kind, $any($event.target).value)"
        />
        <button
          type="button"
          class="quiet small"
          [attr.aria-label]="'Take out kind ' + (index + 1)"
          [disabled]="kinds().length === 1"
          (click)="remove(index)"
        >
          ×
        </button>
        <div class="numbers">
          <label
            >least
            <input
              class="text"
              inputmode="numeric"
              [attr.aria-label]="'Least of kind ' + (index + 1)"
              [value]="kind.count?.[0] ?? 0"
              (change)="counted(index, kind, 0, $any($event.target).value)"
          /></label>
          <label
            >most
            <input
              class="text"
              inputmode="numeric"
              [attr.aria-label]="'Most of kind ' + (index + 1)"
              [value]="kind.count?.[1] ?? ''"
              placeholder="any"
              (change)="counted(index, kind, 1, $any($event.target).value)"
          /></label>
          <label
            >worth a {{ figures.priceUnit() }}
            <input
              class="text"
              inputmode="decimal"
              [attr.aria-label]="'Worth of kind ' + (index + 1)"
              [value]="kind.worthPerKg ? worth(kind.worthPerKg) : ''"
              placeholder="–"
              (change)="valued(index, $any($event.target).value)"
          /></label>
        </div>
      </fieldset>
    }
    @if (kinds().length < most) {
      <button type="button" class="quiet small" (click)="add()">Another kind</button>
    }
  `,
  styles: `
    fieldset {
      border: 0;
      border-left: 3px solid var(--line);
      margin: 0 0 8px;
      padding: 0 0 0 10px;
      display: grid;
      grid-template-columns: 1fr 1fr 44px;
      gap: 4px 6px;
    }
    fieldset > .quiet {
      grid-column: 3;
      grid-row: 1;
    }
    fieldset > input:first-of-type {
      grid-column: 1 / 3;
      grid-row: 1;
    }
    .numbers {
      grid-column: 1 / -1;
      display: grid;
      grid-template-columns: 1fr 1fr 1.5fr;
      gap: 6px;
    }
    fieldset > input:last-of-type {
      grid-column: 2 / 4;
    }
    .text {
      min-height: 44px;
      padding: 4px 8px;
      font-size: 1rem;
    }
    label {
      font-size: 0.85rem;
      color: var(--soft);
      display: flex;
      align-items: center;
      gap: 4px;
    }
    .quiet {
      padding: 0;
    }
  `,
})
export class MixForm {
  protected readonly figures = inject(Figures);
  private readonly notices = inject(Notices);
  readonly kinds = input.required<readonly SliceKind[]>();
  readonly changed = output<readonly SliceKind[]>();
  protected readonly sizes = Object.keys(SIZES) as Size[];
  protected readonly names = SIZES;
  protected readonly most = MOST_KINDS;

  protected shown(kind: SliceKind): string {
    return kind.targetG === undefined
      ? this.figures.length(kind.thicknessMm ?? kind.lengthMm ?? 0)
      : this.figures.mass(Math.round(kind.targetG * 10));
  }

  protected worth(perKg: number): string {
    return this.figures.number(perKg * this.figures.kgPerUnit(), 2);
  }

  protected by(index: number, size: Size): void {
    const first = { targetG: 340, thicknessMm: 28, lengthMm: 200 };
    this.set(index, { targetG: undefined, thicknessMm: undefined, lengthMm: undefined, [size]: first[size] });
  }

  protected read(index: number, kind: SliceKind, text: string): void {
    const value =
      kind.targetG === undefined
        ? (this.figures.parseLength(text) ?? NaN)
        : (this.figures.parseMass(text, 'small')?.massDg ?? NaN) / 10;
    if (!(value > 0)) return this.notices.problem(`“${text}” does not fit here. The old one stands.`);
    this.set(
      index,
      kind.targetG !== undefined
        ? { targetG: value }
        : kind.lengthMm !== undefined
          ? { lengthMm: value }
          : { thicknessMm: value },
    );
  }

  protected counted(index: number, { count = [0, 200] }: SliceKind, side: 0 | 1, text: string): void {
    const value = text.trim() === '' ? [0, 200][side] : Number(text);
    if (value === undefined || !Number.isInteger(value) || value < 0 || value > 200)
      return this.notices.problem('How many is a whole number from 0 to 200. The old one stands.');
    this.set(index, {
      count: side === 0 ? [value, Math.max(value, count[1])] : [Math.min(value, count[0]), value],
    });
  }

  protected valued(index: number, text: string): void {
    const value = text.trim() === '' ? 0 : this.figures.parseNumber(text);
    if (value === null || value < 0)
      return this.notices.problem(`“${text}” is no price. The old one stands.`);
    this.set(index, { worthPerKg: value / this.figures.kgPerUnit() });
  }

  protected set(index: number, change: Partial<SliceKind>): void {
    this.changed.emit(this.kinds().map((kind, at) => (at === index ? { ...kind, ...change } : kind)));
  }

  protected add(): void {
    const names = ['double', 'thin', 'roast', 'steak'].filter(
      (name) => !this.kinds().some((kind) => kind.name === name),
    );
    this.changed.emit([
      ...this.kinds(),
      {
        name: names[0] ?? `kind ${this.kinds().length + 1}`,
        thicknessMm: names[0] === 'double' ? 50 : 12,
        minThicknessMm: names[0] === 'double' ? 45 : 8,
        maxThicknessMm: names[0] === 'double' ? 60 : 20,
      },
    ]);
  }

  protected remove(index: number): void {
    this.changed.emit(this.kinds().filter((_, at) => at !== index));
  }
}
