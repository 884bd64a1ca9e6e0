import { expose } from 'comlink';
import type { PackPlan } from '@core/pack/pack-plan';
import type { PackRequest } from '@core/pack/pack-request';
import type { Result } from '@core/units/result';
import { planPacks } from '@core/pack/plan-packs';
import type { Progress } from './worker-call';

const api = {
  /** The packs of each animal on the table, within so many milliseconds in all: what one leaves is for the others. */
  plan(requests: readonly PackRequest[], milliseconds: number, told: Progress): readonly Result<PackPlan>[] {
    const start = performance.now();
    let tenths = 0;
    return requests.map((request, k) => {
      const from = performance.now();
      const share = Math.max(1, milliseconds - (from - start)) / (requests.length - k);
      return planPacks(request, () => {
        const now = performance.now();
        const done = Math.floor((10 * (now - start)) / milliseconds);
        if (done > tenths) told(Math.min(1, (tenths = done) / 10));
        return (now - from) / share;
      });
    });
  },
};

export type PacksWorker = typeof api;
expose(api);
