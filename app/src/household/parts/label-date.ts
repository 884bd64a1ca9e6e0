import { ChangeDetectionStrategy, Component, input, model } from '@angular/core';
import type { Dated } from '@core/ledger/entry';
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
  `,
  styles: `
    :host {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
      gap: 8px;
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
  protected readonly kinds = KINDS;
  protected readonly frozenKinds = FROZEN_KINDS;

  protected choose(kind: Dated | ''): void {
    this.dated.set(kind);
    if (kind === '') this.until.set('');
  }
}
