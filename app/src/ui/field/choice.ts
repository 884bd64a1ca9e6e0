import { ChangeDetectionStrategy, Component, type ElementRef, input, output, viewChild } from '@angular/core';
import { newFieldId } from './field-id';

/** One of several: each with the word that says it. */
export type Options<T> = readonly (readonly [T, string])[];

/** Choices that are called what they are. */
export const asOptions = <T extends string>(values: readonly T[]): Options<T> =>
  values.map((each) => [each, each] as const);

/** One of a few that are named. */
@Component({
  selector: 'v-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'field', '[class.beside]': "look() === 'beside'" },
  template: `
    <label [attr.for]="id" [class.visually-hidden]="look() === 'bare'">{{ label() }}</label>
    <select #select class="text" [id]="id" [disabled]="disabled()" (change)="choose(select.selectedIndex)">
      @for (option of options(); track option[0]) {
        <option [value]="option[0]" [selected]="option[0] === value()">{{ option[1] }}</option>
      }
    </select>
  `,
})
export class Choice<T> {
  readonly label = input.required<string>();
  readonly look = input<'above' | 'beside' | 'bare'>('above');
  readonly options = input.required<Options<T>>();
  readonly value = input.required<T>();
  readonly disabled = input(false);
  readonly chosen = output<T>();
  protected readonly id = newFieldId();
  private readonly select = viewChild.required<ElementRef<HTMLSelectElement>>('select');

  protected choose(at: number): void {
    const option = this.options()[at];
    if (!option) return;
    this.chosen.emit(option[0]);
    // What is seen is what counts: the choice shows when it has been taken over.
    queueMicrotask(() => {
      this.select().nativeElement.selectedIndex = this.options().findIndex(([id]) => id === this.value());
    });
  }
}
