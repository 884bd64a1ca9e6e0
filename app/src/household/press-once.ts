import { DOCUMENT, inject, Injectable } from '@angular/core';

/** Two presses within this are one thumb that slipped. */
const SLIP_MS = 400;
/** A deed so long after a press does not come of it. */
const COMES_OF_MS = 3000;

/**
 * A press that does a deed does it once: pressed again while it is being written, or by a thumb that
 * slipped, the same button does nothing. What takes its turns by itself says so (`data-in-turn`).
 */
@Injectable({ providedIn: 'root' })
export class PressOnce {
  private last: { readonly button: Element; readonly at: number } | null = null;
  /** Until when each button is done with its deed; without end while that is being written. */
  private readonly until = new WeakMap<Element, number>();

  constructor() {
    inject(DOCUMENT).addEventListener('click', (event) => this.pressed(event), { capture: true });
  }

  /** Something is being written: it comes of the press that was last. */
  wait(deed: Promise<{ readonly ok: boolean }>): void {
    const { last } = this;
    if (!last || performance.now() - last.at > COMES_OF_MS) return;
    const { button, at } = last;
    this.until.set(button, Infinity);
    // What was refused did nothing: it may be tried again at once.
    deed.then(
      ({ ok }) => this.until.set(button, ok ? at + SLIP_MS : 0),
      () => this.until.set(button, 0),
    );
  }

  private pressed(event: MouseEvent): void {
    const button = event.target instanceof Element ? event.target.closest('button') : null;
    const now = performance.now();
    if (!button) return void (this.last = null);
    // A key is pressed on purpose; only what it does is waited for.
    const isKey = event.detail === 0;
    const until = this.until.get(button) ?? 0;
    if ((isKey ? until === Infinity : now < until) && !button.hasAttribute('data-in-turn')) {
      event.preventDefault();
      return event.stopImmediatePropagation();
    }
    this.last = { button, at: now };
  }
}
