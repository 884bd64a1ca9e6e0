import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { countReader, lengthReader, massReader, readText, numberReader, orEmpty } from '@core/format/readers';
import type { SliceKind } from '@core/slice/wish';
import { Format } from '@core/format/format';
import { Choice } from '../../ui/field/choice';
import { Field } from '../../ui/field/field';

const SIZES = [
  ['targetG', 'weight'],
  ['thicknessMm', 'thickness'],
  ['lengthMm', 'length'],
] as const;
type Size = (typeof SIZES)[number][0];
const MOST_SLICES = 200;
const MOST_KINDS = 8;

/** Several kinds of slices from one log: roasts, doubles, singles, thin ones. */
@Component({
  selector: 'v-mix-form',
  imports: [Choice, Field],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (kind of kinds(); track $index; let index = $index) {
      <fieldset>
        <legend class="visually-hidden">Kind {{ index + 1 }}</legend>
        <v-field
          class="small"
          look="bare"
          [label]="'Name of kind ' + (index + 1)"
          [value]="kind.name"
          [read]="readName"
          (changed)="set(index, { name: $event || kind.name })"
        />
        <v-choice
          class="small"
          look="bare"
          [label]="'Kind ' + (index + 1) + ' is cut by'"
          [options]="sizes"
          [value]="sizeOf(kind)"
          (valueChange)="by(index, $event)"
        />
        <v-field
          keys="decimal"
          class="small"
          look="bare"
          [label]="'Size of kind ' + (index + 1)"
          [value]="shown(kind)"
          [read]="kind.targetG === undefined ? readLength : readMass"
          (changed)="sized(index, kind, $event)"
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
          <v-field
            label="least"
            look="beside"
            class="small"
            keys="numeric"
            [named]="'Least of kind ' + (index + 1)"
            [value]="'' + (kind.count?.[0] ?? 0)"
            [read]="readLeast"
            (changed)="counted(index, kind, 0, $event)"
          />
          <v-field
            label="most"
            look="beside"
            class="small"
            keys="numeric"
            placeholder="any"
            [named]="'Most of kind ' + (index + 1)"
            [value]="'' + (kind.count?.[1] ?? '')"
            [read]="readMost"
            (changed)="counted(index, kind, 1, $event)"
          />
          <v-field
            [label]="'worth a ' + format.priceUnit()"
            look="beside"
            class="small"
            keys="decimal"
            placeholder="–"
            [named]="'Worth of kind ' + (index + 1)"
            [value]="kind.worthPerKg ? worth(kind.worthPerKg) : ''"
            [read]="readWorth"
            (changed)="set(index, { worthPerKg: $event / format.kgPerUnit() })"
          />
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
    fieldset > v-field:first-of-type {
      grid-column: 1 / 3;
      grid-row: 1;
    }
    .numbers {
      grid-column: 1 / -1;
      display: grid;
      grid-template-columns: 1fr 1fr 1.5fr;
      gap: 6px;
    }
    fieldset > v-field:last-of-type {
      grid-column: 2 / 4;
    }
    fieldset .quiet {
      padding: 0;
    }
  `,
})
export class MixForm {
  protected readonly format = inject(Format);
  readonly kinds = input.required<readonly SliceKind[]>();
  readonly changed = output<readonly SliceKind[]>();
  protected readonly sizes = SIZES;
  protected readonly readName = readText;
  protected readonly readLength = lengthReader(this.format);
  protected readonly readMass = massReader(this.format, 'small');
  protected readonly readLeast = orEmpty(0, countReader(0, MOST_SLICES));
  protected readonly readMost = orEmpty(MOST_SLICES, countReader(0, MOST_SLICES));
  protected readonly readWorth = orEmpty(0, numberReader(this.format, 0, 1e6, 'That is no price.'));
  protected readonly most = MOST_KINDS;

  protected shown(kind: SliceKind): string {
    return kind.targetG === undefined
      ? this.format.length(kind.thicknessMm ?? kind.lengthMm ?? 0)
      : this.format.mass(Math.round(kind.targetG * 10));
  }

  protected worth(perKg: number): string {
    return this.format.number(perKg * this.format.kgPerUnit(), 2);
  }

  protected by(index: number, size: Size): void {
    const first = { targetG: 340, thicknessMm: 28, lengthMm: 200 };
    this.set(index, { targetG: undefined, thicknessMm: undefined, lengthMm: undefined, [size]: first[size] });
  }

  protected sizeOf(kind: SliceKind): Size {
    return SIZES.find(([size]) => kind[size] !== undefined)?.[0] ?? 'thicknessMm';
  }

  protected sized(index: number, kind: SliceKind, value: number): void {
    const size = this.sizeOf(kind);
    this.set(index, { [size]: size === 'targetG' ? value / 10 : value });
  }

  protected counted(
    index: number,
    { count = [0, MOST_SLICES] }: SliceKind,
    side: 0 | 1,
    value: number,
  ): void {
    this.set(index, {
      count: side === 0 ? [value, Math.max(value, count[1])] : [Math.min(value, count[0]), value],
    });
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
