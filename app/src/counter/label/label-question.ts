import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import type { AskedOfLabel, LabelAnswer } from '@core/format/label-words';

/** What is asked of a label where it cannot be meant, with answers to press. */
@Component({
  selector: 'v-label-question',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'status' },
  template: `
    @if (asked(); as asked) {
      <p>{{ asked.says }}</p>
      <div class="answers">
        @for (each of asked.answers; track each.word) {
          <button type="button" class="quiet small" (click)="answered.emit(each)">{{ each.word }}</button>
        }
      </div>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    p {
      margin: 0 0 6px;
      border-inline-start: 4px solid var(--bad);
      padding-inline-start: 10px;
    }
    .answers {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      margin-bottom: 8px;
    }
  `,
})
export class LabelQuestion {
  readonly asked = input.required<AskedOfLabel | null>();
  readonly answered = output<LabelAnswer>();
}
