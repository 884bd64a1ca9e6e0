import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import type { ShopItem } from '@core/catalogue/shop-items';
import { isGap } from '@core/cost/part-price';
import { Format } from '@core/format/format';
import type { PartPrediction } from '@core/yield/prediction';
import { CountedPrice } from '../../household/prices/counted-price';
import { TextField } from '../../ui/field/text-field';
import { ReadyCut } from './ready-cut';

/** An item without a price, and how much of the piece is compared with it. */
interface Gap {
  readonly item: ShopItem;
  readonly share: number;
}

/** What weighs most first. */
const byWeight = (a: { readonly share: number }, b: { readonly share: number }): number => b.share - a.share;

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
    @for (gap of shown(); track gap.item.id) {
      @let item = gap.item;
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
        {{ format.count(folded(), shown().length > 0 ? 'more price' : 'price') }}
        {{ folded() === 1 ? 'is' : 'are' }} missing
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

  protected readonly isIn = signal(false);
  /** Of another piece it is folded again. */
  private readonly kindId = computed(() => this.kind().id);
  protected readonly isAll = linkedSignal({ source: this.kindId, computation: () => false });

  /** Those without a price, and those with one that was typed; an item of several parts once. */
  private readonly gaps = computed((): readonly Gap[] => {
    const gaps = [...this.parts()].sort(byWeight).flatMap(({ price, destination, share }): Gap[] => {
      if (!price?.item || !destination) return [];
      return isGap(price, destination) || this.isTyped(price.item.id) ? [{ item: price.item, share }] : [];
    });
    return gaps.filter(({ item }, at) => gaps.findIndex((each) => each.item.id === item.id) === at);
  });
  private readonly wanted = computed(() => {
    const decides = this.deciding();
    const isOpen = decides === undefined || this.isAll();
    const isWanted = ({ item: { id } }: Gap): boolean => id === decides?.id || this.isTyped(id);
    const open = isOpen ? this.gaps() : this.gaps().filter(isWanted);
    return { kind: this.kindId(), open, isOpen, isIn: this.isIn() };
  });
  /** While one types none goes, whatever the figure says halfway, or where it is emptied; and none moves. */
  protected readonly shown = linkedSignal<ReturnType<typeof this.wanted>, readonly Gap[]>({
    source: this.wanted,
    computation: ({ kind, open, isOpen, isIn }, before) => {
      if (!isIn || before?.source.kind !== kind) return open;
      const there = new Set(before.value.map(({ item }) => item.id));
      const more = isOpen ? open.filter(({ item }) => !there.has(item.id)) : [];
      return [...before.value, ...more].sort(byWeight);
    },
  });
  protected readonly folded = computed(() => {
    const there = new Set(this.shown().map(({ item }) => item.id));
    return this.gaps().filter(({ item }) => !there.has(item.id)).length;
  });

  private isTyped(id: string): boolean {
    return this.readyCut.textOf(id) !== '';
  }
}
