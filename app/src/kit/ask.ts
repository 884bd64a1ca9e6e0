import { inject, Injectable } from '@angular/core';
import { ConfirmationService } from 'primeng/api';

/** Asks before something is written that may be a slip. */
@Injectable({ providedIn: 'root' })
export class Ask {
  private readonly confirmation = inject(ConfirmationService);

  /** True when the person says yes; closing the question is a no. */
  confirm(header: string, message: string, accept: string, reject = 'Go back'): Promise<boolean> {
    return new Promise((answer) =>
      this.confirmation.confirm({
        header,
        message,
        acceptLabel: accept,
        rejectLabel: reject,
        acceptButtonStyleClass: 'p-button-contrast',
        rejectButtonProps: { severity: 'secondary', outlined: true },
        closable: false,
        closeOnEscape: true,
        accept: () => answer(true),
        reject: () => answer(false),
      }),
    );
  }
}
