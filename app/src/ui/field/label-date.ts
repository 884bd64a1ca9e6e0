import { ChangeDetectionStrategy, Component, input, model } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { Dated } from '@core/ledger/entry';

const KINDS: readonly (readonly [Dated | '', string])[] = [
  ['', 'no date'],
  ['use-by', 'use by'],
  ['sell-by', 'sell by'],
  ['packed-on', 'packed on'],
];

const FROZEN_KINDS: typeof KINDS = [
  ['', 'no date'],
  ['use-by', 'best before'],
];

/** The date on a label, and what kind of date it is: only a use-by says until when meat keeps. */
@Component({
  selector: 'v-label-date',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="field">
      <label [for]="field() + '-kind'">Date on its label{{ of() ? ', ' + of() : '' }}</label>
      <span class="pair"
        ><select
          [id]="field() + '-kind'"
          class="text"
          [name]="field() + '-kind'"
          [ngModel]="dated()"
          (ngModelChange)="choose($event)"
        >
          @for (each of frozen() ? frozenKinds : kinds; track each[0]) {
            <option [value]="each[0]">{{ each[1] }}</option>
          }
        </select>
        @if (dated()) {
          <input
            class="text"
            type="date"
            [id]="field() + '-date'"
            [name]="field() + '-date'"
            [attr.aria-label]="'The date' + (of() ? ' of ' + of() : '')"
            [ngModel]="until()"
            (ngModelChange)="until.set($event)"
          />
        }
      </span>
    </div>
  `,
  styles: `
    .pair {
      display: flex;
      gap: 8px;
    }
    select {
      max-width: 150px;
    }
  `,
})
export class LabelDate {
  /** Begins the fields' ids. */
  readonly field = input.required<string>();
  /** What it lies on, where several are on one page. */
  readonly of = input('');
  readonly dated = model<Dated | ''>('');
  readonly until = model('');
  /** What is bought frozen carries the day up to which it is best. */
  readonly frozen = input(false);
  protected readonly kinds = KINDS;
  protected readonly frozenKinds = FROZEN_KINDS;

  protected choose(kind: Dated | ''): void {
    this.dated.set(kind);
    if (kind === '') this.until.set('');
  }
}
