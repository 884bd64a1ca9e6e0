import { DestroyRef, inject, Injectable, signal } from '@angular/core';
import type { SlicesRequest } from '@core/slice/slices-request';
import type { PlanOrWhy } from '@core/slice/wish';
import type { SlicesAnswer, SlicesQuestion } from '../workers/slices.worker';

/** Plans of mixes, searched for in a worker. A new question calls off the one still being answered. */
@Injectable()
export class SlicePlans {
  readonly answer = signal<PlanOrWhy | null>(null);
  readonly isBusy = signal(false);
  private worker: Worker | null = null;
  private number = 0;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.worker?.terminate());
  }

  ask(request: SlicesRequest): void {
    if (this.isBusy()) this.cancel();
    this.number += 1;
    this.isBusy.set(true);
    this.worker ??= this.start();
    this.worker.postMessage({ number: this.number, request } satisfies SlicesQuestion);
  }

  /** Calls the search off. */
  cancel(): void {
    this.worker?.terminate();
    this.worker = null;
    this.isBusy.set(false);
  }

  private start(): Worker {
    const worker = new Worker(new URL('../workers/slices.worker', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<SlicesAnswer>) => {
      if (data.number !== this.number) return;
      this.answer.set(data.answer);
      this.isBusy.set(false);
    };
    return worker;
  }
}
