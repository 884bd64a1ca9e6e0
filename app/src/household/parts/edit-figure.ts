import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { Format } from '@core/format/format';
import { InPlace } from '../../ui/field/in-place';

/** A figure that can be changed where it stands. */
@Component({
  selector: 'v-edit-figure',
  imports: [InPlace],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-in-place
      [label]="name()"
      [called]="'Change ' + name() + ', now ' + shown()"
      [from]="format.number(value(), 0)"
      [deed]="save"
      >{{ shows() || shown() }}</v-in-place
    >
  `,
})
export class EditFigure {
  protected readonly format = inject(Format);
  readonly value = input.required<number>();
  readonly unit = input.required<string>();
  readonly name = input.required<string>();
  readonly most = input(Number.MAX_SAFE_INTEGER);
  /** What is pressed, where the figure itself stands beside it. */
  readonly shows = input('');
  readonly saved = output<number>();
  protected readonly shown = computed(() => `${this.format.number(this.value(), 0)} ${this.unit()}`);

  protected readonly save = (text: string): string => {
    const value = this.format.parseNumber(text.replace(this.unit(), ''));
    if (value === null || value < 0 || value > this.most())
      return `A number from 0 to ${this.most()}; ${this.shown()} stands.`;
    this.saved.emit(value);
    return '';
  };
}
