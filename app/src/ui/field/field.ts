import inputtext from '@primeuix/themes/aura/inputtext';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  effect,
  type ElementRef,
  input,
  output,
  signal,
  viewChild,
} from '@angular/core';
import type { Reader } from '@core/format/readers';
import { InputText } from 'primeng/inputtext';
import { HalfTyped } from '../form/half-typed';
import { newFieldId } from './field-id';
import { Labelled, type LabelLook } from './labelled';
import { wears } from '../wears';

wears({ inputtext });

/**
 * A figure or a name that is typed: a mass, a length, money, a count, a time. What cannot be read is
 * said beside it, what counts until then along with it, and nothing that was typed is lost; Escape
 * brings back what counts.
 */
@Component({
  selector: 'v-field',
  imports: [InputText, Labelled],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'field', '[class.beside]': "look() === 'beside'" },
  template: `
    <v-labelled [of]="id" [label]="label()" [look]="look()" [problem]="problem()" [hint]="hint()">
      <input
        pInputText
        #field
        [id]="id"
        autocomplete="off"
        [attr.aria-label]="named() || null"
        [attr.inputmode]="keys()"
        [attr.maxlength]="most()"
        [attr.placeholder]="placeholder() || ' '"
        [attr.aria-invalid]="problem() ? true : null"
        [attr.aria-describedby]="problem() || hint() ? id + '-why' : null"
        (input)="type(field.value)"
        (change)="take(field.value)"
        (blur)="leave(field.value)"
        (keydown.escape)="showWhatCounts()"
      />
    </v-labelled>
  `,
})
export class Field<T> {
  readonly label = input.required<string>();
  /** What it is called where the label beside it says too little: "Least of pack 2". */
  readonly named = input('');
  readonly look = input<LabelLook>('above');
  /** What counts now, as the field shows it. */
  readonly value = input.required<string>();
  readonly read = input.required<Reader<T>>();
  readonly keys = input<'text' | 'decimal' | 'numeric'>('text');
  readonly placeholder = input('');
  readonly hint = input('');
  readonly most = input<number | null>(null);
  readonly changed = output<T>();

  protected readonly id = newFieldId();
  protected readonly problem = signal('');
  private readonly field = viewChild.required<ElementRef<HTMLInputElement>>('field');

  /** Since the field was last left, or its figure taken. */
  private isBeingTyped = false;
  /** It was typed before the page was loaded anew: leaving the field takes it, though nothing changes then. */
  private isFromBefore = false;
  private readonly half = new HalfTyped();

  constructor() {
    effect(() => {
      this.value();
      // What was said before may come back from the disk while the next figure is on its way.
      if (!this.isBeingTyped) this.showWhatCounts();
    });
    afterNextRender(() => this.bringBack());
  }

  /** A reload in the middle of a figure loses none of it. */
  private bringBack(): void {
    const text = this.half.of(this.called(), this.value());
    if (text === null) return;
    this.isBeingTyped = true;
    this.isFromBefore = true;
    this.field().nativeElement.value = text;
  }

  private called(): string {
    return this.named() || this.label();
  }

  protected type(text: string): void {
    this.isBeingTyped = true;
    this.half.keep(this.called(), this.value(), text);
  }

  protected leave(text: string): void {
    if (this.isFromBefore) this.take(text);
    if (!this.problem()) this.showWhatCounts();
  }

  protected take(text: string): void {
    this.isBeingTyped = false;
    this.isFromBefore = false;
    const read = this.read()(text);
    if (!read.ok) {
      const counts = this.value();
      return this.problem.set(counts === '' ? read.problem : `${read.problem} ${counts} stands.`);
    }
    this.half.forget();
    this.changed.emit(read.value);
    this.showWhatCounts();
  }

  /** Written by hand: a binding would not see that "1200 g" and the "1.2 kg" that stood there are the same. */
  protected showWhatCounts(): void {
    this.isBeingTyped = false;
    this.isFromBefore = false;
    this.problem.set('');
    this.half.forget();
    this.field().nativeElement.value = this.value();
  }
}
