import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import type { ShopItem } from '@core/catalogue/shop-items';
import { Clock } from '../data/clock';
import { Figures } from '../data/figures';
import { HouseholdStore } from '../data/household-store';
import { Notices } from '../data/notices';

/** An unknown price, filled in where it is missing. */
@Component({
  selector: 'v-price-gap',
  imports: [FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (open()) {
      <form (ngSubmit)="save()">
        <input
          class="text"
          name="price"
          inputmode="decimal"
          [attr.aria-label]="'Price of ' + item().name + ' for a ' + figures.priceUnit()"
          [placeholder]="figures.currencySign() + ' for a ' + figures.priceUnit()"
          [(ngModel)]="text"
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
      min-height: 38px;
    }
    input.text {
      width: 120px;
      min-height: 38px;
      text-align: right;
      font-size: 1rem;
    }
  `,
})
export class PriceGap {
  protected readonly figures = inject(Figures);
  private readonly store = inject(HouseholdStore);
  private readonly clock = inject(Clock);
  private readonly notices = inject(Notices);
  readonly item = input.required<ShopItem>();
  readonly shop = input.required<string>();
  readonly on = input.required<string>();
  protected readonly open = signal(false);
  protected readonly text = signal('');

  protected async save(): Promise<void> {
    const perKgMinor = this.figures.parsePerUnit(this.text());
    if (perKgMinor === null || perKgMinor <= 0) return this.notices.problem('That is not a price.');
    const value = { item: this.item().id, shop: this.shop() || 'unnamed shop', perKgMinor, on: this.on() };
    const written = await this.store.record({ type: 'price', key: this.clock.newId(), value });
    this.notices.tell(written, `${this.item().name}: ${this.figures.perUnit(perKgMinor)}`);
  }
}
