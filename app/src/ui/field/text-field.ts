import inputtext from '@primeuix/themes/aura/inputtext';
import textarea from '@primeuix/themes/aura/textarea';
import { ChangeDetectionStrategy, Component, type ElementRef, input, model, viewChild } from '@angular/core';
import { InputText } from 'primeng/inputtext';
import { Textarea } from 'primeng/textarea';
import { newFieldId } from './field-id';
import { Labelled, type LabelLook } from './labelled';
import { wears } from '../wears';

wears({ inputtext, textarea });

/** Words, or a figure that its form reads: what is typed is a draft until the form is done. */
@Component({
  selector: 'v-text',
  imports: [InputText, Labelled, Textarea],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'field', '[class.beside]': "look() === 'beside'" },
  template: `
    <v-labelled [of]="id" [label]="label()" [look]="look()" [problem]="problem()" [hint]="hint()">
      @if (lines() > 1) {
        <textarea
          pTextarea
          #area
          [id]="id"
          [rows]="lines()"
          [attr.aria-label]="named() || null"
          [attr.maxlength]="most()"
          [attr.placeholder]="placeholder() || ' '"
          [attr.aria-invalid]="problem() ? true : null"
          [attr.aria-describedby]="problem() || hint() ? id + '-why' : null"
          [value]="value()"
          (input)="value.set(area.value)"
        ></textarea>
      } @else {
        <input
          pInputText
          #field
          [id]="id"
          [type]="type()"
          autocomplete="off"
          [attr.aria-label]="named() || null"
          [attr.inputmode]="keys()"
          [attr.maxlength]="most()"
          [attr.placeholder]="placeholder() || ' '"
          [attr.aria-invalid]="problem() ? true : null"
          [attr.aria-describedby]="problem() || hint() ? id + '-why' : null"
          [value]="value()"
          (input)="value.set(field.value)"
        />
      }
    </v-labelled>
  `,
})
export class TextField {
  readonly label = input.required<string>();
  /** What it is called where the label beside it says too little: "Least of pack 2". */
  readonly named = input('');
  readonly look = input<LabelLook>('above');
  readonly type = input<'text' | 'search'>('text');
  readonly value = model.required<string>();
  readonly keys = input<'text' | 'decimal' | 'numeric'>('text');
  readonly placeholder = input('');
  readonly hint = input('');
  /** What is wrong with what stands there; empty while nothing is. */
  readonly problem = input('');
  readonly most = input<number | null>(200);
  /** More than one line where there is much to say. */
  readonly lines = input(1);
  protected readonly id = newFieldId();
  private readonly field = viewChild<ElementRef<HTMLInputElement>>('field');

  /** At once, while the hand that pressed is still on the screen: else a phone shows no keyboard. */
  focus(): void {
    this.field()?.nativeElement.focus();
  }
}
