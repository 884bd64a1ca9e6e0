import { Injectable } from '@angular/core';
import type { PriceFile } from '@core/exchange/price-csv';
import type { ShopLists } from '@core/price/shop-list';
import { failure, type Result } from '@core/units/result';
import type { PricesKnown, PricesWorker } from './prices.worker';
import { WorkerCall } from './worker-call';

const BROKEN = 'It could not be read to its end. Split it, and read it in parts.';

/** Files of prices, read in a worker, however large. */
@Injectable({ providedIn: 'root' })
export class PriceFiles {
  private readonly call = new WorkerCall<PricesWorker>(
    () => new Worker(new URL('./prices.worker', import.meta.url), { type: 'module' }),
  );
  readonly isBusy = this.call.isBusy;
  readonly progress = this.call.progress;
  private isCalledOff = false;

  /** A table of prices; null where that was called off. */
  csv(file: File, known: PricesKnown): Promise<Result<PriceFile> | null> {
    return this.asked<PriceFile>((worker, told) => worker.csv(file, known, told));
  }

  /** Shops' lists; null where that was called off. */
  lists(file: File): Promise<Result<ShopLists | null> | null> {
    return this.asked<ShopLists | null>((worker) => worker.lists(file));
  }

  cancel(): void {
    this.isCalledOff = true;
    this.call.cancel();
  }

  private async asked<T>(
    question: Parameters<typeof this.call.ask<Result<T>>>[0],
  ): Promise<Result<T> | null> {
    this.isCalledOff = false;
    const answer = await this.call.ask<Result<T>>(question);
    return answer ?? (this.isCalledOff ? null : failure(BROKEN));
  }
}
