import checkbox from '@primeuix/themes/aura/checkbox';
import { ChangeDetectionStrategy, Component, input, output, viewChild } from '@angular/core';
import { Checkbox } from 'primeng/checkbox';
import { newFieldId } from './field-id';
import { showsWhatCounts } from './shows-what-counts';
import { wears } from '../wears';

wears({ checkbox });

/** Yes or no, with the words beside it; the words can be pressed as well. */
@Component({
  selector: 'v-check',
  imports: [Checkbox],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'with-words' },
  template: `
    <p-checkbox
      [inputId]="id"
      [binary]="true"
      [disabled]="disabled()"
      [ariaLabel]="named() || undefined"
      (onChange)="tell($event.checked)"
    />
    <label [for]="id"><ng-content /></label>
  `,
})
export class Check {
  readonly value = input.required<boolean>();
  readonly valueChange = output<boolean>();
  /** What it is called where the words beside it say too little, or none stand there. */
  readonly named = input('');
  readonly disabled = input(false);
  protected readonly id = newFieldId();
  private readonly box = viewChild.required(Checkbox);
  private readonly shown = showsWhatCounts(this.box, this.value);

  protected tell(isChecked: boolean): void {
    this.valueChange.emit(isChecked);
    this.shown.showWhatCounts();
  }
}
