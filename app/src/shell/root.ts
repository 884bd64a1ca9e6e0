import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Notices } from '../household/notices';
import { Appearance } from '../ui/appearance';
import { Ask } from '../ui/ask/ask';
import { QuestionDialog } from '../ui/ask/question';
import { Toasts } from './toasts';

/** The page, what has just happened, and what is asked. */
@Component({
  selector: 'v-root',
  imports: [RouterOutlet, QuestionDialog, Toasts],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <router-outlet />
    <p class="visually-hidden" aria-live="polite">{{ done() }}</p>
    <p class="visually-hidden" role="alert">{{ problem() }}</p>
    @defer (when isNoticed()) {
      <v-toasts />
    }
    @defer (when isAsked()) {
      <v-question />
    }
  `,
})
export class Root {
  private readonly notice = inject(Notices).notice;
  private readonly ask = inject(Ask);
  protected readonly done = computed(() => this.said('done'));
  protected readonly problem = computed(() => this.said('problem'));
  protected readonly isNoticed = computed(() => this.notice() !== null);
  protected readonly isAsked = computed(() => this.ask.asked() !== null);

  constructor() {
    // Every page is light or dim, the first one too, which has no frame around it.
    inject(Appearance);
  }

  private said(tone: 'done' | 'problem'): string {
    const notice = this.notice();
    return notice?.tone === tone ? notice.text : '';
  }
}
