import { Injectable, signal } from '@angular/core';

/** A sentence about what just happened. */
export interface Notice {
  readonly tone: 'done' | 'problem';
  readonly text: string;
  /** What can be done about it at once. */
  readonly act?: { readonly label: string; readonly run: () => void };
}

/** How long what was done stays said; it can be taken back later, too, from the menu and from the household's file. */
const DONE_SHOWS_MS = 8000;

/** The one notice on the screen. What is new takes the place of what was; problems stay until closed. */
@Injectable({ providedIn: 'root' })
export class Notices {
  private readonly shown = signal<Notice | null>(null);
  readonly notice = this.shown.asReadonly();
  /** The page says them itself, where it happens: nothing comes over it. */
  private readonly inPlace = signal(false);
  readonly isSaidInPlace = this.inPlace.asReadonly();
  private timer: ReturnType<typeof setTimeout> | undefined;

  done(text: string, act?: Notice['act']): void {
    this.show({ tone: 'done', text, ...(act && { act }) });
  }

  problem(text: string, act?: Notice['act']): void {
    this.show({ tone: 'problem', text, ...(act && { act }) });
  }

  sayInPlace(isInPlace: boolean): void {
    this.inPlace.set(isInPlace);
  }

  close(): void {
    clearTimeout(this.timer);
    this.shown.set(null);
  }

  private show(notice: Notice): void {
    clearTimeout(this.timer);
    this.shown.set(notice);
    if (notice.tone === 'done') this.timer = setTimeout(() => this.close(), DONE_SHOWS_MS);
  }
}
