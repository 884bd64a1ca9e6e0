import { expose } from 'comlink';
import { planSlices } from '@core/slice/plan';
import { readSlices } from '@core/slice/read-slices';
import type { SlicesRequest } from '@core/slice/slices-request';
import type { Plan } from '@core/slice/wish';
import type { Result } from '@core/units/result';

const api = {
  plan(request: SlicesRequest): Result<Plan> {
    const read = readSlices(request);
    return read.ok ? planSlices(read.value.profile, read.value.request) : read;
  },
};

export type SlicesWorker = typeof api;
expose(api);
