import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../household/household-store';
import { CurrencyChoice } from '../../household/parts/currency-choice';
import { TextField } from '../../ui/field/text-field';
import { PieceAsked } from '../piece/piece-asked';

/** The currency of a label that is not in the household's own, and what one of it is worth. */
@Component({
  selector: 'v-paid-in',
  imports: [CurrencyChoice, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-currency-choice label="The label is in" [currency]="currency()" (currencyChange)="chooses($event)" />
    @if (label.foreign(); as foreign) {
      <v-text
        [label]="'One ' + foreign.currency + ' in ' + foreign.own"
        keys="decimal"
        placeholder="the rate"
        [value]="label.rate()"
        (valueChange)="label.type({ rate: $event })"
        [problem]="foreign.rate === null && label.rate() ? 'Like ' + example() + '.' : ''"
        [hint]="paid()"
      />
    }
  `,
  styles: `
    :host {
      display: contents;
    }
  `,
})
export class PaidIn {
  private readonly store = inject(HouseholdStore);
  private readonly format = inject(Format);
  protected readonly label = inject(PieceAsked).label;
  protected readonly currency = computed(() => this.label.currency() || this.store.settings().currency);
  protected readonly example = computed(() => this.format.number(1.17, 2));
  /** What it comes to in both. */
  protected readonly paid = computed(() => {
    const [abroad, purchase] = [this.label.paidAbroad(), this.label.purchase()];
    return abroad && purchase
      ? `${this.label.format().money(abroad.minor)} are ${this.format.money(purchase.paidMinor)}`
      : '';
  });

  /** The rate of the last purchase in it is offered: it is near, and seen. */
  protected chooses(currency: string): void {
    const last = this.store
      .household()
      .journal.entries.findLast((entry) => entry.type === 'received' && entry.foreign?.currency === currency);
    const rate = last?.type === 'received' ? last.foreign?.rate : undefined;
    this.label.type({
      currency,
      rate: rate === undefined ? '' : this.format.rate(rate),
    });
  }
}
