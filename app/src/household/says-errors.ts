import { type ErrorHandler, inject, Injectable } from '@angular/core';
import { knownProblem } from './disk/storage-problem';
import { Notices } from './notices';

/** A browser says so where what is measured changes what is measured; nothing is wrong with it. */
const HARMLESS = /ResizeObserver loop/;

const UNKNOWN =
  'Something here went wrong, and what you just did may not be done. What stood before is safe. Reload the page and look.';

/** What nobody caught, a promise that was refused too: it is kept for builders, and the person hears of it. */
@Injectable()
export class SaysErrors implements ErrorHandler {
  private readonly notices = inject(Notices);

  handleError(error: unknown): void {
    if (HARMLESS.test(String(error))) return;
    console.error(error);
    this.notices.problem(knownProblem(error) ?? UNKNOWN);
  }
}
