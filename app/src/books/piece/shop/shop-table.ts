import { noteCooked, noteShopItem } from '@core/deeds/note-shop-item';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Comparison, ComparisonLine } from '@core/books/comparison';
import type { PartCost } from '@core/cost/cost-by-part';
import { cookedShare } from '@core/cost/cooked';
import type { Lot } from '@core/ledger/lot';
import type { ItemChoice } from '@core/price/item-choice';
import { meanPlateDg } from '@core/pack/eater';
import { whyCounted } from '@core/format/why-counted';
import { Format } from '@core/format/format';
import { HouseholdStore } from '../../../household/household-store';
import { EditFigure } from '../../../household/parts/edit-figure';
import { Swatch } from '../../../ui/piece/swatch';
import { isOld } from '@core/price/is-old';
import type { KeyedNote } from '@core/price/price-book';
import { PriceGap } from './price-gap';
import { PriceRight } from './price-right';
import { Slips } from '../../../ui/told/slips';
import { PopoverButton } from '../../../ui/over/popover-button';

/** A cooked plate is what an average raw plate of boneless meat comes to (30 % goes in cooking). */
const COOKED_OF_RAW = 0.7;

/** Ours against the shop's, part by part, like with like. */
@Component({
  selector: 'v-shop-table',
  imports: [PopoverButton, Slips, EditFigure, PriceGap, PriceRight, Swatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './shop-table.html',
  styleUrl: './shop-table.css',
})
export class ShopTable {
  protected readonly format = inject(Format);
  private readonly store = inject(HouseholdStore);
  readonly piece = input.required<Lot>();
  readonly comparison = input.required<Comparison>();
  readonly costs = input.required<readonly PartCost[]>();
  readonly nameOf = input.required<(part: string | null) => string>();

  protected readonly cookedPlateDg = computed(() => meanPlateDg(this.store.settings()) * COOKED_OF_RAW);
  protected readonly rows = computed(() =>
    this.comparison()
      .lines.filter(({ destination }) => destination !== 'bin' && destination !== 'liquid')
      .map((line) => {
        const cost = this.costs().find(
          ({ part, destination }) => part === line.part && destination === line.destination,
        );
        const exact = cost?.exact[this.store.costMethod()] ?? 0;
        return {
          key: `${line.part}/${line.destination}`,
          line,
          name: this.nameOf()(line.part),
          item: line.price.item,
          known: line.price.state === 'known' ? line.price : null,
          ...this.countedOf(line),
          note: this.noteOf(line),
          usable: line.destination !== 'stock' && line.destination !== 'render',
          oursPerKg: exact > 0 ? (exact * 10_000) / line.massDg : null,
          cooked: cookedShare(
            { kind: this.piece().kind, part: line.part },
            line.destination,
            this.store.cooked(),
            this.store.settings().skin,
          ),
        };
      }),
  );

  /** The note that a price is put right by: of the shop where the piece was bought, else the newest. */
  private noteOf({ price }: ComparisonLine): KeyedNote | null {
    const notes = price.state === 'known' ? price.going.notes : [];
    return notes.find(({ shop }) => shop === this.piece().shop) ?? notes[0] ?? null;
  }

  /** Where it counts at another price than the shop asks: what of it is thrown away, or why else. */
  private countedOf({ price }: ComparisonLine): { readonly leftOn: number | null; readonly why: string } {
    if (price.state !== 'known') return { leftOn: null, why: '' };
    const leftOn = price.counted.how === 'without' ? price.counted.share : null;
    return {
      leftOn,
      why: leftOn === null ? whyCounted(price, (part) => this.nameOf()(part), this.format) : '',
    };
  }

  protected readonly isOld = isOld;
  protected bare(perKgMinor: number): string {
    return this.format.perUnit(perKgMinor).split('/')[0] ?? '';
  }

  protected perPlate(perKgMinor: number, cooked: number): number {
    return Math.round((perKgMinor * this.cookedPlateDg()) / 10_000 / cooked);
  }

  protected async choose(item: string, change: ItemChoice): Promise<void> {
    await this.store.perform(noteShopItem(item, change));
  }

  protected async setCooked(part: ComparisonLine['part'], percent: number): Promise<void> {
    if (percent > 0) await this.store.perform(noteCooked(this.piece().kind, part, percent / 100));
  }
}
