import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  inject,
  Injector,
  input,
  signal,
  viewChild,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { TextField } from './text-field';

/** What becomes of a figure that was typed: what is wrong with it, nothing once it is done, null while it is not to be done yet. */
export type InPlaceDeed = (text: string) => Promise<string | null> | string;

/** A figure that is typed where it stands: a press, the figure, Enter; Escape leaves it as it was. */
@Component({
  selector: 'v-in-place',
  imports: [FormsModule, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (isOpen()) {
      <form (ngSubmit)="save()">
        <v-text
          class="small"
          look="bare"
          keys="decimal"
          [label]="label()"
          [placeholder]="placeholder()"
          [(value)]="text"
          [problem]="problem()"
          (keydown.escape)="isOpen.set(false)"
        />
      </form>
    } @else {
      <button type="button" [class]="face()" [attr.aria-label]="called() || null" (click)="begin()">
        <ng-content />
      </button>
    }
  `,
  styles: `
    button {
      background: none;
      padding: 0;
      border: 0;
      font: inherit;
      color: inherit;
      cursor: pointer;
      min-height: 44px;
      min-width: 44px;
    }
    .figure {
      text-decoration: underline dotted var(--soft);
      text-underline-offset: 4px;
    }
    .gap {
      border: 1px dashed var(--field-line);
      border-radius: 3px;
      color: var(--ink);
      padding: 4px 10px;
    }
    .link {
      text-decoration: underline;
      text-underline-offset: 3px;
    }
    v-text {
      min-width: 100px;
    }
  `,
})
export class InPlace {
  /** What the field is called. */
  readonly label = input.required<string>();
  readonly placeholder = input('');
  /** What the press is called, where its words say too little. */
  readonly called = input('');
  readonly face = input<'figure' | 'gap' | 'link'>('figure');
  /** What stands in the field first. */
  readonly from = input('');
  readonly deed = input.required<InPlaceDeed>();

  private readonly injector = inject(Injector);
  private readonly field = viewChild(TextField);
  protected readonly isOpen = signal(false);
  protected readonly text = signal('');
  protected readonly problem = signal('');

  protected begin(): void {
    this.text.set(this.from());
    this.problem.set('');
    this.isOpen.set(true);
    afterNextRender(() => this.field()?.focus(), { injector: this.injector });
  }

  protected async save(): Promise<void> {
    const wrong = await this.deed()(this.text());
    this.problem.set(wrong ?? '');
    if (wrong === '') this.isOpen.set(false);
  }
}
