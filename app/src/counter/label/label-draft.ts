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
import { coinsFor, exchanged } from '@core/price/exchange';
import { priceFieldsAfter } from '@core/price/typed-price';
import { readLabel, type LabelText as TextOfLabel, type ReadLabel } from '@core/price/read-label';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
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
  /** The currency it is in; empty for the household's own. */
  readonly currency: string;
  /** What one of that is worth in the household's own. */
  readonly rate: string;
  /** Weight and total as the practice camera read them; empty where it read nothing. */
  readonly practised: string;
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
  currency: '',
  rate: '',
  practised: '',
};

/** All that is typed of a label. */
export const LABEL_FIELDS = [...Object.keys(EMPTY), 'pricedBy'] as (keyof LabelText)[];

/** What the label says as far as it has been typed; the core says what follows from it. */
export const LabelDraft = signalStore(
  withState({ ...EMPTY, sureOf: '' }),
  withProps(() => ({ _format: inject(Format), _clock: inject(Clock), _store: inject(HouseholdStore) })),
  withLinkedState(({ _format }) => ({ pricedBy: draftOf<Quote['unit']>(() => _format.priceUnit()) })),
  withComputed(({ _format, _store, currency, rate }) => ({
    /** Null for a label in the household's own currency; without a rate while nobody has said one. */
    foreign: computed(() => {
      const own = _store.settings().currency;
      if (currency() === '' || currency() === own) return null;
      const typed = _format.parseNumber(rate());
      return { currency: currency(), own, rate: typed !== null && typed > 0 ? typed : null };
    }),
  })),
  withComputed(({ _format, _store, _clock, foreign }) => ({
    /** How figures of this label are written. */
    format: computed(() => {
      const [other, settings] = [foreign(), _store.settings()];
      if (!other) return _format;
      const by = { settings: () => ({ ...settings, currency: other.currency }) };
      return new Format({ ...by, today: _clock.today, zone: _clock.zone });
    }),
  })),
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
  withComputed(({ practised, weight, total }) => ({
    /** What stands there was read by the practice camera, as far as it was not typed over. */
    isPractice: computed(() => {
      const [massText, totalText] = practised().split('|');
      return (!!massText && massText === weight()) || (!!totalText && totalText === total());
    }),
  })),
  withComputed(({ text, sureOf }) => ({
    /** Somebody has said that it is right as it was typed. */
    isSure: computed(() => sureOf() === JSON.stringify(text())),
  })),
  withComputed(({ format, text }) => ({
    /** What follows from it, in the currency that it is in. */
    asPrinted: computed(() => readLabel(text(), format().labelStyle())),
  })),
  withComputed(({ foreign }) => ({
    /** The household's smallest coins for one of the label's: 1 in its own currency, null while nobody has said the rate. */
    coins: computed(() => {
      const other = foreign();
      return other ? other.rate && coinsFor({ ...other, rate: other.rate }) : 1;
    }),
  })),
  withComputed(({ asPrinted, foreign }) => ({
    /** The same in the household's own currency; without amounts while nobody has said the rate. */
    read: computed((): ReadLabel => {
      const [read, other] = [asPrinted(), foreign()];
      if (!other) return read;
      const { rate } = other;
      return rate === null
        ? { ...read, paidPerKgMinor: null, asked: null, purchase: null }
        : exchanged(read, { ...other, rate });
    }),
  })),
  withComputed(({ read, foreign, asPrinted }) => ({
    pieces: computed(() => read().pieces),
    purchase: computed(() => read().purchase),
    /** What is wrong with each field as it stands; nothing while it is empty. */
    wrong: computed(() => read().wrong),
    /** The weight as it was typed, for the journal. */
    typedWeight: computed(() => read().mass?.typed),
    /** What is asked for a kilogram once everything is off, where that is known. */
    paidPerKg: computed(() => read().paidPerKgMinor),
    /** The price just as it is asked, for the price book. */
    asked: computed(() => read().asked),
    /** What was paid in another currency, for the journal; undefined for one's own. */
    paidAbroad: computed(() => {
      const [other, purchase] = [foreign(), asPrinted().purchase];
      if (!other?.rate || !purchase) return undefined;
      return { currency: other.currency, minor: purchase.paidMinor, rate: other.rate };
    }),
    massDg: computed(() => read().purchase?.massDg ?? read().mass?.massDg ?? null),
    /** What stands in the way of buying, in words; empty when nothing does. */
    obstacle: computed(() => {
      const { wrong, purchase } = read();
      const first = Object.values(wrong).find((text) => text !== '');
      const other = foreign();
      if (other?.rate === null) return `What is one ${other.currency} worth? Type it under Shop and date.`;
      return first ?? (purchase === null ? 'Two of weight, price and total are needed to buy it.' : '');
    }),
  })),
  withMethods((store) => ({
    type: (text: Partial<LabelText>): void =>
      patchState(store, priceFieldsAfter({ price: store.price(), pricedBy: store.pricedBy() }, text)),
    practise: (): void => patchState(store, { practised: `${store.weight()}|${store.total()}` }),
    /** What was asked about is right as it stands. */
    beSure: (): void => patchState(store, { sureOf: JSON.stringify(store.text()) }),
    clear: (): void => patchState(store, { ...EMPTY, pricedBy: store._format.priceUnit() }),
  })),
);
export type LabelDraft = InstanceType<typeof LabelDraft>;
