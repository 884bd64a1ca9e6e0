import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { Verdict } from '@core/yield/verdict';
import { Format } from '@core/format/format';
import { ANSWER_WORDS, boundSign } from './answer-words';

/** On a phone, the answer at the thumb while the slip is scrolled away. */
@Component({
  selector: 'v-answer-ribbon',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @let now = verdict();
    <p aria-hidden="true">
      <b>{{ words[now.answer] }}</b>
      @if (now.settles; as settles) {
        <span>ahead where cut costs over {{ format.perUnit(settles.perKgMinor) }}</span>
      } @else {
        <span
          >{{ now.savingMinor < 0 ? 'costs' : 'saves' }} {{ boundSign(now.savingMinor, missing())
          }}{{ format.wholeMoney(size(now.savingMinor)) }}{{ now.savingMinor < 0 ? ' more' : '' }}</span
        >
        <span
          >even {{ missing() ? '≥ ' : '' }}{{ format.perUnit(now.breakEvenPerKgMinor).split('/')[0] }}</span
        >
      }
    </p>
  `,
  styles: `
    :host {
      display: contents;
    }
    p {
      display: none;
    }
    @media (max-width: 900px) {
      p {
        display: flex;
        justify-content: space-between;
        gap: 12px;
        align-items: baseline;
        position: fixed;
        left: 0;
        right: 0;
        bottom: 57px;
        z-index: 4;
        margin: 0;
        max-width: none;
        padding: 9px 16px;
        background: var(--ink);
        color: var(--paper);
      }
      b {
        font: 700 var(--large) var(--name);
        white-space: nowrap;
      }
      span:last-child {
        text-align: right;
      }
    }
  `,
})
export class AnswerRibbon {
  protected readonly format = inject(Format);
  readonly verdict = input.required<Verdict>();
  /** Whether a price is not known, so that the figures are bounds. */
  readonly missing = input.required<boolean>();
  protected readonly words = ANSWER_WORDS;
  protected readonly boundSign = boundSign;
  protected readonly size = Math.abs;
}
