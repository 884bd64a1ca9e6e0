import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { coldAsBought } from '@core/cold/as-bought';
import type { Kept } from '@core/ledger/entry';
import { gradesOf } from '@core/price/of-grade';
import { daysBetween } from '@core/units/date';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
import { LabelDate } from '../../household/parts/label-date';
import { Choice, type Options } from '../../ui/field/choice';
import { Day } from '../../ui/field/day';
import { Pick } from '../../ui/field/pick';
import { draftOf } from '../../ui/form/draft-of';
import { Fold } from '../../ui/over/fold';
import { AnswerNow } from '../answer/answer-now';
import { ReadyCut } from '../answer/ready-cut';
import { pieceSaid } from '../decide/piece-said';
import { PaidIn } from './paid-in';
import { PieceAsked } from '../piece/piece-asked';

/** A date is short where it is so few days ahead. */
const SHORT_DAYS = 3;

/** Where and when it is bought, and how it keeps; folded away, with what counts in its title. */
@Component({
  selector: 'v-where-bought',
  imports: [Choice, Day, Fold, LabelDate, PaidIn, Pick],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (shortDate(); as text) {
      <p class="caution" role="status">{{ text }}</p>
    }
    <v-fold title="Shop and date" [note]="said()" [(open)]="isOpen">
      <ng-template>
        <div class="grid">
          <v-pick label="Shop" [known]="store.shops()" [(value)]="readyCut.shop" />
          <v-pick
            label="Grade or mark"
            placeholder="if it has one"
            [most]="60"
            [known]="grades()"
            [value]="piece.gradeText()"
            (valueChange)="piece.isOfGrade($event)"
          />
          <v-day label="Bought on" [latest]="today()" [(value)]="readyCut.date" />
          <v-choice
            label="It is"
            [options]="comes()"
            [value]="piece.kept()"
            (valueChange)="piece.kept.set($event)"
          />
          <v-paid-in />
          <v-label-date
            [frozen]="piece.kept() === 'bought-frozen'"
            [(dated)]="piece.dated"
            [(until)]="piece.until"
          />
        </div>
      </ng-template>
    </v-fold>
  `,
  styles: `
    .grid {
      display: grid;
      grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
      gap: 10px 14px;
    }
    v-label-date {
      grid-column: 1 / -1;
    }
  `,
})
export class WhereBought {
  protected readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  private readonly clock = inject(Clock);
  protected readonly today = this.clock.today;
  protected readonly piece = inject(PieceAsked);
  protected readonly readyCut = inject(ReadyCut);
  private readonly answer = inject(AnswerNow);

  protected readonly grades = computed(() => gradesOf(this.store.basis().pricing.book));

  /** What is reduced has a short date, which has to be written there. */
  protected readonly isOpen = draftOf(() => this.piece.label.discountKind() === 'reduced');

  protected readonly comes = computed((): Options<Kept> => [
    ...(this.piece.isBird() ? [] : ([['sealed', 'in its packer’s sealed bag']] as const)),
    ['open', this.piece.isBird() ? 'fresh' : 'not sealed'],
    ['bought-frozen', 'frozen'],
    ['frozen-before', 'thawed, frozen before'],
  ]);
  protected readonly said = computed(() => {
    const comes = this.comes().find(([kept]) => kept === this.piece.kept())?.[1] ?? '';
    const on = this.format.age(this.answer.on());
    const of = [this.piece.grade() ?? [], this.piece.label.foreign()?.currency ?? []].flat();
    return [this.readyCut.shop().trim() || 'no shop', on, ...of, comes].join(', ');
  });

  /** Until when it would keep, where that is short; and what a reduced one lacks. */
  protected readonly shortDate = computed(() => {
    if (!this.piece.kind()) return '';
    if (this.piece.label.discountKind() === 'reduced' && !this.piece.until())
      return 'Reduced, because its date is short: write the date below. Until when to cut or freeze it follows from that.';
    const [now, dayOf] = [this.clock.now(), (at: string) => this.clock.dayOf(at)];
    const fact = pieceSaid(this.piece, this.readyCut, this.answer);
    const cold = this.piece.until()
      ? coldAsBought(fact, { instant: now, today: this.today() }, { settings: this.store.settings(), dayOf })
      : null;
    if (!cold?.cookBy || daysBetween(this.today(), cold.cookBy) > SHORT_DAYS) return '';
    return cold.overdue
      ? 'It is past its date: leave it.'
      : `Cut or freeze it by ${this.format.weekday(cold.cookBy)}: its date is short.`;
  });
}
