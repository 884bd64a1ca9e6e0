import { expose, transfer } from 'comlink';
import { drawWorth, type WorthModel } from '@core/yield/draw-worth';
import type { Progress } from './worker-call';

const api = {
  /** So many draws, sorted. */
  draw(model: WorthModel, count: number, seed: number, told: Progress): Float64Array {
    const worth = drawWorth(model, count, seed, (done) => told(done / count));
    return transfer(worth, [worth.buffer as ArrayBuffer]);
  },
};

export type DrawWorthWorker = typeof api;
expose(api);
