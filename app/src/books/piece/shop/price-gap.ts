import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { ShopItem } from '@core/catalogue/shop-items';
import { notePrices } from '@core/deeds/note-prices';
import { Format } from '@core/format/format';
import { notedPrice } from '@core/format/noted-price';
import { typedAsked } from '@core/format/typed-asked';
import { asAsked } from '@core/price/as-asked';
import { Clock } from '../../../household/clock';
import { HouseholdStore } from '../../../household/household-store';
import { InPlace } from '../../../ui/field/in-place';

/** An unknown price, filled in where it is missing. */
@Component({
  selector: 'v-price-gap',
  imports: [InPlace],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-in-place
      face="gap"
      [label]="'Price of ' + item().name + ' for a ' + format.priceUnit()"
      [placeholder]="format.currencySign() + ' for a ' + format.priceUnit()"
      [deed]="save"
      >unknown: fill in<span class="visually-hidden"> the price of {{ item().name }}</span></v-in-place
    >
  `,
})
export class PriceGap {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  readonly item = input.required<ShopItem>();
  readonly shop = input.required<string>();
  readonly on = input.required<string>();

  protected readonly save = async (text: string): Promise<string | null> => {
    const asked = typedAsked(text, this.format);
    const price = asked && asAsked(asked);
    if (!price) return `“${text}” is not a price. Write it like 24.50.`;
    const value = { item: this.item().id, shop: this.shop() || 'unnamed shop', ...price, on: this.on() };
    const say = `${this.item().name}: ${notedPrice(value, this.format)}`;
    return (await this.store.perform(notePrices([value], say, () => this.clock.newId()))).ok ? '' : null;
  };
}
