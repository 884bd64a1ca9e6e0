import { Injectable, signal } from '@angular/core';

/** What is asked before something is written that may be a slip. */
export interface Asked {
  readonly header: string;
  readonly message: string;
  readonly accept: string;
  readonly answer: (yes: boolean) => void;
}

/** Asks before something is written that may be a slip. */
@Injectable({ providedIn: 'root' })
export class Ask {
  readonly asked = signal<Asked | null>(null);

  /** True when the person says yes; closing the question is a no. */
  confirm(header: string, message: string, accept: string): Promise<boolean> {
    this.asked()?.answer(false);
    return new Promise((resolve) => {
      const answer = (yes: boolean): void => {
        this.asked.set(null);
        resolve(yes);
      };
      this.asked.set({ header, message, accept, answer });
    });
  }
}
