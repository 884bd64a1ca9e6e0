import { Directive, ElementRef, inject } from '@angular/core';

const FIELDS =
  'input:not([type=radio]):not([type=checkbox]):not([type=range]):not([type=search]), select, textarea';

/**
 * Enter in a field goes on to the next one that is still empty, and never does the page's deed: on a
 * phone it is the key that closes a figure. With none left the keyboard goes away. What stands aside
 * (`data-aside`: what is worked out from the others) is passed over.
 */
@Directive({ selector: '[vEnterGoesOn]', host: { '(keydown.enter)': 'goOn($event)' } })
export class EnterGoesOn {
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);

  protected goOn(event: Event): void {
    const from = event.target as HTMLElement;
    if (!(from instanceof HTMLInputElement) || from.matches('[type=radio], [type=checkbox]')) return;
    event.preventDefault();
    const isAfter = (field: HTMLElement): boolean =>
      (from.compareDocumentPosition(field) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0;
    const isSeen = (field: HTMLElement): boolean => field.offsetParent !== null;
    const fields = [...this.host.nativeElement.querySelectorAll<HTMLInputElement>(FIELDS)];
    const isEmpty = (field: HTMLInputElement): boolean => field.value.trim() === '';
    const next = fields.find(
      (field) => isAfter(field) && isSeen(field) && isEmpty(field) && !field.closest('[data-aside]'),
    );
    if (next) next.focus();
    else from.blur();
  }
}
