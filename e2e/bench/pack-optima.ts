// Finds, once, what a solver from outside makes of the stored tables: node dist/pack-optima.mjs
import { writeFileSync } from 'node:fs';
import highs from 'highs';
import { packModel } from '@core/pack/pack-model';
import { PACK_INSTANCES, packInstance } from '@core/testing/pack-instances';
import { programText } from '@core/testing/program-text';
import type { PackRequest } from '@core/pack/pack-request';

const SECONDS = 20;

/** Most plates, then the least deviation with as many, in the time given; its columns are ours, which is the kindest form for it. */
export async function outsidePacking(
  request: PackRequest,
  seconds: number,
): Promise<{
  readonly plates: number;
  readonly objective: number;
  readonly isOptimal: boolean;
  readonly ms: number;
}> {
  const solver = await highs();
  const { columns, rows, served } = packModel(request);
  let ms = 0;
  // Its solving alone: writing the program down is not its work.
  const solve = (text: string, options: object): ReturnType<typeof solver.solve> => {
    const start = performance.now();
    const solution = solver.solve(text, { time_limit: Math.max(1, seconds - ms / 1000), ...options });
    ms += performance.now() - start;
    return solution;
  };
  const first = solve(
    programText({ columns: columns.map((column, j) => ({ ...column, cost: -served[j]! })), rows }),
    {},
  );
  const plates = Math.round(-first.ObjectiveValue);
  const fixed = columns.map((column, j) =>
    served[j]
      ? { ...column, rows: [...column.rows, rows.length], values: [...column.values, served[j]] }
      : column,
  );
  const second = solve(programText({ columns: fixed, rows: [...rows, { sense: '=', rhs: plates }] }), {
    mip_rel_gap: 0,
    mip_abs_gap: 1e-9,
  });
  return {
    plates,
    objective: second.ObjectiveValue,
    isOptimal: first.Status === 'Optimal' && second.Status === 'Optimal',
    ms,
  };
}

if (process.argv[1]?.endsWith('pack-optima.mjs')) {
  const optima: object[] = [];
  for (let seed = 1; seed <= PACK_INSTANCES; seed++) {
    const { ms, ...found } = await outsidePacking(packInstance(seed), SECONDS).catch((error: Error) => ({
      plates: -1,
      objective: Infinity,
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
