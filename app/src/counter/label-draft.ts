import { computed, inject, Injectable, linkedSignal, signal } from '@angular/core';
import type { PriceUnit } from '@core/journal/price-note';
import { birdNumberToG, parseBirdNumber } from '@core/catalogue/bird-number';
import { completePurchase, disagrees, type LabelFigures } from '@core/price/complete-purchase';
import { discountMinor, type Discount } from '@core/price/discount';
import { perKgOf } from '@core/price/per-kg';
import { toDg } from '@core/units/mass';
import { Figures } from '../data/figures';

export type DiscountKind = Discount['kind'];

/** What the label says as far as it has been typed, and what follows from it. */
@Injectable()
export class LabelDraft {
  private readonly figures = inject(Figures);

  readonly count = signal('1');
  /** Several are several lots, each weighed and cut by itself. */
  readonly apart = signal(false);
  readonly weight = signal('');
  readonly price = signal('');
  /** What the price is asked for; a pack has no sense on a piece's label. */
  readonly pricedBy = linkedSignal<Exclude<PriceUnit, 'pack'>>(() => this.figures.priceUnit());
  readonly total = signal('');
  readonly discountKind = signal<DiscountKind>('none');
  readonly discount = signal('');
  readonly pay = signal('');

  private readonly typed = computed(() => {
    const price = this.figures.parseMoney(this.price());
    const byPiece = this.pricedBy() === 'piece';
    const forAll = byPiece && price !== null && this.pieces() > 0 ? price * this.pieces() : null;
    return {
      mass: this.sizeInNumbers() ?? this.figures.parseMass(this.weight(), 'large'),
      price,
      perKgMinor: price === null || byPiece ? null : perKgOf(price, this.pricedBy(), null),
      totalMinor: this.total().trim() === '' ? forAll : this.figures.parseMoney(this.total()),
    };
  });

  /** Birds of one size, sold as a number. */
  private readonly sizeInNumbers = computed(() => {
    const number = parseBirdNumber(this.weight());
    return number === null
      ? null
      : {
          massDg: toDg(birdNumberToG(number), 'g') * Math.max(1, this.pieces() || 1),
          typed: this.weight().trim(),
        };
  });

  private readonly label = computed<Omit<LabelFigures, 'discountMinor'>>(() => {
    const { mass, perKgMinor, totalMinor } = this.typed();
    return { massDg: mass?.massDg ?? null, perKgMinor, totalMinor };
  });
  private readonly before = computed(() => completePurchase({ ...this.label(), discountMinor: 0 }));

  /** The weight as it was typed, for the journal. */
  readonly typedWeight = computed(() => this.typed().mass?.typed);
  readonly pieces = computed(() => Number(this.count()));

  /** What the discount is, as typed; null where it cannot be read. */
  private readonly rebate = computed<Discount | null>(() => {
    const kind = this.discountKind();
    const text = this.discount().trim();
    if (kind === 'none' || text === '') return { kind: 'none' };
    if (kind === 'percent') return asPercent(this.figures.parseNumber(text));
    if (kind === 'multi-buy') return asMultiBuy(Number(text), Number(this.pay()), this.pieces());
    const minor = kind === 'per-unit' ? this.figures.parsePerUnit(text) : this.figures.parseMoney(text);
    if (minor === null || minor < 0) return null;
    return kind === 'per-unit' ? { kind, perKgMinor: minor } : { kind: 'off-total', minor };
  });

  readonly purchase = computed(() => {
    const [before, rebate] = [this.before(), this.rebate()];
    if (!before || !rebate || this.isTooMuch()) return null;
    return completePurchase({
      ...this.label(),
      discountMinor: discountMinor(rebate, before.massDg, before.totalMinor),
    });
  });

  private readonly isTooMuch = computed(() => {
    const [before, rebate] = [this.before(), this.rebate()];
    return before !== null && rebate?.kind === 'off-total' && rebate.minor > before.totalMinor;
  });

  /** What is asked for a kilogram once everything is off, where that is known. */
  readonly paidPerKg = computed(() => {
    const purchase = this.purchase();
    return purchase && purchase.massDg > 0
      ? (purchase.paidMinor * 10_000) / purchase.massDg
      : (this.typed().perKgMinor ?? null);
  });
  readonly massDg = computed(() => this.purchase()?.massDg ?? this.typed().mass?.massDg ?? null);

  /** What is wrong with each field as it stands; nothing while it is empty. */
  readonly wrong = computed(() => {
    const { mass, price, totalMinor } = this.typed();
    const filled = (text: string): boolean => text.trim() !== '';
    return {
      weight: !filled(this.weight())
        ? ''
        : mass === null
          ? `That is not a weight. Write it like 5.2 ${this.figures.priceUnit()}, 4 lb 5 oz or 1250 g.`
          : mass.massDg <= 0
            ? 'A weight is more than zero.'
            : '',
      price: filled(this.price()) && (price === null || price <= 0) ? 'That is not a price.' : '',
      total:
        filled(this.total()) && (totalMinor === null || totalMinor < 0)
          ? 'That is not an amount of money.'
          : disagrees({ ...this.label(), discountMinor: 0 })
            ? 'Weight times price gives another total. The total counts.'
            : '',
      discount:
        this.rebate() === null
          ? this.discountKind() === 'multi-buy'
            ? 'Like “buy 3, pay 2”: two whole numbers, the second smaller.'
            : 'That is not a discount.'
          : this.isTooMuch()
            ? 'The discount is more than the total.'
            : '',
      count: !/^[1-9]\d{0,2}$/.test(this.count().trim()) ? 'A whole number from 1.' : '',
    };
  });

  /** What stands in the way of buying, in words; empty when nothing does. */
  readonly obstacle = computed(() => {
    const wrong = Object.entries(this.wrong()).find(([field, text]) => text !== '' && field !== 'total');
    return (
      wrong?.[1] ?? (this.purchase() === null ? 'Two of weight, price and total are needed to buy it.' : '')
    );
  });
}

function asPercent(percent: number | null): Discount | null {
  return percent !== null && percent >= 0 && percent <= 100 ? { kind: 'percent', percent } : null;
}

function asMultiBuy(buy: number, pay: number, count: number): Discount | null {
  const right = Number.isInteger(buy) && Number.isInteger(pay) && pay > 0 && buy > pay;
  return right ? { kind: 'multi-buy', buy, pay, count } : null;
}
