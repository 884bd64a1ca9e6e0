import { DestroyRef, inject, Injectable } from '@angular/core';
import type { PackRequest } from '@core/pack/pack-request';
import type { PackPlan } from '@core/pack/pack-plan';
import type { Result } from '@core/units/result';
import type { PacksWorker } from './packs.worker';
import { WorkerCall } from './worker-call';

/** The best plan that is found in this time is taken. */
const MILLISECONDS = 2000;

/** Packs, searched for in a worker. */
@Injectable()
export class PackPlans {
  private readonly call = new WorkerCall<PacksWorker>(
    () => new Worker(new URL('./packs.worker', import.meta.url), { type: 'module' }),
  );
  readonly isBusy = this.call.isBusy;
  /** 0 to 1 of the time that a search may take; it mostly ends before. */
  readonly progress = this.call.progress;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.cancel());
  }

  /** The answers in the order of the requests; null where it was called off. */
  ask(requests: readonly PackRequest[]): Promise<readonly Result<PackPlan>[] | null> {
    return this.call.ask<readonly Result<PackPlan>[]>((worker, told) =>
      worker.plan(requests, MILLISECONDS, told),
    );
  }

  /** Calls the search off. */
  cancel(): void {
    this.call.cancel();
  }
}
