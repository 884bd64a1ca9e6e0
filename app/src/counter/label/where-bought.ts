import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { coldAsBought } from '@core/cold/as-bought';
import { sealedDays, USUAL_KEEPING } from '@core/cold/keeping-rules';
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
import { AsWrapped } from '../piece/as-wrapped';
import { PieceAsked } from '../piece/piece-asked';
import { WrapChoice, WRAP_WORDS } from './wrap-choice';

/** A date is short where it is so few days ahead. */
const SHORT_DAYS = 3;

/** Where and when it is bought, and how it keeps; folded away, with what counts in its title. */
@Component({
  selector: 'v-where-bought',
  imports: [Choice, Day, Fold, LabelDate, PaidIn, Pick, WrapChoice],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (shortDate(); as text) {
      <p class="caution" role="status">{{ text }}</p>
    }
    @if (hasBag()) {
      <v-wrap-choice [hint]="wrapHint()" [value]="wrapped.kept()" (valueChange)="wrapped.kept.set($event)" />
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
            [options]="comes"
            [value]="isOfWrap() ? '' : wrapped.kept()"
            (valueChange)="wrapped.kept.set($event)"
          />
          <v-paid-in />
          <v-label-date
            [on]="answer.on()"
            [wholeRed]="hasBag()"
            [frozen]="wrapped.kept() === 'bought-frozen'"
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
  protected readonly wrapped = inject(AsWrapped);
  protected readonly readyCut = inject(ReadyCut);
  protected readonly answer = inject(AnswerNow);

  protected readonly grades = computed(() => gradesOf(this.store.basis().pricing.book));

  /** What is reduced has a short date, which has to be written there. */
  protected readonly isOpen = draftOf(() => this.piece.label.discountKind() === 'reduced');

  protected readonly comes: Options<Kept | ''> = [
    ['', 'fresh'],
    ['bought-frozen', 'frozen'],
    ['frozen-before', 'thawed, frozen before'],
  ];
  /** Fresh, sealed or not: the other choice is by the drawings. */
  protected readonly isOfWrap = computed(() => ['', 'sealed', 'open'].includes(this.wrapped.kept()));
  protected readonly hasBag = computed(
    () => this.piece.kind() !== null && !this.piece.isBird() && this.isOfWrap(),
  );
  protected readonly wrapHint = computed(() => {
    const days = sealedDays(
      this.store.settings().keeping ?? USUAL_KEEPING,
      this.piece.kind()?.animal ?? null,
    );
    if (this.wrapped.kept() === 'sealed' && days && !this.piece.until())
      return `Without a date on it: open or freeze by day ${days.last}, counted from your purchase. Our own caution. Ask the shop for the packer’s date.`;
    return this.wrapped.kept() === '' ? 'Not said: it counts as in a tray.' : '';
  });
  protected readonly said = computed(() => {
    const comes =
      WRAP_WORDS.get(this.wrapped.kept()) ??
      this.comes.find(([kept]) => kept === this.wrapped.kept())?.[1] ??
      '';
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
    const fact = pieceSaid(this.piece, this.wrapped, this.readyCut, this.answer);
    const cold = this.piece.until()
      ? coldAsBought(fact, { instant: now, today: this.today() }, { settings: this.store.settings(), dayOf })
      : null;
    if (!cold?.cookBy || daysBetween(this.today(), cold.cookBy) > SHORT_DAYS) return '';
    return cold.overdue
      ? 'It is past its date: leave it.'
      : `Cut or freeze it by ${this.format.weekday(cold.cookBy)}: its date is short.`;
  });
}
