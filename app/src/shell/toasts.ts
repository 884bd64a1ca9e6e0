import toast from '@primeuix/themes/aura/toast';
import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  DOCUMENT,
  inject,
  signal,
  untracked,
  ViewEncapsulation,
} from '@angular/core';
import { MessageService } from 'primeng/api';
import { Toast } from 'primeng/toast';
import { Notices, type Notice } from '../household/notices';
import { wears } from '../ui/wears';

wears({ toast });

/** Stays until somebody closes it, or the notice is another: when that is, the notices know. */
const FOR_LONG_MS = 2 ** 31 - 1;

/** What lies over the page takes Escape for itself first. */
const OVER = '[role=dialog], [role=alertdialog], [role=listbox], [role=menu]';

/** What has just happened, with the way back beside it. Fetched with the first notice. */
@Component({
  selector: 'v-toasts',
  imports: [Toast],
  providers: [MessageService],
  changeDetection: ChangeDetectionStrategy.OnPush,
  encapsulation: ViewEncapsulation.None,
  template: `
    <!-- It counts as no window: Escape is for the one beneath it. -->
    <p-toast
      position="bottom-center"
      [autoZIndex]="false"
      [class.above]="isAbove()"
      [life]="life"
      [pt]="{ message: spoken }"
    >
      <ng-template #headless let-message>
        @if (asNotice(message.data); as notice) {
          <div class="notice" [class.problem]="notice.tone === 'problem'">
            @if (notice.tone === 'problem') {
              <i class="pi pi-exclamation-triangle" aria-hidden="true"></i>
            }
            <span>{{ notice.text }}</span>
            @if (notice.act; as act) {
              <button type="button" class="does" (click)="act.run()">{{ act.label }}</button>
            }
            <button type="button" aria-label="Close this notice" (click)="notices.close()">
              <i class="pi pi-times" aria-hidden="true"></i>
            </button>
          </div>
        }
      </ng-template>
    </p-toast>
  `,
  styleUrl: './toasts.css',
})
export class Toasts {
  protected readonly notices = inject(Notices);
  private readonly messages = inject(MessageService);
  private readonly page = inject(DOCUMENT);
  protected readonly life = FOR_LONG_MS;
  /** The live region around it speaks; the toast itself is silent, and never takes the word from what is being said. */
  protected readonly spoken = { role: 'group', 'aria-live': 'off', 'aria-label': 'Notice' };

  protected readonly isAbove = signal(false);
  private actedAt = 0;

  constructor() {
    inject(DestroyRef).onDestroy(this.follow());
    // After it is drawn: what is told before that, nobody hears.
    afterRenderEffect(() => {
      const notice = this.notices.notice();
      this.isAbove.set(this.actedAt > innerHeight / 2);
      this.messages.clear();
      // Where the page has said it itself, it is not said once more when that is covered.
      if (notice && !untracked(this.notices.isSaidInPlace)) this.messages.add({ data: notice });
    });
  }

  /** Where somebody has just acted is not covered: the notice comes at the other end of the screen. */
  private follow(): () => void {
    const note = (event: Event): void => {
      const { target } = event;
      if (event instanceof KeyboardEvent && event.key === 'Escape' && !this.page.querySelector(OVER))
        this.notices.close();
      if (!(target instanceof Element) || target.closest('.p-toast')) return;
      const { top, bottom } = target.getBoundingClientRect();
      this.actedAt = event instanceof PointerEvent ? event.clientY : (top + bottom) / 2;
    };
    for (const type of ['pointerdown', 'keydown']) addEventListener(type, note, { capture: true });
    return () => {
      for (const type of ['pointerdown', 'keydown']) removeEventListener(type, note, { capture: true });
    };
  }

  protected asNotice(data: unknown): Notice {
    return data as Notice;
  }
}
