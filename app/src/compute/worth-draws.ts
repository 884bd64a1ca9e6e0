import { computed, DestroyRef, inject, Injectable, signal } from '@angular/core';
import { approximateWorth } from '@core/yield/approximate-worth';
import { USUAL_DRAWS, type WorthModel } from '@core/yield/draw-worth';
import type { DrawWorthWorker } from './draw-worth.worker';
import { WorkerCall } from './worker-call';

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
  private readonly call = new WorkerCall<DrawWorthWorker>(
    () => new Worker(new URL('./draw-worth.worker', import.meta.url), { type: 'module' }),
  );
  /** 0 to 1 while draws are being made. */
  readonly progress = this.call.progress;
  private asked = '';

  constructor() {
    inject(DestroyRef).onDestroy(() => this.call.cancel());
  }

  async ask(model: WorthModel): Promise<void> {
    const question = JSON.stringify(model);
    if (question === this.asked) return;
    this.asked = question;
    this.model.set(model);
    const worth = await this.call.ask((worker, told) => worker.draw(model, USUAL_DRAWS, SEED, told));
    if (worth) this.drawn.set({ question, worth });
  }
}
