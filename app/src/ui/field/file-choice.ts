import { ChangeDetectionStrategy, Component, type ElementRef, input, output, viewChild } from '@angular/core';

/** A file of this device, by a button that says what for. Nothing is sent anywhere. */
@Component({
  selector: 'v-file-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <input
      #field
      class="visually-hidden"
      type="file"
      tabindex="-1"
      [accept]="accept()"
      [attr.aria-label]="label()"
      (change)="take()"
    />
    <button type="button" class="quiet" [disabled]="disabled()" (click)="field.click()">
      <i class="pi pi-folder-open" aria-hidden="true"></i> {{ action() }}
    </button>
  `,
})
export class FileChoice {
  /** What the button says, and what the file is chosen for. */
  readonly action = input.required<string>();
  readonly label = input.required<string>();
  readonly accept = input('');
  readonly disabled = input(false);
  readonly chosen = output<File>();
  private readonly field = viewChild.required<ElementRef<HTMLInputElement>>('field');

  protected take(): void {
    const field = this.field().nativeElement;
    const file = field.files?.[0];
    // The same file can be chosen again.
    field.value = '';
    if (file) this.chosen.emit(file);
  }
}
