import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { DESTINATION_IDS, type Destination } from '@core/ledger/destination';
import { lotName } from '@core/catalogue/lot-name';
import { Format } from '@core/format/format';
import { Board } from '../bench/board';
import { Hand } from '../bench/hand';
import { BenchActs } from '../bench/bench-acts';

/** What was weighed last; its part and destination can be set right in one act. And what it may mean. */
@Component({
  selector: 'v-last-weighed',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (hand.question(); as asked) {
      <div class="question" role="status">
        <p>{{ words() }}</p>
        @if (asked.destination; as to) {
          <button type="button" class="quiet" (click)="acts.send(asked.lot, to)">Send it to {{ to }}</button>
        }
        <button type="button" class="quiet" (click)="dismiss(asked.lot.id)">It is right</button>
      </div>
    } @else if (last(); as cut) {
      <p class="last">
        <span class="soft">Last:</span> <b>{{ format.mass(cut.inDg) }}</b>
        <select aria-label="The last was" [ngModel]="cut.part" (ngModelChange)="acts.repart($event)">
          @for (each of board.parts(); track each.id) {
            <option [value]="each.id">{{ each.name }}</option>
          }
          @if (!isKnown()) {
            <option [value]="cut.part">{{ name() }}</option>
          }
        </select>
        <select aria-label="The last goes to" [ngModel]="cut.destination" (ngModelChange)="send($event)">
          @for (each of destinations; track each) {
            <option [value]="each">{{ each }}</option>
          }
        </select>
      </p>
    }
  `,
  styles: `
    :host {
      display: block;
      min-width: 0;
    }
    .last {
      margin: 0;
      display: flex;
      align-items: center;
      gap: 7px;
      min-width: 0;
      max-width: none;
    }
    .last b,
    .last span {
      white-space: nowrap;
    }
    select {
      font: inherit;
      background: transparent;
      border: 0;
      border-bottom: 1px solid var(--field-line);
      color: var(--ink);
      min-height: 44px;
      min-width: 0;
      flex: 1 1 80px;
      max-width: 170px;
    }
    select option {
      background: var(--sheet);
    }
    .question {
      display: flex;
      gap: 8px;
      align-items: center;
      border-left: 4px solid var(--twine);
      padding-left: 12px;
    }
    .question p {
      margin: 0;
      flex: 1;
      line-height: 1.25;
      font-size: var(--text-size);
    }
    .question .quiet {
      flex: none;
    }
    @media (max-width: 900px) {
      .question {
        flex-wrap: wrap;
      }
      .question p {
        flex-basis: 100%;
      }
    }
  `,
})
export class LastWeighed {
  protected readonly board = inject(Board);
  protected readonly hand = inject(Hand);
  protected readonly acts = inject(BenchActs);
  protected readonly format = inject(Format);
  protected readonly destinations = DESTINATION_IDS;
  protected readonly last = computed(() => this.board.cuts().at(-1));
  protected readonly name = computed(() => (this.last() ? lotName(this.last()!) : ''));
  protected readonly isKnown = computed(() => this.board.partIds().includes(this.last()?.part ?? ''));

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

  protected dismiss(lot: string): void {
    this.hand.dismiss(lot);
  }

  protected async send(destination: Destination): Promise<void> {
    const cut = this.last();
    if (cut) await this.acts.send(cut, destination);
  }
}
