import { asAsked } from '@core/price/as-asked';
import { notePrices } from '@core/deeds/note-prices';
import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { ShopItem } from '@core/catalogue/shop-items';
import { Clock } from '../../../household/clock';
import { Format } from '@core/format/format';
import { notedPrice } from '@core/format/noted-price';
import { HouseholdStore } from '../../../household/household-store';
import { TextField } from '../../../ui/field/text-field';

/** An unknown price, filled in where it is missing. */
@Component({
  selector: 'v-price-gap',
  imports: [FormsModule, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (open()) {
      <form (ngSubmit)="save()">
        <v-text
          class="small"
          look="bare"
          keys="decimal"
          [label]="'Price of ' + item().name + ' for a ' + format.priceUnit()"
          [placeholder]="format.currencySign() + ' for a ' + format.priceUnit()"
          [(value)]="text"
          [problem]="problem()"
        />
      </form>
    } @else {
      <button type="button" (click)="open.set(true)">
        unknown: fill in<span class="visually-hidden"> the price of {{ item().name }}</span>
      </button>
    }
  `,
  styles: `
    button {
      background: none;
      border: 1px dashed var(--field-line);
      border-radius: 3px;
      font: inherit;
      color: var(--ink);
      padding: 4px 10px;
      cursor: pointer;
      min-height: 44px;
    }
    v-text {
      min-width: 120px;
    }
  `,
})
export class PriceGap {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  readonly item = input.required<ShopItem>();
  readonly shop = input.required<string>();
  readonly on = input.required<string>();
  protected readonly open = signal(false);
  protected readonly text = signal('');
  protected readonly problem = signal('');

  protected async save(): Promise<void> {
    const asked = this.format.parseAsked(this.text());
    const price = asked && asAsked(asked);
    if (!price) return this.problem.set(`“${this.text()}” is not a price. Write it like 24.50.`);
    const value = { item: this.item().id, shop: this.shop() || 'unnamed shop', ...price, on: this.on() };
    const say = `${this.item().name}: ${notedPrice(value, this.format)}`;
    await this.store.perform(notePrices([value], say, () => this.clock.newId()));
  }
}
