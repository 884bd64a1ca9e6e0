import { expose } from 'comlink';
import type { PackPlan } from '@core/pack/pack-plan';
import type { PackRequest } from '@core/pack/pack-request';
import type { Result } from '@core/units/result';
import { planPacks } from '@core/pack/plan-packs';

const api = {
  /** The packs of each animal on the table, within so many milliseconds in all. */
  plan(requests: readonly PackRequest[], milliseconds: number): readonly Result<PackPlan>[] {
    const each = milliseconds / Math.max(1, requests.length);
    return requests.map((request) => {
      const start = performance.now();
      return planPacks(request, () => (performance.now() - start) / each);
    });
  },
};

export type PacksWorker = typeof api;
expose(api);
