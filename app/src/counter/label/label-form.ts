import { ChangeDetectionStrategy, Component, computed, inject, signal, viewChild } from '@angular/core';
import { Format } from '@core/format/format';
import { PRICED_BY } from '@core/format/label-words';
import { Check } from '../../ui/field/check';
import { Choice, type Options } from '../../ui/field/choice';
import { Few } from '../../ui/field/few';
import { TextField } from '../../ui/field/text-field';
import { AnswerNow } from '../answer/answer-now';
import { PieceAsked } from '../piece/piece-asked';
import type { DiscountKind } from './label-draft';
import { UNITS_ASKED } from './priced-by';

/** The figures of a label: price and weight first, and what else one may find on it. */
@Component({
  selector: 'v-label-form',
  imports: [Check, Choice, Few, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './label-form.html',
  styleUrl: './label-form.css',
})
export class LabelForm {
  protected readonly format = inject(Format);
  protected readonly piece = inject(PieceAsked);
  protected readonly label = this.piece.label;
  protected readonly answer = inject(AnswerNow);

  protected readonly units = UNITS_ASKED;
  protected readonly pricedBy = PRICED_BY;
  protected readonly discounts = computed((): Options<DiscountKind> => [
    ['none', 'no offer'],
    ['off-total', 'save … on the total'],
    ['per-unit', `off each ${this.format.priceUnit()}`],
    ['percent', 'per cent off'],
    ['multi-buy', 'buy some, pay fewer'],
    ['reduced', 'reduced, its date is short'],
  ]);
  protected readonly amountLabel = computed(
    () =>
      ({
        none: '',
        'off-total': 'Save how much',
        'per-unit': `Off each ${this.format.priceUnit()}`,
        percent: 'Per cent',
        'multi-buy': 'Buy',
        reduced: 'Reduced to, in all',
      })[this.label.discountKind()],
  );
  private readonly isAsked = signal(false);
  protected readonly isOffer = computed(() => this.isAsked() || this.label.discountKind() !== 'none');

  private readonly price = viewChild.required<TextField>('price');

  /** What has not been worked out by the others is empty, and says what would stand there. */
  protected readonly worked = computed(() => {
    // Of a figure in doubt nothing is worked out.
    if (this.answer.second()) return { price: '', weight: '', total: '' };
    const { purchase } = this.label.asPrinted();
    const format = this.label.format();
    return {
      price: purchase?.workedOut === 'perKgMinor' ? format.perUnit(purchase.perKgMinor) : '',
      weight: purchase?.workedOut === 'massDg' ? format.mass(purchase.massDg) : '',
      total: purchase?.workedOut === 'totalMinor' ? format.money(purchase.totalMinor) : '',
    };
  });

  /** At once, within the press that chose the piece. */
  focus(): void {
    this.price().focus();
  }

  protected toggleOffer(): void {
    this.isAsked.update((isAsked) => !(isAsked || this.isOffer()));
    if (!this.isAsked()) this.label.type({ discountKind: 'none' });
  }
}
