import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { PieceAsked } from '../piece/piece-asked';
import { AnswerNow } from './answer-now';

/** The answer in one line, which stays in sight: the word, and what it comes to. */
@Component({
  selector: 'v-verdict-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p aria-live="polite" [attr.data-leans]="told().leans">
      <b class="answer">{{ told().word }}</b> <span>{{ told().sum }}</span>
    </p>
  `,
  styles: `
    :host {
      display: block;
    }
    p {
      display: flex;
      flex-wrap: wrap;
      justify-content: space-between;
      align-items: baseline;
      gap: 0 12px;
      margin: 0;
      max-width: none;
      padding: 4px 0 6px;
      border-bottom: 5px solid var(--line);
    }
    b {
      font: 700 var(--head)/1.15 var(--name);
    }
    span {
      font-weight: 650;
      font-size: var(--large);
      white-space: nowrap;
    }
    [data-leans='ahead'] {
      border-bottom-color: var(--good);
    }
    [data-leans='even'] {
      border-bottom: 6px double var(--twine);
    }
    [data-leans='dearer'] {
      border-bottom-style: dashed;
      border-bottom-color: var(--ink);
    }
    [data-leans='open'] {
      border-bottom-style: dotted;
      border-bottom-color: var(--ink);
    }
    @media (min-width: 1024px) {
      b {
        font-size: var(--hero);
      }
      p {
        display: block;
      }
      span,
      b {
        display: block;
      }
      span {
        font-size: var(--head);
        white-space: normal;
      }
    }
  `,
})
export class VerdictLine {
  private readonly format = inject(Format);
  private readonly piece = inject(PieceAsked);
  private readonly answer = inject(AnswerNow);

  /** With nothing asked yet it is up to where it would be worth it; with nothing known, what to do. */
  protected readonly told = computed(() => {
    const foreign = this.piece.label.foreign();
    if (foreign?.rate === null)
      return { word: `What is one ${foreign.currency} worth?`, sum: '', leans: 'none' };
    const told = this.answer.told();
    if (told) return told;
    if (!this.piece.kind()) return { word: 'Which piece?', sum: '', leans: 'none' };
    // A figure that is asked about gives no answer.
    if (this.answer.second()) return { word: 'Which figure is right?', sum: '', leans: 'none' };
    const even = this.answer.even();
    if (even === null) return { word: 'Type its price', sum: '', leans: 'none' };
    return {
      word: `Worth it up to ${this.format.perUnit(even)}`,
      sum: this.answer.isMissing() ? 'or more' : '',
      leans: 'none',
    };
  });
}
