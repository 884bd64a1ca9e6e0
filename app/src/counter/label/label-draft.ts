import { computed, inject, Injectable, signal } from '@angular/core';
import type { Discount } from '@core/price/discount';
import type { Quote } from '@core/price/quote';
import { readLabel } from '@core/price/read-label';
import { Format } from '@core/format/format';
import { draftOf } from '../../ui/field/draft-of';

export type DiscountKind = Discount['kind'];

/** What the label says as far as it has been typed; the core says what follows from it. */
@Injectable()
export class LabelDraft {
  private readonly format = inject(Format);

  readonly count = signal('1');
  /** Several are several lots, each weighed and cut by itself. */
  readonly apart = signal(false);
  readonly weight = signal('');
  readonly price = signal('');
  /** What the price is asked for; a pack has no sense on a piece's label. */
  readonly pricedBy = draftOf<Quote['unit']>(() => this.format.priceUnit());
  readonly total = signal('');
  readonly discountKind = signal<DiscountKind>('none');
  readonly discount = signal('');
  readonly pay = signal('');

  clear(): void {
    this.count.set('1');
    this.apart.set(false);
    for (const field of [this.weight, this.price, this.total, this.discount, this.pay]) field.set('');
    this.pricedBy.set(this.format.priceUnit());
    this.discountKind.set('none');
  }

  private readonly read = computed(() =>
    readLabel(
      {
        count: this.count(),
        weight: this.weight(),
        price: this.price(),
        pricedBy: this.pricedBy(),
        total: this.total(),
        discount: {
          kind: this.discountKind(),
          amount: this.discount(),
          pay: this.pay(),
          each: this.format.priceUnit(),
        },
      },
      this.format.labelStyle(),
    ),
  );

  readonly pieces = computed(() => this.read().pieces);
  readonly purchase = computed(() => this.read().purchase);
  /** What is wrong with each field as it stands; nothing while it is empty. */
  readonly wrong = computed(() => this.read().wrong);
  /** The weight as it was typed, for the journal. */
  readonly typedWeight = computed(() => this.read().mass?.typed);
  /** What is asked for a kilogram once everything is off, where that is known. */
  readonly paidPerKg = computed(() => this.read().paidPerKgMinor);
  readonly massDg = computed(() => this.purchase()?.massDg ?? this.read().mass?.massDg ?? null);

  /** What stands in the way of buying, in words; empty when nothing does. */
  readonly obstacle = computed(() => {
    const wrong = Object.entries(this.wrong()).find(([field, text]) => text !== '' && field !== 'total');
    return (
      wrong?.[1] ?? (this.purchase() === null ? 'Two of weight, price and total are needed to buy it.' : '')
    );
  });
}
