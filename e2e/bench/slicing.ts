import highs from 'highs';
import { gridOf } from '@core/slice/grid';
import { kindsOf } from '@core/slice/kinds-of-wish';
import { planSlices } from '@core/slice/plan';
import { profileOf, type Profile } from '@core/slice/profile';
import { solve } from '@core/slice/solve';
import type { Request } from '@core/slice/wish';
import { arcFlowModel } from '@core/testing/arc-flow';

const WISH: Request = {
  wish: { by: 'weight', targetG: 340 },
  from: 'start',
  squareOffMm: 0,
  stopAtMm: null,
  minThicknessMm: 20,
  maxThicknessMm: 45,
};

function log(lengthMm: number): Profile {
  const at = (
    part: number,
    widthMm: number,
    heightMm: number,
  ): { atMm: number; widthMm: number; heightMm: number } => ({ atMm: part * lengthMm, widthMm, heightMm });
  return profileOf({
    lengthMm,
    massG: lengthMm * 12,
    section: 'ellipse',
    stations: [at(0, 180, 88), at(0.5, 170, 84), at(1, 130, 66)],
  });
}

function time(run: () => unknown): number {
  const start = performance.now();
  run();
  return performance.now() - start;
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;

/** The plan of a 400 mm log against a solver from outside on the same arcs (its solving alone), and a plan of a 900 mm log. */
export async function slicingTimes(): Promise<{
  readonly planMs: number;
  readonly solverMs: number;
  readonly longMs: number;
}> {
  const solver = await highs();
  const grid = gridOf(log(400), WISH);
  const kinds = kindsOf(WISH);
  const model = arcFlowModel(grid, kinds);
  const solverMs = median(Array.from({ length: 5 }, () => time(() => solver.solve(model))));
  for (let warmUp = 0; warmUp < 20; warmUp++) solve(grid, kinds);
  const planMs = median(Array.from({ length: 101 }, () => time(() => solve(grid, kinds))));
  const long = log(900);
  const longMs = median(Array.from({ length: 51 }, () => time(() => planSlices(long, WISH))));
  return { planMs, solverMs, longMs };
}
