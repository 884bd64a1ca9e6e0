import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import type { LabelAnswer } from '@core/format/label-words';
import { PieceAsked } from '../piece/piece-asked';
import { AnswerNow } from '../answer/answer-now';

/** What is asked about the label where it cannot be meant, with answers to press. */
@Component({
  selector: 'v-second-look',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (piece.labelBefore(); as before) {
      <button type="button" class="quiet small before" (click)="piece.takeLabelBefore()">
        {{ before.figures }}, as typed for {{ before.name }}
      </button>
    }
    <div role="status">
      @if (answer.second(); as asked) {
        <p>{{ asked.says }}</p>
        <div class="answers">
          @for (each of asked.answers; track each.word) {
            <button type="button" class="quiet small" (click)="take(each)">
              {{ each.word }}
            </button>
          }
        </div>
      }
    </div>
  `,
  styles: `
    p {
      margin: 0 0 6px;
      border-inline-start: 4px solid var(--bad);
      padding-inline-start: 10px;
    }
    .before {
      margin-bottom: 8px;
    }
    .answers {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      margin-bottom: 8px;
    }
  `,
})
export class SecondLook {
  protected readonly answer = inject(AnswerNow);
  protected readonly piece = inject(PieceAsked);
  private readonly label = this.piece.label;

  protected take({ mended, isSure }: LabelAnswer): void {
    if (isSure) this.label.beSure();
    else this.label.type(mended);
  }
}
