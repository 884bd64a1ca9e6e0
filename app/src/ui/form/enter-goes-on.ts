import { Directive, ElementRef, inject } from '@angular/core';

const FIELDS =
  'input:not([type=radio]):not([type=checkbox]):not([type=range]):not([type=search]), select, textarea';

/**
 * Enter in a field goes on to the next one that is still empty, and never does the page's deed: on a
 * phone it is the key that closes a figure.
 */
@Directive({ selector: '[vEnterGoesOn]', host: { '(keydown.enter)': 'goOn($event)' } })
export class EnterGoesOn {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);

  protected goOn(event: Event): void {
    const from = event.target as HTMLElement;
    if (!from.matches('input') || from.matches('[type=radio], [type=checkbox]')) return;
    event.preventDefault();
    const isAfter = (field: HTMLElement): boolean =>
      (from.compareDocumentPosition(field) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0;
    const isSeen = (field: HTMLElement): boolean => field.offsetParent !== null;
    const fields = [...this.host.nativeElement.querySelectorAll<HTMLInputElement>(FIELDS)];
    fields.find((field) => isAfter(field) && isSeen(field) && field.value.trim() === '')?.focus();
  }
}
