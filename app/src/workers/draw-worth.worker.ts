import { drawWorth, type WorthModel } from '@core/yield/draw-worth';

/** What the page asks of the worker. */
export interface DrawRequest {
  readonly model: WorthModel;
  readonly count: number;
  readonly seed: number;
}

/** What the worker says: how far it is, and in the end the draws. */
export type DrawAnswer = { readonly done: number } | { readonly worth: Float64Array };

interface WorkerScope {
  onmessage: ((event: MessageEvent<DrawRequest>) => void) | null;
  postMessage(answer: DrawAnswer, transfer?: Transferable[]): void;
}
const scope = globalThis as unknown as WorkerScope;

scope.onmessage = ({ data: { model, count, seed } }) => {
  const worth = drawWorth(model, count, seed, (done) => scope.postMessage({ done }));
  scope.postMessage({ worth }, [worth.buffer as ArrayBuffer]);
};
