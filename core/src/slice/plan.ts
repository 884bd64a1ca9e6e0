import { failure, success, type Result } from '../units/result';
import { equalCuts } from './equal-cuts';
import { gridOf, type Grid } from './grid';
import { kindsOf } from './kinds-of-wish';
import { likelyRange } from './likely-range';
import type { Profile } from './profile';
import { USUAL_REST_FOR } from './rest-for';
import { isTooLarge, solve } from './solve';
import { whyNoPlan } from './why-no-plan';
import type { Plan, Request, Rest, Slice, SliceHow } from './wish';

const TOO_LARGE =
  'So many counted kinds can be mixed in more ways than can be looked through. Leave the count of some kinds open, narrow the counts, or ask for fewer kinds.';

/** A slice seen from the starting end, in mm. */
interface Piece {
  readonly kind: string;
  readonly from: number;
  readonly to: number;
  readonly how: SliceHow;
}

/**
 * Where to cut a log: the proven best plan on a 1 mm grid, or why there is none and which limit to
 * let go of. A plan without a single slice is no plan.
 *
 * @example a prism of 400 mm and 4 kg, slices of 500 g: eight of 50 mm
 */
export function planSlices(log: Profile, request: Request): Result<Plan> {
  const grid = gridOf(log, request);
  if (request.wish.by === 'equal') return equalPlan(grid, request, request.wish.count);
  const kinds = kindsOf(request);
  if (isTooLarge(grid, kinds)) return failure(TOO_LARGE);
  const solution = solve(grid, kinds);
  if (!solution || solution.cuts.length === 0) return failure(whyNoPlan(grid, kinds));
  const pieces = solution.cuts.map(({ kind, from, to }): Piece => ({
    kind: kinds[kind]?.name ?? '',
    from: grid.startMm + from,
    to: grid.startMm + to,
    how: request.tail?.rule === 'double' && grid.startMm + from >= grid.thinFromMm ? 'opened' : 'cut',
  }));
  const hasWorth = kinds.some(({ worthPerG }) => worthPerG > 0);
  return success(planOf(grid, request, pieces, solution.objective, hasWorth ? solution.worth : null));
}

function equalPlan(
  grid: Grid,
  { minThicknessMm, maxThicknessMm, ...request }: Request,
  count: number,
): Result<Plan> {
  const { startMm, stopMm, profile } = grid;
  if (stopMm <= startMm)
    return failure(
      'Nothing is left to slice between the square-off and the stop line. Square off less, or stop later.',
    );
  const edges = [startMm, ...equalCuts(profile, startMm, stopMm, count), stopMm];
  const pieces = edges
    .slice(1)
    .map((to, index): Piece => ({ kind: 'slice', from: edges[index] ?? 0, to, how: 'cut' }));
  const wrong = pieces
    .map(({ from, to }) => to - from)
    .find((thickness) => thickness < minThicknessMm - 1e-9 || thickness > maxThicknessMm + 1e-9);
  if (wrong !== undefined) {
    const isThin = wrong < minThicknessMm;
    return failure(
      `${count} equal slices would have one of ${wrong.toFixed(1)} mm, ${isThin ? `under the least of ${minThicknessMm}` : `over the most of ${maxThicknessMm}`} mm. Ask for ${isThin ? 'fewer' : 'more'}, or let the limit go.`,
    );
  }
  return success(planOf(grid, { minThicknessMm, maxThicknessMm, ...request }, pieces, 0, null));
}

/** The head, where it is kept in one. */
function headOf({ startMm }: Grid, { squareOffMm, headMm = 0 }: Request): Piece[] {
  return headMm > 0 && startMm > squareOffMm
    ? [{ kind: 'head', from: squareOffMm, to: startMm, how: 'head' }]
    : [];
}

/** A tail that weighs less than this share of the slices before it makes no slice, folded or not (common practice). */
const LEAST_TAIL = 0.6;

/** What is too thin to slice, folded under into one slice; nothing where that would be no slice. */
function foldedTail(
  { profile, thinFromMm, stopMm }: Grid,
  { tail }: Request,
  pieces: readonly Piece[],
): Piece[] {
  const last = pieces.at(-1);
  if (tail?.rule !== 'fold' || !last || thinFromMm >= stopMm) return [];
  const massOf = (from: number, to: number): number => profile.massTo(to) - profile.massTo(from);
  const tailG = massOf(last.to, stopMm);
  const isSlice = tailG >= LEAST_TAIL * massOf(last.from, last.to);
  return isSlice ? [{ kind: 'tail', from: last.to, to: stopMm, how: 'folded' }] : [];
}

function planOf(
  grid: Grid,
  request: Request,
  pieces: readonly Piece[],
  objective: number,
  worth: number | null,
): Plan {
  const { profile, toLogMm, startMm, stopMm, thinFromMm } = grid;
  const span = (from: number, to: number): { fromMm: number; toMm: number; massG: number } => {
    const [a, b] = [toLogMm(from), toLogMm(to)];
    return { fromMm: Math.min(a, b), toMm: Math.max(a, b), massG: profile.massTo(to) - profile.massTo(from) };
  };
  const end = pieces.at(-1)?.to ?? startMm;
  const folded = foldedTail(grid, request, pieces);
  const slices = [...headOf(grid, request), ...pieces, ...folded].map(({ kind, from, to, how }): Slice => {
    const [lowG, highG] = likelyRange(profile, from, to);
    const middle = (from + to) / 2;
    return {
      kind,
      ...span(from, to),
      thicknessMm: to - from,
      lowG,
      highG,
      faceWidthMm: profile.widthAt(middle),
      faceHeightMm: profile.heightAt(middle),
      how,
    };
  });
  const isLeft = request.tail !== undefined && request.tail.rule !== 'double' && folded.length === 0;
  const thin = isLeft ? Math.max(end, thinFromMm) : (folded[0]?.from ?? stopMm);
  const rest = (
    [
      { ...span(0, Math.min(startMm, request.squareOffMm)), why: 'square-off' },
      { ...span(end, Math.min(thin, stopMm)), why: 'left over' },
      { ...span(Math.min(thin, stopMm), isLeft ? stopMm : Math.min(thin, stopMm)), why: 'too thin' },
      { ...span(stopMm, profile.lengthMm), why: 'beyond the stop line' },
    ] as const
  ).map((stretch): Rest => ({
    ...stretch,
    destination: request.restFor?.[stretch.why] ?? USUAL_REST_FOR[stretch.why],
  }));
  return { slices, rest: rest.filter(({ fromMm, toMm }) => toMm - fromMm > 1e-6), objective, worth };
}
