import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import type { ShopItem } from '@core/catalogue/shop-items';
import { isGap } from '@core/cost/part-price';
import { Format } from '@core/format/format';
import type { PartPrediction } from '@core/yield/prediction';
import { CountedPrice } from '../../household/prices/counted-price';
import { TextField } from '../../ui/field/text-field';
import { ReadyCut } from './ready-cut';

/** Prices bought cut that are missing for an answer, each with its field where the answer stands; what was typed stays. */
@Component({
  selector: 'v-gap-prices',
  imports: [CountedPrice, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (item of shown(); track item.id) {
      <v-text
        [label]="item.name + ', for a ' + format.priceUnit()"
        keys="decimal"
        [placeholder]="format.currencySign()"
        [value]="readyCut.typed()[item.id] ?? ''"
        (valueChange)="readyCut.type(item.id, $event)"
        [problem]="readyCut.unreadable().includes(item.id) ? 'That is not a price.' : ''"
      />
      <v-counted-price [kind]="kind()" [item]="item.id" [prices]="parts()" />
    }
    @if (folded().length > 0) {
      <button type="button" class="link" (click)="isAll.set(true)">
        {{ format.count(folded().length, 'price') }} more {{ folded().length === 1 ? 'is' : 'are' }} missing
      </button>
    }
  `,
  styles: `
    :host {
      display: grid;
      gap: 8px;
    }
    :host:empty {
      display: none;
    }
    .link {
      justify-self: start;
      min-height: 44px;
      color: var(--soft);
    }
  `,
})
export class GapPrices {
  protected readonly format = inject(Format);
  protected readonly readyCut = inject(ReadyCut);
  readonly kind = input.required<Kind>();
  readonly parts = input.required<readonly PartPrediction[]>();
  /** One that has its field elsewhere. */
  readonly except = input<string | null>(null);
  /** All of them stand open, or those that were typed and the rest behind a press. */
  readonly folds = input(true);

  /** Of another piece it is folded again. */
  protected readonly isAll = linkedSignal({ source: () => this.kind().id, computation: () => false });

  /** What weighs most first; an item of several parts once. */
  private readonly items = computed((): ShopItem[] => {
    const byWeight = [...this.parts()].sort((a, b) => b.share - a.share);
    const items = byWeight.flatMap(({ price, destination }) => {
      if (!price?.item || !destination) return [];
      return isGap(price, destination) || this.isTyped(price.item) ? [price.item] : [];
    });
    return [...new Map(items.map((item) => [item.id, item])).values()].filter(
      ({ id }) => id !== this.except(),
    );
  });
  protected readonly shown = computed(() =>
    this.folds() && !this.isAll() ? this.items().filter((item) => this.isTyped(item)) : this.items(),
  );
  protected readonly folded = computed(() => this.items().filter((item) => !this.shown().includes(item)));

  private isTyped({ id }: ShopItem): boolean {
    return (this.readyCut.typed()[id] ?? '') !== '';
  }
}
