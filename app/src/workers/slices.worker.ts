import { planSlices } from '@core/slice/plan';
import { readSlices, type SlicesRequest } from '@core/slice/slices-request';
import type { PlanOrWhy } from '@core/slice/wish';

/** What the page asks of the worker; the number comes back with the answer. */
export interface SlicesQuestion {
  readonly number: number;
  readonly request: SlicesRequest;
}

export interface SlicesAnswer {
  readonly number: number;
  readonly answer: PlanOrWhy;
}

interface WorkerScope {
  onmessage: ((event: MessageEvent<SlicesQuestion>) => void) | null;
  postMessage(answer: SlicesAnswer): void;
}
const scope = globalThis as unknown as WorkerScope;

scope.onmessage = ({ data: { number, request } }) => {
  const read = readSlices(request);
  scope.postMessage({
    number,
    answer: 'problem' in read ? { why: read.problem } : planSlices(read.profile, read.request),
  });
};
