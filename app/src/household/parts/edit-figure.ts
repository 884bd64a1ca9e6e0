import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Format } from '@core/format/format';
import { TextField } from '../../ui/field/text-field';

/** A figure that can be changed where it stands: a press, a number, enter. */
@Component({
  selector: 'v-edit-figure',
  imports: [FormsModule, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (open()) {
      <form (ngSubmit)="save()">
        <v-text
          class="small"
          look="bare"
          keys="decimal"
          [label]="name()"
          [(value)]="text"
          [problem]="problem()"
          (keydown.escape)="open.set(false)"
        />
      </form>
    } @else {
      <button type="button" (click)="edit()" [attr.aria-label]="'Change ' + name() + ', now ' + shown()">
        {{ shows() || shown() }}
      </button>
    }
  `,
  styles: `
    button {
      background: none;
      border: 0;
      border-bottom: 1px dotted var(--soft);
      padding: 0;
      font: inherit;
      color: inherit;
      cursor: pointer;
      min-height: 44px;
      min-width: 44px;
    }
    v-text {
      min-width: 92px;
    }
  `,
})
export class EditFigure {
  private readonly format = inject(Format);
  readonly value = input.required<number>();
  readonly unit = input.required<string>();
  readonly name = input.required<string>();
  readonly most = input(Number.MAX_SAFE_INTEGER);
  /** What is pressed, where the figure itself stands beside it. */
  readonly shows = input('');
  readonly saved = output<number>();
  protected readonly open = signal(false);
  protected readonly text = signal('');
  protected readonly problem = signal('');
  protected readonly shown = computed(() => `${this.format.number(this.value(), 0)} ${this.unit()}`);

  protected edit(): void {
    this.text.set(this.format.number(this.value(), 0));
    this.problem.set('');
    this.open.set(true);
  }

  protected save(): void {
    const value = this.format.parseNumber(this.text().replace(this.unit(), ''));
    if (value === null || value < 0 || value > this.most())
      return this.problem.set(`A number from 0 to ${this.most()}; ${this.shown()} stands.`);
    this.open.set(false);
    this.saved.emit(value);
  }
}
