import toast from '@primeuix/themes/aura/toast';
import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  DOCUMENT,
  ElementRef,
  inject,
  signal,
  ViewEncapsulation,
} from '@angular/core';
import { NavigationEnd, Router } from '@angular/router';
import { MessageService } from 'primeng/api';
import { Toast } from 'primeng/toast';
import { Notices, type Notice } from '../household/notices';
import { placeNotice, type Box } from '../ui/told/place-notice';
import { wears } from '../ui/wears';
import { saidAbout } from './said-about';

wears({ toast });

/** Stays until somebody closes it, or the notice is another: when that is, the notices know. */
const FOR_LONG_MS = 2 ** 31 - 1;
/** What moves by itself once it is drawn, such as what folds open, has come to rest by then. */
const AT_REST_MS = 400;

/** So many letters of a deed, and of a text, have room beside each other on a phone. */
const [LABEL_BESIDE, TEXT_BESIDE] = [10, 120];

/** What lies over the page takes Escape for itself first. */
const OVER = '[role=dialog], [role=alertdialog], [role=listbox], [role=menu]';

/**
 * What has just happened, with the way back beside it: at the row, tray or day that it is about, or at what
 * was pressed; a bar only where that is not on the screen. Fetched with the first notice.
 */
@Component({
  selector: 'v-toasts',
  imports: [Toast],
  providers: [MessageService],
  changeDetection: ChangeDetectionStrategy.OnPush,
  encapsulation: ViewEncapsulation.None,
  template: `
    <div
      class="said"
      [class.unplaced]="place() === null"
      [style.left.px]="place()?.left"
      [style.top.px]="place()?.top"
    >
      <!-- It counts as no window: Escape is for the one beneath it. -->
      <p-toast [autoZIndex]="false" [life]="life" [pt]="{ message: spoken }">
        <ng-template #headless let-message>
          @if (asNotice(message.data); as notice) {
            <div
              class="notice"
              [class.problem]="notice.tone === 'problem'"
              [class.long]="isLong(notice)"
              [attr.data-about]="notice.of?.join(' ')"
            >
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
    </div>
  `,
  styleUrl: './toasts.css',
})
export class Toasts {
  protected readonly notices = inject(Notices);
  private readonly messages = inject(MessageService);
  private readonly page = inject(DOCUMENT);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly router = inject(Router);
  protected readonly life = FOR_LONG_MS;
  /** The live region around it speaks; the toast itself is silent, and never takes the word from what is being said. */
  protected readonly spoken = { role: 'group', 'aria-live': 'off', 'aria-label': 'Notice' };

  protected readonly place = signal<Box | null>(null);
  private shown: Notice | null = null;
  private pressed: Element | null = null;
  /** What was pressed when it was said; on another page it is about nothing. */
  private saidAt: Element | null = null;
  private frame = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** It finds its place again as what it is about, or what stands there, is drawn. */
  private readonly drawn = new MutationObserver((changes) => {
    if (changes.some(({ target }) => !this.host.contains(target))) this.lookAgain();
  });
  /** Styles that come later, and what folds open, move it without a word. */
  private readonly resized = new ResizeObserver(() => this.lookAgain());

  constructor() {
    inject(DestroyRef).onDestroy(this.follow());
    // After it is drawn: what is told before that, nobody hears.
    afterRenderEffect(() => this.show(this.notices.told()));
  }

  private show(notice: Notice | null): void {
    if (notice === this.shown) return;
    this.shown = notice;
    this.saidAt = this.pressed;
    this.messages.clear();
    this.place.set(null);
    this.drawn.disconnect();
    this.resized.disconnect();
    if (!notice) return;
    this.messages.add({ data: notice });
    this.drawn.observe(this.page.body, { childList: true, subtree: true, characterData: true });
    for (const each of this.page.querySelectorAll('main, main table')) this.resized.observe(each);
    this.lookAgain();
  }

  private lookAgain(): void {
    cancelAnimationFrame(this.frame);
    clearTimeout(this.timer);
    this.frame = requestAnimationFrame(() => this.settle());
    this.timer = setTimeout(() => this.settle(), AT_REST_MS);
  }

  /** Stands where nothing that matters is covered. */
  private settle(): void {
    const card = this.host.querySelector('.notice');
    if (!card || !this.shown) return;
    const { width, height } = card.getBoundingClientRect();
    const { anchor, clear, usable } = saidAbout(this.page, this.shown.of ?? [], this.saidAt);
    const view = { left: 0, top: 0, right: this.page.documentElement.clientWidth, bottom: innerHeight };
    this.place.set(placeNotice({ width, height }, anchor, clear, usable, view));
  }

  /** Where somebody acts is remembered; as the page moves, the notice goes with it. */
  private follow(): () => void {
    const note = (event: Event): void => {
      const { target } = event;
      if (event instanceof KeyboardEvent && event.key === 'Escape' && !this.page.querySelector(OVER))
        this.notices.close();
      if (target instanceof Element && !target.closest('.said')) this.pressed = target;
    };
    const again = (): void => this.settle();
    for (const type of ['pointerdown', 'keydown']) addEventListener(type, note, { capture: true });
    addEventListener('scroll', again, { capture: true, passive: true });
    addEventListener('resize', again);
    // On another page it is about nothing there, and out of the way of what is.
    const moves = this.router.events.subscribe((event) => {
      if (!(event instanceof NavigationEnd)) return;
      this.saidAt = null;
      this.place.set(null);
      this.lookAgain();
    });
    return () => {
      moves.unsubscribe();
      for (const type of ['pointerdown', 'keydown']) removeEventListener(type, note, { capture: true });
      removeEventListener('scroll', again, { capture: true });
      removeEventListener('resize', again);
      this.drawn.disconnect();
      this.resized.disconnect();
      cancelAnimationFrame(this.frame);
      clearTimeout(this.timer);
    };
  }

  /** Whether its deed stands below the text, which would have no room beside it. */
  protected isLong({ text, act }: Notice): boolean {
    return act !== undefined && (act.label.length > LABEL_BESIDE || text.length > TEXT_BESIDE);
  }

  protected asNotice(data: unknown): Notice {
    return data as Notice;
  }
}
