import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import type { LabelAnswer } from '@core/format/label-words';
import { LabelQuestion } from './label-question';
import { PieceAsked } from '../piece/piece-asked';
import { AnswerNow } from '../answer/answer-now';

/** What is asked about the label where it cannot be meant, with answers to press. */
@Component({
  selector: 'v-second-look',
  imports: [LabelQuestion],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (piece.labelBefore(); as before) {
      <button type="button" class="quiet small before" (click)="piece.takeLabelBefore()">
        {{ before.figures }}, as typed for {{ before.name }}
      </button>
    }
    <v-label-question [asked]="answer.second()" (answered)="take($event)" />
  `,
  styles: `
    .before {
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
