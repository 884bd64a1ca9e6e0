import { sum } from 'd3-array';
import { failure, success, type Result } from '../units/result';
import type { Basis, Program } from '../optimise/program';
import { relaxedOptimum } from '../optimise/simplex';
import { wholeOptimum } from '../optimise/whole-optimum';
import { firstPlan } from './first-plan';
import { packModel, type PackModel } from './pack-model';
import type { PackPlan } from './pack-plan';
import type { PackRequest } from './pack-request';
import { packsOf, type Chosen } from './packs-of';

/** How much of the time is spent, as a share; 1 or more is all of it. */
export type Spent = () => number;

/** Sums of shares that differ by less are the same. */
const SAME = 1e-9;

/**
 * Which portions go into which pack: most plates served within the tolerance and the counts; then
 * the least Σ |plate − appetite| ÷ appetite; then the fewest bags. Proven by branch and bound over
 * a linear program with a variable for every possible plate; or, when time runs out, the best found
 * with its bounds. Some plates of a pack may come from one heap.
 *
 * @param spent tells how much of the time is gone; leave it out to search to the end
 * @returns the plan; or, where a least count cannot be kept, why
 * @example four steaks of 200 g for two eaters of 200 g: two dinners, objective 0
 */
export function planPacks(request: PackRequest, spent: Spent = () => 0): Result<PackPlan> {
  const model = packModel(request);
  const isOver = (): boolean => spent() >= 1;
  const first = firstPlan(model, request);
  const most = mostPlates(model, isOver);
  if (most === 'none') return failure(whyNot(request));
  const platesBound = Math.min(most?.plates ?? Infinity, roughMost(request));
  let best = { choice: first, proven: false, bound: 0, plates: first ? servedBy(model, first) : -1 };
  let bound = platesBound;
  for (let plates = platesBound; plates >= Math.max(0, best.plates); plates--) {
    if (isOver() && best.choice !== null) break;
    const started = spent();
    const isLevelOver = (): boolean =>
      spent() >= started + (1 - started) * (plates > best.plates && best.plates >= 0 ? 0.6 : 1);
    const isKnown = plates === best.plates && best.choice !== null;
    const known = isKnown ? costOf(model, best.choice as Chosen) : Infinity;
    const level = wholeOptimum(
      programFor(model, plates),
      model.choose,
      isLevelOver,
      known + (isKnown ? SAME * 2 : 0),
      most?.basis,
    );
    if (level.values) {
      best = { choice: level.values, proven: !isLevelOver() && model.isComplete, bound: level.bound, plates };
      break;
    }
    if (isOver()) break;
    if (isLevelOver()) {
      if (isKnown) best = { ...best, bound: Math.max(0, level.bound) };
      continue;
    }
    if (isKnown) {
      best = { ...best, proven: model.isComplete && bound === plates, bound: known };
      break;
    }
    // Nothing serves as many; the next level down is the bound now.
    if (model.isComplete && bound === plates) bound = plates - 1;
  }
  if (!best.choice)
    return best.plates < 0 && bound < 0
      ? failure(whyNot(request))
      : failure(
          isOver()
            ? 'Time ran out before any plan was found. Give it longer, or ask for fewer kinds of packs.'
            : whyNot(request),
        );
  const isProven = best.proven && bound === best.plates;
  return success(
    packsOf(model, request, best.choice, {
      platesBound: bound,
      bound: Math.max(0, best.bound),
      proven: isProven,
    }),
  );
}

function programFor({ columns, rows, served }: PackModel, plates: number): Program {
  const row = rows.length;
  return {
    columns: columns.map((column, j) =>
      served[j]
        ? { ...column, rows: [...column.rows, row], values: [...column.values, served[j] as number] }
        : column,
    ),
    rows: [...rows, { sense: '=', rhs: plates }],
  };
}

/** As many plates as a relaxed plan serves, and what it rests on; none where no plan keeps the counts, null where time ran out. */
function mostPlates(
  { columns, rows, served }: PackModel,
  isOver: () => boolean,
): { readonly plates: number; readonly basis: Basis } | 'none' | null {
  const relaxed = relaxedOptimum(
    { columns: columns.map((column, j) => ({ ...column, cost: -(served[j] as number) })), rows },
    isOver,
  );
  if (relaxed) return { plates: Math.floor(-relaxed.objective + 1e-6), basis: relaxed.basis };
  return isOver() ? null : 'none';
}

/** As many plates as the mass could serve, if all of it were evenly divisible. */
function roughMost({ portions, divisible, eaters, tolerance, packs }: PackRequest): number {
  const mass = sum([...portions, ...divisible], ({ massG }) => massG);
  const least = Math.min(...eaters.map(({ targetG }) => targetG)) * (1 - tolerance);
  const wanted = sum(packs, ({ eaters: names, count }) => names.length * count[1]);
  return Math.min(wanted, least > 0 ? Math.floor(mass / least + 1e-9) : wanted);
}

function servedBy({ served }: PackModel, choice: Chosen): number {
  return sum([...choice], ([j, value]) => (served[j] as number) * value);
}

function costOf({ columns }: PackModel, choice: Chosen): number {
  return sum([...choice], ([j, value]) => (columns[j]?.cost ?? 0) * value);
}

function whyNot({ packs, tolerance }: PackRequest): string {
  const wanted = packs
    .filter(({ count }) => count[0] > 0)
    .map(({ name, count }) => `${count[0]} of “${name}”`);
  if (wanted.length === 0) return 'No plan was found.';
  return `At least ${wanted.join(' and ')} cannot be filled with what is on the table within ${Math.round(tolerance * 100)} %. Ask for fewer, or allow a wider tolerance.`;
}
