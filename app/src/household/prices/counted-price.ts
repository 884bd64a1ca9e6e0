import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Kind } from '@core/catalogue/kind-schema';
import { partOf } from '@core/catalogue/kinds';
import { moreFatOf, type PartPrice } from '@core/cost/part-price';
import { noteShopItem } from '@core/deeds/note-shop-item';
import { Format } from '@core/format/format';
import { whyCounted } from '@core/format/why-counted';
import { Check } from '../../ui/field/check';
import { EditFigure } from '../parts/edit-figure';
import { HouseholdStore } from '../household-store';

/**
 * Beside a price that was typed for an item: at what it counts for each part, where that is another
 * figure, why, and how to change it; and a tick where somebody sees more fat on the shop's.
 */
@Component({
  selector: 'v-counted-price',
  imports: [Check, EditFigure],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (line of lines(); track line.part) {
      <p>
        {{ line.name }} {{ line.why }}
        @if (line.share !== null) {
          ·
          <v-edit-figure
            shows="change"
            [value]="line.share * 100"
            unit="%"
            [name]="'how much of ' + itemName() + ' you throw away'"
            [most]="90"
            (saved)="setShare($event)"
          />
        }
      </p>
    }
    @if (fat() > 0) {
      <v-check [value]="isFatter()" (valueChange)="setFatter($event)"
        >More fat on the shop’s<span class="visually-hidden"> {{ itemName() }}</span></v-check
      >
    }
  `,
  styles: `
    :host {
      display: block;
    }
    :host:empty {
      display: none;
    }
    p {
      margin: 2px 0 4px;
      font-size: var(--small);
      color: var(--soft);
    }
  `,
})
export class CountedPrice {
  private readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  readonly kind = input.required<Kind>();
  readonly item = input.required<string>();
  /** What the parts of the piece count at. */
  readonly prices =
    input.required<readonly { readonly part: string | null; readonly price: PartPrice | null }[]>();

  protected readonly lines = computed(() =>
    this.prices().flatMap(({ part, price }) => {
      if (price?.state !== 'known' || price.item.id !== this.item() || part === null) return [];
      const why = whyCounted(price, (id) => this.nameOf(id), this.format);
      const share =
        price.counted.how === 'without' && price.counted.why !== 'more-fat' ? price.counted.share : null;
      return why === '' ? [] : [{ part, name: this.nameOf(part), why, share }];
    }),
  );
  protected readonly itemName = computed(
    () => this.store.shopItems().find(({ id }) => id === this.item())?.name ?? this.item(),
  );
  private readonly choice = computed(() => this.store.basis().pricing.choices.get(this.item()));
  protected readonly fat = computed(() =>
    this.choice()?.leftOn === undefined ? moreFatOf(this.kind(), this.item()) : 0,
  );
  protected readonly isFatter = computed(() => this.choice()?.moreFat ?? false);

  private nameOf(part: string): string {
    return partOf(this.kind(), part)?.name ?? part;
  }

  protected async setShare(percent: number): Promise<void> {
    await this.store.perform(noteShopItem(this.item(), { leftOn: percent / 100 }));
  }

  protected async setFatter(moreFat: boolean): Promise<void> {
    await this.store.perform(noteShopItem(this.item(), { moreFat }));
  }
}
