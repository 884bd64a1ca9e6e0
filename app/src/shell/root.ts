import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Appearance } from '../ui/appearance';
import { Ask } from '../ui/ask/ask';
import { Notices } from '../household/notices';
import { QuestionDialog } from '../ui/ask/question';

@Component({
  selector: 'v-root',
  imports: [RouterOutlet, QuestionDialog],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <router-outlet />
    <div class="board no-print" aria-live="polite">
      @if (board.notice(); as notice) {
        <p [class]="notice.tone" [attr.role]="notice.tone === 'problem' ? 'alert' : null">
          <span>{{ notice.text }}</span>
          @if (notice.act; as act) {
            <button type="button" class="act" (click)="act.run()">{{ act.label }}</button>
          }
          <button type="button" class="close" aria-label="Close this notice" (click)="board.close()">
            ×
          </button>
        </p>
      }
    </div>
    @defer (when isAsked()) {
      <v-question />
    }
  `,
  styles: `
    .board {
      position: fixed;
      left: 0;
      right: 0;
      bottom: 18px;
      display: flex;
      justify-content: center;
      pointer-events: none;
      z-index: 20;
      padding: 0 16px;
    }
    p {
      pointer-events: auto;
      margin: 0;
      background: var(--ink);
      color: var(--paper);
      border-radius: 3px;
      padding: 6px 6px 6px 20px;
      display: flex;
      align-items: center;
      gap: 14px;
      max-width: 46rem;
      font-size: 1.02rem;
    }
    .problem {
      border-left: 8px solid var(--act);
      font-weight: 550;
    }
    button {
      background: none;
      border: 0;
      color: inherit;
      font: inherit;
      min-width: 44px;
      min-height: 44px;
      cursor: pointer;
      flex: none;
    }
    .act {
      border: 1.5px solid var(--paper);
      border-radius: 3px;
      padding: 0 12px;
    }
    .close {
      font-size: 1.4rem;
    }
    @media (max-width: 900px) {
      p {
        flex-wrap: wrap;
        row-gap: 4px;
      }
      span {
        flex: 1 1 60%;
      }
      .act {
        order: 1;
        margin-bottom: 6px;
      }
      .board {
        bottom: 68px;
      }
    }
  `,
})
export class Root {
  protected readonly board = inject(Notices);
  private readonly ask = inject(Ask);
  protected readonly isAsked = computed(() => this.ask.asked() !== null);

  constructor() {
    // Every page is light or dim, the first one too, which has no frame around it.
    inject(Appearance);
  }
}
