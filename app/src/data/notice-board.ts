import { Injectable, signal } from '@angular/core';

/** A sentence about what just happened. */
export interface Notice {
  readonly tone: 'done' | 'problem';
  readonly text: string;
}

const DONE_SHOWS_MS = 6000;

/** The one notice on the screen. What is new takes the place of what was; problems stay until closed. */
@Injectable({ providedIn: 'root' })
export class NoticeBoard {
  readonly notice = signal<Notice | null>(null);
  private timer: ReturnType<typeof setTimeout> | undefined;

  show(notice: Notice): void {
    clearTimeout(this.timer);
    this.notice.set(notice);
    if (notice.tone === 'done') this.timer = setTimeout(() => this.close(), DONE_SHOWS_MS);
  }

  close(): void {
    clearTimeout(this.timer);
    this.notice.set(null);
  }
}
