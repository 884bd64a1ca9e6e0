import { ChangeDetectionStrategy, Component, computed, inject, input, model } from '@angular/core';
import { dateDoubt } from '@core/cold/date-doubt';
import type { Dated } from '@core/ledger/entry';
import { Clock } from '../clock';
import { Choice, type Options } from '../../ui/field/choice';
import { Day } from '../../ui/field/day';

const KINDS: Options<Dated | ''> = [
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
  imports: [Choice, Day],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-choice
      [label]="'Date on its label' + (of() ? ', ' + of() : '')"
      [options]="frozen() ? frozenKinds : kinds"
      [value]="dated()"
      (valueChange)="choose($event)"
    />
    @if (dated()) {
      <v-day [label]="'The date' + (of() ? ' of ' + of() : '')" [(value)]="until" />
    }
    @if (doubt()) {
      <p class="caution" role="status">{{ doubt() }}</p>
    }
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
      gap: 8px;
    }
    p {
      grid-column: 1 / -1;
      margin: 0;
    }
  `,
})
export class LabelDate {
  /** What it lies on, where several are on one page. */
  readonly of = input('');
  readonly dated = model<Dated | ''>('');
  readonly until = model('');
  /** What is bought frozen carries the day up to which it is best. */
  readonly frozen = input(false);
  /** The day of the purchase; today where nothing is said. */
  readonly on = input<string | null>(null);
  /** A whole piece of red meat, which a packer’s bag keeps for long. */
  readonly wholeRed = input(false);
  private readonly today = inject(Clock).today;
  /** What cannot be, or seldom is: said beside it, and nothing that was typed is lost. */
  protected readonly doubt = computed(() =>
    this.frozen()
      ? ''
      : dateDoubt({
          dated: this.dated(),
          until: this.until(),
          on: this.on() ?? this.today(),
          isWholeRed: this.wholeRed(),
        }),
  );
  protected readonly kinds = KINDS;
  protected readonly frozenKinds = FROZEN_KINDS;

  protected choose(kind: Dated | ''): void {
    this.dated.set(kind);
    if (kind === '') this.until.set('');
  }
}
