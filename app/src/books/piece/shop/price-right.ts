import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { shopItem } from '@core/catalogue/shop-items';
import { COST_METHODS } from '@core/cost/method';
import { afterPrice } from '@core/deeds/after-price';
import { correctPrice, piecesWith } from '@core/deeds/note-prices';
import { Format } from '@core/format/format';
import { movedWords } from '@core/format/moved-words';
import { notedPrice } from '@core/format/noted-price';
import { typedAsked } from '@core/format/typed-asked';
import { asAsked } from '@core/price/as-asked';
import type { KeyedNote } from '@core/price/price-book';
import { perKg, rateOf } from '@core/price/rate';
import { HouseholdStore } from '../../../household/household-store';
import { Ask } from '../../../ui/ask/ask';
import { InPlace } from '../../../ui/field/in-place';

/** A price that counted is put right where it stands, and with it every closed piece that counted with it. */
@Component({
  selector: 'v-price-right',
  imports: [InPlace],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <v-in-place
      face="link"
      [label]="'Right price of ' + name() + ' for a ' + format.priceUnit()"
      [from]="asks()"
      [deed]="save"
      >correct<span class="visually-hidden"> the price of {{ name() }} of that day</span></v-in-place
    >
  `,
  styles: `
    :host {
      display: block;
    }
  `,
})
export class PriceRight {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly ask = inject(Ask);
  readonly note = input.required<KeyedNote>();
  /** As it was asked, with the unit where that is another than the household's. */
  protected readonly asks = computed(() => {
    const { asked } = this.note();
    const isWeight = asked?.unit === 'kg' || asked?.unit === 'lb' || asked?.unit === '100g';
    if (!asked || !isWeight) return this.format.plainPerUnit(perKg(rateOf(this.note())));
    const unit = asked.unit === this.format.priceUnit() ? '' : `/${asked.unit}`;
    return `${this.format.plainMoneyTyped(asked.minor)}${unit}`;
  });
  protected readonly name = computed(() => shopItem(this.note().item)?.name ?? this.note().item);

  protected readonly save = async (text: string): Promise<string | null> => {
    const asked = typedAsked(text, this.format);
    const price = asked && asAsked(asked);
    if (!price) return `“${text}” is not a price. Write it like 24.50.`;
    const { key, typed: _, ...note } = this.note();
    const household = this.store.household();
    const value = { ...note, ...price };
    const deed = correctPrice(household, key, value, `${this.name()}: ${notedPrice(value, this.format)}`);
    const moved = afterPrice(household, deed, COST_METHODS[this.store.costMethod()]);
    const words = movedWords(moved, piecesWith(household, key).length, this.format);
    const isSure =
      words === '' ||
      (await this.ask.confirm('Correct what was counted with it?', words, 'Correct all of it'));
    return isSure && (await this.store.perform(deed)).ok ? '' : null;
  };
}
