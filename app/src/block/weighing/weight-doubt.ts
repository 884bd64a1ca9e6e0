import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import { BenchActs } from '../bench/bench-acts';
import { Hand } from '../bench/hand';

/** What the weight taken last may mean, and what can be done about it in one act. */
@Component({
  selector: 'v-weight-doubt',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (hand.question(); as asked) {
      <div class="question" role="status">
        <p>{{ words() }}</p>
        @if (asked.destination; as to) {
          <button type="button" class="quiet small" (click)="acts.send(asked.lot, to)">
            Send it to {{ to }}
          </button>
        }
        <button type="button" class="quiet small" (click)="hand.dismiss(asked.lot.id)">It is right</button>
      </div>
    }
  `,
  styles: `
    .question {
      display: flex;
      gap: 8px;
      align-items: center;
      border-left: 4px solid var(--twine);
      padding-left: 12px;
    }
    p {
      margin: 0;
      flex: 1;
      line-height: 1.25;
      max-width: none;
    }
    .quiet {
      flex: none;
    }
    @media (max-width: 699px) {
      .question {
        flex-wrap: wrap;
      }
      p {
        flex-basis: 100%;
      }
    }
  `,
})
export class WeightDoubt {
  protected readonly hand = inject(Hand);
  protected readonly acts = inject(BenchActs);
  private readonly format = inject(Format);

  protected readonly words = computed(() => {
    const asked = this.hand.question();
    if (!asked) return '';
    const [part, span] = [
      lotName(asked.lot).toLowerCase(),
      `${this.format.mass(asked.massDg)}, usually ${this.format.roughSpan(asked.lowDg, asked.highDg)}`,
    ];
    switch (asked.code) {
      case 'meat-on-it':
        return `More than usual went with the ${part} (${span}). Is there meat on it? It can go to grind.`;
      case 'lean-on-it':
        return `More than usual went as ${part} (${span}). Is there lean on it? It can go to grind.`;
      case 'more-than-usual':
        return `More ${part} than usual (${span}). Is it all ${part}, and is the tray off the weight?`;
      case 'less-than-usual':
        return `Less ${part} than usual (${span}). Is some of it still on the board, or weighed as something else?`;
    }
  });
}
