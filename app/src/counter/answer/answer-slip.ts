import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Verdict } from '@core/yield/verdict';
import { Format } from '@core/format/format';
import { ANSWER_WORDS, boundSign } from './answer-words';

/** One line under the answer: a question a buyer has, and what is known of it. */
export interface Consideration {
  readonly name: string;
  readonly value: string;
  readonly note?: string;
}

/** The plain answer, the three figures that carry it, and why. */
@Component({
  selector: 'v-answer-slip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div aria-live="polite">
      @if (verdict(); as verdict) {
        <p class="soft at">{{ assumption() }}</p>
        <p class="answer" [attr.data-answer]="verdict.answer">{{ word() }}</p>
        @if (verdict.settles; as settles) {
          <p class="settles">
            Comes out ahead where {{ settlesOn() }} costs more than
            <b>{{ format.perUnit(settles.perKgMinor) }}</b>
          </p>
          <p class="soft">
            {{ format.perUnit(settles.lowMinor).split('/')[0] }} for a piece that gives much of it, to
            {{ format.perUnit(settles.highMinor).split('/')[0] }} for one that gives little: four times in
            five between.
          </p>
        } @else {
          <dl class="three">
            <div>
              <dt>{{ verdict.savingMinor < 0 ? 'would cost more' : 'would save' }}</dt>
              <dd>
                {{ boundSign(verdict.savingMinor, missing())
                }}{{ format.wholeMoney(size(verdict.savingMinor))
                }}<small
                  >{{ format.wholeMoney(verdict.lowMinor) }} to
                  {{ format.wholeMoney(verdict.highMinor) }}</small
                >
              </dd>
            </div>
            <div>
              <dt>comes out ahead</dt>
              <dd>{{ missing() ? '≥ ' : '' }}{{ chance() }}<small>of buying it cut</small></dd>
            </div>
            <div>
              <dt>even money at</dt>
              <dd>
                {{ atLeast() }}{{ format.perUnit(verdict.breakEvenPerKgMinor).split('/')[0]
                }}<small>for a {{ format.priceUnit() }}</small>
              </dd>
            </div>
          </dl>
        }
        <p class="why">{{ why() }}</p>
        @if (progress() !== null) {
          <p class="soft slow">
            Being counted through: {{ format.percent(progress()!, 0) }}. What stands here is close.
          </p>
        }
      } @else {
        <p class="soft at">{{ assumption() }}</p>
        <p class="answer soft">No answer yet</p>
        <p class="why">{{ why() }}</p>
      }
    </div>
    <ng-content />
    <dl class="facts">
      @for (fact of facts(); track fact.name) {
        <div>
          <dt>{{ fact.name }}</dt>
          <dd>
            {{ fact.value }}
            @if (fact.note) {
              <small>{{ fact.note }}</small>
            }
          </dd>
        </div>
      }
    </dl>
  `,
  styles: `
    .at {
      margin: 0;
      font-size: var(--text-size);
    }
    .answer {
      font: 700 var(--hero)/1.1 var(--name);
      letter-spacing: -0.02em;
      margin: 2px 0 12px;
      padding-bottom: 10px;
      border-bottom: 5px solid var(--line);
    }
    .answer[data-answer='worth-it'] {
      border-bottom-color: var(--good);
    }
    .answer[data-answer='about-even'] {
      border-bottom-style: double;
      border-bottom-color: var(--twine);
    }
    .answer[data-answer='open'] {
      border-bottom-style: dotted;
      border-bottom-color: var(--ink);
    }
    .settles {
      font-size: var(--large);
      line-height: 1.35;
      margin: 0 0 4px;
    }
    .answer[data-answer='leave-it'] {
      border-bottom-style: dashed;
      border-bottom-color: var(--act);
    }
    dl {
      margin: 0;
    }
    dl div {
      display: flex;
      justify-content: space-between;
      gap: 12px;
      align-items: baseline;
      padding: 4px 0;
    }
    dt {
      color: var(--soft);
      flex: none;
    }
    dd {
      margin: 0;
      text-align: right;
      font-weight: 650;
    }
    .three dd {
      font-size: var(--head);
      white-space: nowrap;
    }
    dd small {
      display: block;
      font: 400 var(--small) var(--text);
      color: var(--soft);
      white-space: normal;
    }
    .facts {
      border-top: 1px dashed var(--ink);
      padding-top: 8px;
    }
    .facts div {
      padding: 5px 0;
    }
    .why {
      margin: 8px 0 0;
    }
    /* Only when it takes longer than a blink. */
    .slow {
      visibility: hidden;
      animation: slow 0s 0.4s forwards;
    }
    @keyframes slow {
      to {
        visibility: visible;
      }
    }
  `,
})
export class AnswerSlip {
  protected readonly format = inject(Format);
  readonly verdict = input.required<Verdict | null>();
  /** At which price and weight it holds. */
  readonly assumption = input.required<string>();
  readonly missing = input.required<boolean>();
  /** What settles an open answer, by name. */
  readonly settlesOn = input('');
  readonly why = input.required<string>();
  /** 0 to 1 while the draws are being made. */
  readonly progress = input.required<number | null>();
  readonly facts = input.required<readonly Consideration[]>();

  protected readonly word = computed(() => (this.verdict() ? ANSWER_WORDS[this.verdict()!.answer] : ''));
  protected readonly atLeast = computed(() => (this.missing() ? '≥ ' : ''));
  protected readonly chance = computed(() => chanceWords(this.verdict()?.chance ?? 0));
  protected readonly boundSign = boundSign;
  protected readonly size = Math.abs;
}

/** A chance as people say it. */
function chanceWords(chance: number): string {
  const hundred = Math.round(chance * 100);
  if (hundred >= 99) return '99 in 100';
  if (hundred <= 1) return '1 in 100';
  const ten = Math.round(chance * 10);
  return hundred % 10 === 0 || (hundred > 12 && hundred < 88) ? `${ten} in 10` : `${hundred} in 100`;
}
