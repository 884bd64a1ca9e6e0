import { packInstance } from '@core/testing/pack-instances';
import { packRequestSchema, type PackRequest } from '@core/pack/pack-request';
import { planPacks } from '@core/pack/plan-packs';
import { outsidePacking } from './pack-optima';

/** The first five of the stored tables, one of each sort. */
const SEEDS = [1, 2, 3, 4, 5] as const;
const SECONDS = 20;

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
    packs: [{ name: 'all', eaters: ['e0', 'e1', 'e2', 'e3'], count: [0, 20] }],
  });

/** Plans of five tables to the objective that a solver from outside comes to, and 24 equal steaks against unequal ones. */
export async function packingTimes(): Promise<{
  readonly planMs: number;
  readonly solverMs: number;
  readonly ratio: number;
  readonly equalMs: number;
  readonly unequalMs: number;
}> {
  const pairs: { planMs: number; solverMs: number }[] = [];
  for (const seed of SEEDS) {
    const request = packInstance(seed);
    const { ms: solverMs, plates, objective } = await outsidePacking(request, SECONDS);
    const { value: plan } = planPacks(request);
    if (!plan || plan.plates !== plates || plan.objective > objective + 1e-6)
      throw new Error(
        `Table ${seed}: ${plan?.plates} plates, ${plan?.objective} off, against ${plates} and ${objective}.`,
      );
    pairs.push({ planMs: median(Array.from({ length: 5 }, () => time(() => planPacks(request)))), solverMs });
  }
  const [equal, unequal] = [steaks(() => 184), steaks((n) => 184 + 1.7 * n - 20)];
  for (let warmUp = 0; warmUp < 5; warmUp++) for (const request of [equal, unequal]) planPacks(request);
  return {
    planMs: median(pairs.map(({ planMs }) => planMs)),
    solverMs: median(pairs.map(({ solverMs }) => solverMs)),
    ratio: median(pairs.map(({ planMs, solverMs }) => planMs / solverMs)),
    equalMs: median(Array.from({ length: 31 }, () => time(() => planPacks(equal)))),
    unequalMs: median(Array.from({ length: 31 }, () => time(() => planPacks(unequal)))),
  };
}
