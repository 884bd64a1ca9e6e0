import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { TableModule } from 'primeng/table';
import { compareWithShop } from '@core/cost/comparison';
import { lotName } from '@core/journal/lot-name';
import { unitPrice } from '@core/price/label-total';
import { yieldTest } from '@core/yield/yield-test';
import { Figures } from '../data/figures';
import { HOUSEHOLD_NAME } from '../data/household-name';
import { HouseholdStore } from '../data/household-store';
import { ExportReminder } from './export-reminder';

/** Every piece that was ever bought, and what it came to. */
@Component({
  selector: 'v-books-page',
  imports: [RouterLink, TableModule, ExportReminder],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './books-page.html',
  styleUrl: './books-page.css',
})
export class BooksPage {
  protected readonly store = inject(HouseholdStore);
  protected readonly figures = inject(Figures);
  protected readonly household = inject(HOUSEHOLD_NAME);

  protected readonly rows = computed(() => {
    const [state, prices] = [this.store.state(), this.store.prices()];
    return this.store.pieces().map((lot) => {
      const test = yieldTest(state, lot.id);
      const shop = compareWithShop(state, lot.id, prices);
      return {
        lot,
        name: lotName(lot),
        on: lot.on ?? '',
        shop: lot.shop ?? '',
        receivedDg: lot.inDg,
        paidMinor: lot.paidMinor ?? 0,
        perKgMinor: unitPrice(lot.inDg, lot.paidMinor ?? 0),
        yield: test.yield,
        usablePerKg: test.perUsableKgMinor,
        savedMinor: shop.savedMinor,
        hasWorth: shop.worthMinor > 0,
        complete: shop.complete,
        closed: lot.closed,
      };
    });
  });
  protected readonly totals = computed(() => {
    const finished = this.rows().filter(({ closed }) => closed);
    return {
      pieces: finished.length,
      paidMinor: finished.reduce((sum, row) => sum + row.paidMinor, 0),
      receivedDg: finished.reduce((sum, row) => sum + row.receivedDg, 0),
      savedMinor: finished.reduce((sum, row) => sum + (row.hasWorth ? row.savedMinor : 0), 0),
      complete: finished.every(({ complete }) => complete),
    };
  });
}
