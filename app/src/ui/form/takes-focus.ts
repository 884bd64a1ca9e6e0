import { afterNextRender, Directive, ElementRef, inject } from '@angular/core';

/**
 * A form that comes in the place of the button that was pressed: one goes on in its first field. Left
 * alone, the focus would be nowhere.
 */
@Directive({ selector: '[vTakesFocus]' })
export class TakesFocus {
  constructor() {
    const form = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    afterNextRender(() => form.querySelector<HTMLElement>('input, textarea, [role=combobox]')?.focus());
  }
}
