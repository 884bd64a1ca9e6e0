import { ApplicationRef, Directive, ElementRef, inject } from '@angular/core';

/**
 * A form in which a field cannot be read is not sent: the focus goes to that field, where it says why.
 * Else the deed would be done with what stood there before, and nobody would know.
 */
@Directive({ selector: 'form' })
export class ReadableForm {
  constructor() {
    const form = inject<ElementRef<HTMLFormElement>>(ElementRef).nativeElement;
    const application = inject(ApplicationRef);
    const hold = (event: Event): void => {
      // What was left a moment ago may not have said yet what is wrong with it.
      application.tick();
      const wrong = form.querySelector<HTMLElement>('[aria-invalid=true]');
      if (!wrong) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      wrong.focus();
    };
    form.addEventListener('submit', hold, { capture: true });
  }
}
