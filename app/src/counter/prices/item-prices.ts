import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { shopItem } from '@core/catalogue/shop-items';
import { USUAL_FEASTS } from '@core/feast/feasts';
import { Format } from '@core/format/format';
import { howLowWords } from '@core/format/price-words';
import { bestSeen } from '@core/price/best-seen';
import { goingPrice } from '@core/price/going-price';
import { howLow } from '@core/price/how-low';
import { notesOf, type KeyedNote } from '@core/price/price-book';
import { saleRhythm } from '@core/price/sale-rhythm';
import { evenMoney } from '@core/yield/even-money';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
import { draftOf } from '../../ui/form/draft-of';
import { PriceTape } from '../../ui/tape/price-tape';
import { Slips } from '../../ui/told/slips';
import { OnTape } from './on-tape';

const SHOWN_NOTES = 6;

/** What one item goes for: on the tape, over the year, and note by note. */
@Component({
  selector: 'v-item-prices',
  imports: [PriceTape, Slips],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './item-prices.html',
  styleUrl: './item-prices.css',
})
export class ItemPrices {
  private readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  private readonly today = inject(Clock).today;
  readonly item = input.required<string>();
  readonly corrects = output<KeyedNote>();

  private readonly book = computed(() => this.store.basis().pricing.book);
  protected readonly name = computed(
    () => this.store.shopItems().find(({ id }) => id === this.item())?.name ?? '',
  );
  protected readonly notes = computed(() => notesOf(this.book(), this.item()));
  protected readonly showAll = draftOf(() => false, this.item);
  protected readonly listed = computed(() => {
    const latest = [...this.notes()].reverse();
    return this.showAll() ? latest : latest.slice(0, SHOWN_NOTES);
  });
  protected readonly going = computed(() => goingPrice(this.book(), this.item(), this.today()));
  protected readonly lowness = computed(() => {
    const latest = this.notes().at(-1);
    const low = latest ? howLow(this.book(), this.item(), latest.perKgMinor, latest.on) : null;
    return latest && low
      ? `${latest.shop} last asked ${this.format.perUnit(latest.perKgMinor)}: ${howLowWords(low, this.today())}.`
      : '';
  });
  protected readonly rhythm = computed(() => {
    const feasts = this.store.settings().feasts ?? USUAL_FEASTS;
    return saleRhythm(this.book(), this.item(), this.today(), feasts).slice(0, 5);
  });

  /** Even money for the next piece of that kind, as at the Counter. */
  protected readonly even = computed(() => {
    const kind = shopItem(this.item())?.piece;
    return kind ? evenMoney(this.store.state(), kind, this.store.basis(), this.today()) : null;
  });

  protected readonly tape = new OnTape(this.format);
  protected readonly evenOnTape = computed(() => {
    const even = this.even();
    return even && this.tape.at(even.perKgMinor);
  });
  protected readonly seen = computed(() => this.notes().map(({ perKgMinor }) => this.tape.at(perKgMinor)));
  protected readonly notches = computed(() =>
    this.tape.notches({
      even: this.even()?.perKgMinor,
      isLowerBound: this.even()?.isLowerBound ?? false,
      going: this.going()?.perKgMinor,
      best: bestSeen(this.book(), this.item(), this.today())?.perKgMinor,
    }),
  );
}
