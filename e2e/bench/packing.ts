import { PACK_INSTANCES, packInstance } from '@core/testing/pack-instances';
import { packRequestSchema, type PackRequest } from '@core/pack/pack-request';
import { planPacks } from '@core/pack/plan-packs';
import { outsidePacking } from './pack-optima';

/** The solver from outside has so many times our time, and a little to get going. */
const TIMES = 10;
const LEAST_SECONDS = 0.2;
/** Every sixth table, so that all sorts come up; with `TABLES=all` every one. */
const STEP = 6;
/** As long as the screen gives a plan. */
const MOST_MS = 2000;
const SAME_G = 0.1;

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

function time(run: () => unknown): number {
  const start = performance.now();
  run();
  return performance.now() - start;
}

const steaks = (massG: (n: number) => number): PackRequest =>
  packRequestSchema.parse({
    portions: Array.from({ length: 24 }, (_, n) => ({ id: `s${n}`, part: 'steaks', massG: massG(n) })),
    eaters: [200, 190, 180, 170].map((targetG, e) => ({ name: `e${e}`, targetG })),
    packs: [{ name: 'all', eaters: ['e0', 'e1', 'e2', 'e3'] }],
  });

/** One stored table: our plan in the time that the screen has, and what the solver from outside comes to. */
export interface PackingTable {
  readonly seed: number;
  readonly planMs: number;
  readonly solverMs: number;
  readonly outOfPlaceG: number;
  readonly proven: boolean;
  /** How much worse the solver's plan is, g; it may not have come to an end. */
  readonly behindG: number;
}

async function packingTable(seed: number): Promise<PackingTable> {
  const request = packInstance(seed);
  const start = performance.now();
  const { value: plan } = planPacks(request, () => (performance.now() - start) / MOST_MS);
  const planMs = performance.now() - start;
  const seconds = Math.max(LEAST_SECONDS, (planMs * TIMES) / 1000);
  const { ms: solverMs, outOfPlaceG } = await outsidePacking(request, seconds);
  if (!plan || plan.outOfPlaceG > outOfPlaceG + SAME_G)
    throw new Error(`Table ${seed}: ${plan?.outOfPlaceG} g out of place, against ${outOfPlaceG} g.`);
  return {
    seed,
    planMs,
    solverMs,
    outOfPlaceG: plan.outOfPlaceG,
    proven: plan.proven,
    behindG: outOfPlaceG - plan.outOfPlaceG,
  };
}

/** The plans of stored tables, and 24 equal steaks against unequal ones. */
export async function packingTimes(): Promise<{
  readonly tables: readonly PackingTable[];
  readonly ratio: number;
  readonly equalMs: number;
  readonly unequalMs: number;
}> {
  const tables: PackingTable[] = [];
  const step = process.env['TABLES'] === 'all' ? 1 : STEP;
  for (let seed = 1; seed <= PACK_INSTANCES; seed += step) tables.push(await packingTable(seed));
  const [equal, unequal] = [steaks(() => 184), steaks((n) => 184 + 1.7 * n - 20)];
  for (let warmUp = 0; warmUp < 5; warmUp++) for (const request of [equal, unequal]) planPacks(request);
  return {
    tables,
    ratio: median(tables.map(({ planMs, solverMs }) => planMs / solverMs)),
    equalMs: median(Array.from({ length: 31 }, () => time(() => planPacks(equal)))),
    unequalMs: median(Array.from({ length: 31 }, () => time(() => planPacks(unequal)))),
  };
}
