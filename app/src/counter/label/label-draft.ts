import { computed, inject } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withLinkedState,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { Format } from '@core/format/format';
import type { Discount } from '@core/price/discount';
import type { Quote } from '@core/price/quote';
import { readLabel, type LabelText as TextOfLabel } from '@core/price/read-label';
import { draftOf } from '../../ui/form/draft-of';

export type DiscountKind = Discount['kind'];

/** A label as it is typed. */
export interface LabelText {
  readonly count: string;
  /** Several are several lots, each weighed and cut by itself. */
  readonly apart: boolean;
  readonly weight: string;
  readonly price: string;
  /** What the price is asked for; a pack has no sense on a piece's label. */
  readonly pricedBy: Quote['unit'];
  readonly total: string;
  readonly discountKind: DiscountKind;
  readonly discount: string;
  readonly pay: string;
}

const EMPTY: Omit<LabelText, 'pricedBy'> = {
  count: '1',
  apart: false,
  weight: '',
  price: '',
  total: '',
  discountKind: 'none',
  discount: '',
  pay: '',
};

/** All that is typed of a label. */
export const LABEL_FIELDS = [...Object.keys(EMPTY), 'pricedBy'] as (keyof LabelText)[];

/** What the label says as far as it has been typed; the core says what follows from it. */
export const LabelDraft = signalStore(
  withState(EMPTY),
  withProps(() => ({ _format: inject(Format) })),
  withLinkedState(({ _format }) => ({ pricedBy: draftOf<Quote['unit']>(() => _format.priceUnit()) })),
  withComputed(({ _format, count, weight, price, pricedBy, total, discountKind, discount, pay }) => ({
    /** As it was typed, for the core to read. */
    text: computed((): TextOfLabel => ({
      count: count(),
      weight: weight(),
      price: price(),
      pricedBy: pricedBy(),
      total: total(),
      discount: { kind: discountKind(), amount: discount(), pay: pay(), each: _format.priceUnit() },
    })),
  })),
  withComputed(({ _format, text }) => ({
    /** What follows from it. */
    read: computed(() => readLabel(text(), _format.labelStyle())),
  })),
  withComputed(({ read }) => ({
    pieces: computed(() => read().pieces),
    purchase: computed(() => read().purchase),
    /** What is wrong with each field as it stands; nothing while it is empty. */
    wrong: computed(() => read().wrong),
    /** The weight as it was typed, for the journal. */
    typedWeight: computed(() => read().mass?.typed),
    /** What is asked for a kilogram once everything is off, where that is known. */
    paidPerKg: computed(() => read().paidPerKgMinor),
    massDg: computed(() => read().purchase?.massDg ?? read().mass?.massDg ?? null),
    /** What stands in the way of buying, in words; empty when nothing does. */
    obstacle: computed(() => {
      const { wrong, purchase } = read();
      const first = Object.values(wrong).find((text) => text !== '');
      return first ?? (purchase === null ? 'Two of weight, price and total are needed to buy it.' : '');
    }),
  })),
  withMethods((store) => ({
    type: (text: Partial<LabelText>): void => patchState(store, text),
    clear: (): void => patchState(store, { ...EMPTY, pricedBy: store._format.priceUnit() }),
  })),
);
export type LabelDraft = InstanceType<typeof LabelDraft>;
