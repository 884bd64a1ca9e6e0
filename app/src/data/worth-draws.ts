import { computed, DestroyRef, inject, Injectable, signal, untracked } from '@angular/core';
import { approximateWorth } from '@core/yield/approximate-worth';
import { USUAL_DRAWS, type WorthModel } from '@core/yield/draw-worth';
import type { DrawAnswer, DrawRequest } from '../workers/draw-worth.worker';

/** The same question has the same answer, whenever it is asked. */
const SEED = 1;

/**
 * Draws of what a piece may be worth, made in a worker. A new question calls off the one that is
 * still being answered.
 */
@Injectable()
export class WorthDraws {
  private readonly drawn = signal<{ question: string; worth: Float64Array } | null>(null);
  private readonly model = signal<WorthModel | null>(null);
  private readonly question = computed(() => JSON.stringify(this.model()));
  private readonly atOnce = computed(() => {
    const model = this.model();
    return model && approximateWorth(model);
  });
  /** Sorted, smallest coins a kilogram: the draws, or the closed form until they have come. */
  readonly worth = computed(() => {
    const drawn = this.drawn();
    return drawn?.question === this.question() ? drawn.worth : this.atOnce();
  });
  /** 0 to 1 while draws are being made. */
  readonly progress = signal<number | null>(null);
  private worker: Worker | null = null;
  private asked = '';

  constructor() {
    inject(DestroyRef).onDestroy(() => this.worker?.terminate());
  }

  ask(model: WorthModel): void {
    const question = JSON.stringify(model);
    if (question === this.asked) return;
    this.asked = question;
    this.model.set(model);
    if (untracked(this.progress) !== null) this.callOff();
    this.progress.set(0);
    this.worker ??= this.start();
    this.worker.postMessage({ model, count: USUAL_DRAWS, seed: SEED } satisfies DrawRequest);
  }

  private callOff(): void {
    this.worker?.terminate();
    this.worker = null;
  }

  private start(): Worker {
    const worker = new Worker(new URL('../workers/draw-worth.worker', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<DrawAnswer>) => {
      if ('done' in data) return this.progress.set(data.done / USUAL_DRAWS);
      this.progress.set(null);
      this.drawn.set({ question: this.asked, worth: data.worth });
    };
    return worker;
  }
}
