import type { PackPlan } from '@core/pack/pack-plan';
import type { PackRequest } from '@core/pack/pack-request';
import { planPacks } from '@core/pack/plan-packs';

/** What the page asks of the worker: the packs of each animal on the table, within so long. */
export interface PacksQuestion {
  readonly requests: readonly PackRequest[];
  readonly milliseconds: number;
}

export interface PackAnswer {
  readonly plan?: PackPlan;
  readonly why?: string;
}

interface WorkerScope {
  onmessage: ((event: MessageEvent<PacksQuestion>) => void) | null;
  postMessage(answers: readonly PackAnswer[]): void;
}
const scope = globalThis as unknown as WorkerScope;

scope.onmessage = ({ data: { requests, milliseconds } }) => {
  const each = milliseconds / Math.max(1, requests.length);
  scope.postMessage(
    requests.map((request) => {
      const start = performance.now();
      return planPacks(request, () => (performance.now() - start) / each);
    }),
  );
};
