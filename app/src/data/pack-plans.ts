import { DestroyRef, inject, Injectable, signal } from '@angular/core';
import type { PackRequest } from '@core/pack/pack-request';
import type { PackAnswer, PacksQuestion } from '../workers/packs.worker';

/** The best plan that is found in this time is taken. */
const MILLISECONDS = 2000;

/** Packs, searched for in a worker. */
@Injectable()
export class PackPlans {
  readonly isBusy = signal(false);
  private worker: Worker | null = null;
  private answer: ((answers: readonly PackAnswer[] | null) => void) | null = null;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.cancel());
  }

  /** The answers in the order of the requests; null where it was called off. */
  ask(requests: readonly PackRequest[]): Promise<readonly PackAnswer[] | null> {
    this.cancel();
    this.isBusy.set(true);
    return new Promise((resolve) => {
      this.answer = resolve;
      this.worker = new Worker(new URL('../workers/packs.worker', import.meta.url), { type: 'module' });
      this.worker.onmessage = ({ data }: MessageEvent<readonly PackAnswer[]>) => this.end(data);
      this.worker.onerror = () => this.end(null);
      this.worker.postMessage({ requests, milliseconds: MILLISECONDS } satisfies PacksQuestion);
    });
  }

  /** Calls the search off. */
  cancel(): void {
    this.end(null);
  }

  private end(answers: readonly PackAnswer[] | null): void {
    this.worker?.terminate();
    this.worker = null;
    this.isBusy.set(false);
    this.answer?.(answers);
    this.answer = null;
  }
}
