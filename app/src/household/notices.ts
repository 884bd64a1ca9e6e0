import { computed, Injectable, signal } from '@angular/core';

/** A sentence about what just happened. */
export interface Notice {
  readonly tone: 'done' | 'problem';
  readonly text: string;
  /** What changed, by what pages call it: it is said there. */
  readonly of?: readonly string[];
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
  /** What a page has said itself is not said once more when that is covered. */
  private readonly saidThere = signal<Notice | null>(null);
  /** What no page says itself. */
  readonly told = computed(() => (this.shown() === this.saidThere() ? null : this.shown()));
  private timer: ReturnType<typeof setTimeout> | undefined;

  done(text: string, act?: Notice['act'], of?: Notice['of']): void {
    this.show({ tone: 'done', text, ...(act && { act }), ...(of && { of }) });
  }

  problem(text: string, act?: Notice['act']): void {
    this.show({ tone: 'problem', text, ...(act && { act }) });
  }

  sayInPlace(isInPlace: boolean): void {
    this.inPlace.set(isInPlace);
    if (isInPlace) this.saidThere.set(this.shown());
  }

  close(): void {
    clearTimeout(this.timer);
    this.shown.set(null);
  }

  private show(notice: Notice): void {
    clearTimeout(this.timer);
    this.shown.set(notice);
    if (this.inPlace()) this.saidThere.set(notice);
    if (notice.tone === 'done') this.timer = setTimeout(() => this.close(), DONE_SHOWS_MS);
  }
}
