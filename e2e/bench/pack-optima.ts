// Finds, once, what a solver from outside makes of the stored tables: node dist/pack-optima.mjs [seed …]
import { readFileSync, writeFileSync } from 'node:fs';
import highs from 'highs';
import { packModel } from '@core/pack/pack-model';
import type { PackRequest } from '@core/pack/pack-request';
import { packUnits } from '@core/pack/pack-units';
import { PACK_INSTANCES, packInstance } from '@core/testing/pack-instances';
import { programText } from '@core/testing/program-text';

const SECONDS = 20;
/** So many plates and packs are written down for it, of each sort. */
const MOST_COLUMNS = 60_000;

/** What a solver from outside came to. */
export interface OutsidePacking {
  readonly outOfPlaceG: number;
  readonly isOptimal: boolean;
  readonly ms: number;
}

/**
 * The least grams out of place in the time given, unit by unit where no counts bind them. Every plate and every pack is written
 * down for the solver, which is the kindest form that does not hold our answer already.
 */
export async function outsidePacking(request: PackRequest, seconds: number): Promise<OutsidePacking> {
  const solver = await highs();
  const units = packUnits(request);
  let [outOfPlaceG, isOptimal, ms] = [0, true, 0];
  const isCounted = request.packs.some(({ count: [, most] }) => most < request.portions.length);
  const parts = isCounted ? [[...units.keys()]] : [...units.keys()].map((index) => [index]);
  for (const part of parts) {
    const { program, sources, nothingG } = packModel(request, units, part);
    const nothing = new Float64Array(program.rows.length);
    const isAll = sources.map((source) => source.within(nothing, Infinity, MOST_COLUMNS)).every(Boolean);
    const text = programText(program);
    // Its solving alone: writing the program down is not its work.
    const start = performance.now();
    const solution = solver.solve(text, {
      time_limit: Math.max(0.1, seconds - ms / 1000),
      mip_rel_gap: 0,
      mip_abs_gap: 1e-5,
    });
    ms += performance.now() - start;
    isOptimal &&= isAll && solution.Status === 'Optimal';
    // Where it has found nothing yet, nothing is packed.
    const found = Object.values(solution.Columns).some((column) => 'Primal' in column);
    outOfPlaceG += nothingG + (found ? Math.min(0, solution.ObjectiveValue * 1000) : 0);
  }
  return { outOfPlaceG, isOptimal, ms };
}

if (process.argv[1]?.endsWith('pack-optima.mjs')) {
  const seeds = process.argv.slice(2).map(Number);
  const optima: { seed: number }[] = JSON.parse(readFileSync('core/src/testing/pack-optima.json', 'utf8'));
  for (const seed of seeds.length > 0 ? seeds : Array.from({ length: PACK_INSTANCES }, (_, k) => k + 1)) {
    const { ms, ...found } = await outsidePacking(packInstance(seed), SECONDS).catch((error: Error) => ({
      outOfPlaceG: null,
      isOptimal: false,
      ms: 0,
      problem: error.message,
    }));
    const at = optima.findIndex((each) => each.seed === seed);
    optima.splice(at < 0 ? optima.length : at, at < 0 ? 0 : 1, { seed, ...found });
    console.error(seed, JSON.stringify(found), `${Math.round(ms)} ms`);
    writeFileSync(
      'core/src/testing/pack-optima.json',
      `[\n  ${optima.map((each) => JSON.stringify(each)).join(',\n  ')}\n]\n`,
    );
  }
}
