// Finds, once, what a solver from outside makes of the stored tables: node dist/pack-optima.mjs
import { writeFileSync } from 'node:fs';
import highs from 'highs';
import { packModel } from '@core/pack/pack-model';
import type { PackRequest } from '@core/pack/pack-request';
import { packUnits } from '@core/pack/pack-units';
import { PACK_INSTANCES, packInstance } from '@core/testing/pack-instances';
import { programText } from '@core/testing/program-text';

const SECONDS = 20;
/** So many plates and packs are written down for it; it has never needed more. */
const MOST_COLUMNS = 60_000;

/** What a solver from outside came to. */
export interface OutsidePacking {
  readonly outOfPlaceG: number;
  readonly isOptimal: boolean;
  readonly ms: number;
}

/**
 * The least grams out of place in the time given, unit by unit. Every plate and every pack is written
 * down for the solver, which is the kindest form that does not hold our answer already.
 */
export async function outsidePacking(request: PackRequest, seconds: number): Promise<OutsidePacking> {
  const solver = await highs();
  const units = packUnits(request);
  let [outOfPlaceG, isOptimal, ms] = [0, true, 0];
  for (const index of units.keys()) {
    const { program, sources, nothingG } = packModel(request, units, [index]);
    const nothing = new Float64Array(program.rows.length);
    for (const source of sources) source.within(nothing, Infinity, MOST_COLUMNS);
    const text = programText(program);
    // Its solving alone: writing the program down is not its work.
    const start = performance.now();
    const solution = solver.solve(text, {
      time_limit: Math.max(0.1, seconds - ms / 1000),
      mip_rel_gap: 0,
      mip_abs_gap: 1e-5,
    });
    ms += performance.now() - start;
    isOptimal &&= solution.Status === 'Optimal';
    outOfPlaceG += nothingG + (Number.isFinite(solution.ObjectiveValue) ? solution.ObjectiveValue * 1000 : 0);
  }
  return { outOfPlaceG, isOptimal, ms };
}

if (process.argv[1]?.endsWith('pack-optima.mjs')) {
  const optima: object[] = [];
  for (let seed = 1; seed <= PACK_INSTANCES; seed++) {
    const { ms, ...found } = await outsidePacking(packInstance(seed), SECONDS).catch((error: Error) => ({
      outOfPlaceG: null,
      isOptimal: false,
      ms: 0,
      problem: error.message,
    }));
    optima.push({ seed, ...found });
    console.error(seed, JSON.stringify(found), `${Math.round(ms)} ms`);
    writeFileSync(
      'core/src/testing/pack-optima.json',
      `[\n  ${optima.map((each) => JSON.stringify(each)).join(',\n  ')}\n]\n`,
    );
  }
}
