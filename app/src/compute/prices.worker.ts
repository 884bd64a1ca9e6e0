import { expose } from 'comlink';
import { priceSizeProblem, readPriceCsv, type PriceFile } from '@core/exchange/price-csv';
import type { ShopItem } from '@core/catalogue/shop-items';
import type { PriceBook } from '@core/price/price-book';
import { shopListsSchema, type ShopLists } from '@core/price/shop-list';
import type { DecimalSign } from '@core/units/number-style';
import type { Currency } from '@core/units/money';
import { failure, success, type Result } from '@core/units/result';
import type { Progress } from './worker-call';

/** What a table of prices is read with. */
export interface PricesKnown {
  readonly book: PriceBook;
  readonly currency: Currency;
  readonly decimal: DecimalSign;
  readonly items: readonly ShopItem[];
}

const api = {
  /** A table of prices of another program. */
  async csv(
    file: File,
    { book, currency, decimal, items }: PricesKnown,
    told: Progress,
  ): Promise<Result<PriceFile>> {
    const tooLarge = priceSizeProblem(file.size);
    if (tooLarge) return failure(tooLarge);
    return readPriceCsv(await file.text(), book, currency, decimal, items, told);
  },

  /** Shops' lists; null where the file is none. */
  async lists(file: File): Promise<Result<ShopLists | null>> {
    const tooLarge = priceSizeProblem(file.size);
    if (tooLarge) return failure(tooLarge);
    try {
      const parsed = shopListsSchema.safeParse(JSON.parse(await file.text()));
      return success(parsed.success ? parsed.data : null);
    } catch {
      return success(null);
    }
  },
};

export type PricesWorker = typeof api;
expose(api);
