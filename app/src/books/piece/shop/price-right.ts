import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { afterPrice } from '@core/deeds/after-price';
import { COST_METHODS } from '@core/cost/method';
import { correctPrice, piecesWith } from '@core/deeds/note-prices';
import { shopItem } from '@core/catalogue/shop-items';
import { Format } from '@core/format/format';
import { notedPrice } from '@core/format/noted-price';
import { movedWords } from '@core/format/moved-words';
import { asAsked } from '@core/price/as-asked';
import type { KeyedNote } from '@core/price/price-book';
import { perKg, rateOf } from '@core/price/rate';
import { HouseholdStore } from '../../../household/household-store';
import { Ask } from '../../../ui/ask/ask';
import { TextField } from '../../../ui/field/text-field';

/** A price that counted is put right where it stands, and with it every closed piece that counted with it. */
@Component({
  selector: 'v-price-right',
  imports: [FormsModule, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (open()) {
      <form (ngSubmit)="save()">
        <v-text
          class="small"
          look="bare"
          keys="decimal"
          [label]="'Right price of ' + name() + ' for a ' + format.priceUnit()"
          [(value)]="text"
          [problem]="problem()"
          (keydown.escape)="open.set(false)"
        />
      </form>
    } @else {
      <button type="button" class="link" (click)="begin()">
        correct<span class="visually-hidden"> the price of {{ name() }} of that day</span>
      </button>
    }
  `,
  styles: `
    button {
      display: block;
      margin-left: auto;
      min-height: 44px;
    }
    v-text {
      min-width: 100px;
    }
  `,
})
export class PriceRight {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  private readonly ask = inject(Ask);
  readonly note = input.required<KeyedNote>();
  protected readonly open = signal(false);
  protected readonly text = signal('');
  protected readonly problem = signal('');

  protected name(): string {
    return shopItem(this.note().item)?.name ?? this.note().item;
  }

  protected begin(): void {
    this.text.set(this.format.plainPerUnit(perKg(rateOf(this.note()))));
    this.problem.set('');
    this.open.set(true);
  }

  protected async save(): Promise<void> {
    const asked = this.format.parseAsked(this.text());
    const price = asked && asAsked(asked);
    if (!price) return this.problem.set(`“${this.text()}” is not a price. Write it like 24.50.`);
    const { key, typed: _, ...note } = this.note();
    const household = this.store.household();
    const value = { ...note, ...price };
    const deed = correctPrice(household, key, value, `${this.name()}: ${notedPrice(value, this.format)}`);
    const moved = afterPrice(household, deed, COST_METHODS[this.store.costMethod()]);
    const words = movedWords(moved, piecesWith(household, key).length, this.format);
    if (
      words !== '' &&
      !(await this.ask.confirm('Put right what was counted with it?', words, 'Put all right'))
    )
      return;
    if ((await this.store.perform(deed)).ok) this.open.set(false);
  }
}
