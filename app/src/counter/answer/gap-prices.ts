import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  signal,
  viewChildren,
} from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import type { ShopItem } from '@core/catalogue/shop-items';
import { isGap } from '@core/cost/part-price';
import { Format } from '@core/format/format';
import type { PartPrediction } from '@core/yield/prediction';
import { CountedPrice } from '../../household/prices/counted-price';
import { TextField } from '../../ui/field/text-field';
import { ReadyCut } from './ready-cut';

/**
 * Prices bought cut that an answer lacks, each with its field where the answer stands: the one that
 * decides first. What was typed stays in sight.
 */
@Component({
  selector: 'v-gap-prices',
  imports: [CountedPrice, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { '(focusin)': 'isIn.set(true)', '(focusout)': 'isIn.set(false)' },
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
    @if (folded() > 0) {
      <button type="button" class="link" (click)="isAll.set(true)">
        {{ format.count(folded(), 'more price') }} {{ folded() === 1 ? 'is' : 'are' }} missing
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
  /** The one that decides: it stands open, and the rest behind a press; without, all stand open. */
  readonly deciding = input<ShopItem | null>();
  private readonly fields = viewChildren(TextField);

  protected readonly isIn = signal(false);
  /** Of another piece it is folded again. */
  private readonly kindId = computed(() => this.kind().id);
  protected readonly isAll = linkedSignal({ source: this.kindId, computation: () => false });

  /** Those without a price, and those with one that was typed, in one order: none moves under a hand. */
  private readonly items = computed((): readonly ShopItem[] => {
    const byWeight = [...this.parts()].sort((a, b) => b.share - a.share);
    const items = byWeight.flatMap(({ price, destination }) => {
      if (!price?.item || !destination) return [];
      return isGap(price, destination) || this.isTyped(price.item.id) ? [price.item] : [];
    });
    return [...new Map(items.map((item) => [item.id, item])).values()];
  });
  private readonly wanted = computed(() => {
    const all = this.items().map(({ id }) => id);
    const decides = this.deciding();
    const isOpen = decides === undefined || this.isAll();
    const open = isOpen ? all : all.filter((id) => id === decides?.id || this.isTyped(id));
    return { kind: this.kindId(), open, isOpen, isIn: this.isIn() };
  });
  /** While one types none comes or goes, whatever the figure says halfway. */
  private readonly open = linkedSignal<ReturnType<typeof this.wanted>, readonly string[]>({
    source: this.wanted,
    computation: ({ kind, open, isOpen, isIn }, before) =>
      isIn && before && before.source.kind === kind && !isOpen ? before.value : open,
  });
  protected readonly shown = computed(() => this.items().filter(({ id }) => this.open().includes(id)));
  protected readonly folded = computed(() => this.items().length - this.shown().length);

  private isTyped(id: string): boolean {
    return this.readyCut.textOf(id) !== '';
  }

  /** To the first that is empty. */
  focus(): void {
    const empty = this.shown().findIndex(({ id }) => !this.isTyped(id));
    this.fields()[Math.max(0, empty)]?.focus();
  }
}
