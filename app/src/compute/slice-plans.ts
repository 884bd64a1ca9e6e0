import { DestroyRef, inject, Injectable, signal } from '@angular/core';
import type { SlicesRequest } from '@core/slice/slices-request';
import type { Plan } from '@core/slice/wish';
import type { Result } from '@core/units/result';
import type { SlicesWorker } from './slices.worker';
import { WorkerCall } from './worker-call';

/** Plans of mixes, searched for in a worker. A new question calls off the one still being answered. */
@Injectable()
export class SlicePlans {
  private readonly call = new WorkerCall<SlicesWorker>(
    () => new Worker(new URL('./slices.worker', import.meta.url), { type: 'module' }),
  );
  private readonly found = signal<Result<Plan> | null>(null);
  readonly answer = this.found.asReadonly();
  readonly isBusy = this.call.isBusy;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.cancel());
  }

  async ask(request: SlicesRequest): Promise<void> {
    const answer = await this.call.ask<Result<Plan>>((worker) => worker.plan(request));
    if (answer) this.found.set(answer);
  }

  /** Calls the search off. */
  cancel(): void {
    this.call.cancel();
  }
}
