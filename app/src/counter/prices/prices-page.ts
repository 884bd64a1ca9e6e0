import {
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  inject,
  signal,
  viewChild,
} from '@angular/core';
import { SHOP_ITEMS } from '@core/catalogue/shop-items';
import { Format } from '@core/format/format';
import { goingPrice } from '@core/price/going-price';
import { notesOf, type KeyedNote } from '@core/price/price-book';
import { seenSpan } from '@core/price/seen-span';
import { Clock } from '../../household/clock';
import { HouseholdStore } from '../../household/household-store';
import { draftKey } from '../../household/draft-key';
import { keepInTab } from '../../ui/form/keep-in-tab';
import { TextField } from '../../ui/field/text-field';
import { Fold } from '../../ui/over/fold';
import { TapeStrip } from '../../ui/tape/tape-strip';
import { FeastsForm } from './feasts-form';
import { ItemPrices } from './item-prices';
import { PriceFile } from './price-file';
import { PriceForm } from './price-form';

/** What each shop asked for what: write down, look up, see the offers coming. */
@Component({
  selector: 'v-prices-page',
  imports: [FeastsForm, Fold, ItemPrices, PriceFile, PriceForm, TapeStrip, TextField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './prices-page.html',
  styleUrl: './prices-page.css',
})
export class PricesPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly format = inject(Format);
  private readonly today = inject(Clock).today;

  protected readonly search = signal('');
  private readonly one = viewChild.required<ElementRef<HTMLElement>>('one');
  /** While none is chosen, one that has a price. */
  private readonly chosen = signal('');
  protected readonly item = computed(
    () =>
      this.chosen() || (SHOP_ITEMS.find(({ id }) => this.book().byItem.has(id)) ?? SHOP_ITEMS[0])?.id || '',
  );
  protected readonly editing = signal<KeyedNote | null>(null);

  constructor() {
    keepInTab(draftKey('price-item'), { chosen: this.chosen });
  }

  private readonly book = computed(() => this.store.basis().pricing.book);

  /** What has a price stands before what has none. */
  protected readonly rows = computed(() => {
    const words = this.search().toLowerCase().split(/\s+/).filter(Boolean);
    const found = this.store
      .shopItems()
      .filter(({ name, animal }) => words.every((word) => `${name} ${animal}`.toLowerCase().includes(word)));
    const rows = found.map((item) => {
      const span = seenSpan(this.book(), item.id, this.today());
      return {
        item,
        going: goingPrice(this.book(), item.id, this.today()),
        span: span && { from: span[0], to: span[1] },
        count: notesOf(this.book(), item.id).length,
        unwanted: this.store.basis().pricing.choices.get(item.id)?.unwanted ?? false,
      };
    });
    return [...rows.filter(({ count }) => count > 0), ...rows.filter(({ count }) => count === 0)];
  });

  /** On a phone what it goes for stands above the list, out of sight of who looks through that. */
  protected lookUp(item: string): void {
    this.choose(item);
    this.one().nativeElement.scrollIntoView({ block: 'nearest' });
  }

  protected choose(item: string): void {
    this.chosen.set(item);
    this.editing.set(null);
  }
}
