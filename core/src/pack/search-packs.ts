import type { Basis } from '../optimise/program';
import { relaxedOptimum } from '../optimise/simplex';
import { wholeOptimum } from '../optimise/whole-optimum';
import type { Chosen } from './chosen';
import { dive } from './dive';
import type { PackModel } from './pack-model';
import { packSplits } from './pack-splits';
import { KG } from './unit-rows';

/** How much of the time is spent, as a share; 1 or more is all of it. */
export type Spent = () => number;

export interface Found {
  /** Null where no plan keeps the counts, or none was found in time; its cost is against packing nothing, g. */
  readonly best: { readonly chosen: Chosen; readonly costG: number } | null;
  /** No plan costs less, g. */
  readonly boundG: number;
  readonly isProven: boolean;
}

/** Plans that differ by less are the same, g. */
const SAME_G = 0.02;
/** What the columns of the relaxed optimum alone may take of the time; then a plan is dived for. */
const FIRST_SHARE = 0.3;
/** A plan to begin with may take so many times the time: on a slow device a late plan is better than none. */
const LATE = 4;
/** More columns than this are not written down. */
const MOST_COLUMNS = 25_000;

/**
 * The plan that is least out of place. The relaxed optimum is found by adding the columns that gain;
 * the best whole plan of those columns is so much above it, and a better one can only use columns
 * whose reduced cost is within that gap: they are written down, and searched to the end.
 *
 * @param isDiveEnough a plan to begin with will do: a large table is bettered part by part
 * @source Gilmore and Gomory 1961; leaving out by reduced cost, Baldacci and others 2008 (from memory)
 */
export function searchPacks(model: PackModel, spent: Spent, isDiveEnough = false): Found {
  const isOver = (): boolean => spent() >= 1;
  const isLate = (): boolean => spent() >= LATE;
  const root = rootOf(model, isOver, isLate);
  if (!root) return { best: null, boundG: -Infinity, isProven: false };
  let bound = root.isWhole ? root.objective : -Infinity;
  const few = isDiveEnough ? null : within(model, root, 0, Infinity, () => spent() >= FIRST_SHARE);
  const dived = dive(model, root.basis, isLate);
  let best = few?.best && (!dived || few.best.cost <= dived.cost) ? few.best : dived;
  if (best && !isDiveEnough && root.isWhole) {
    const all = within(model, root, best.cost - root.objective, best.cost - SAME_G / KG, isOver);
    best = all.best ?? best;
    bound = Math.max(bound, all.bound);
  }
  if (best && isMissing(model, best.chosen)) best = null;
  const cost = best?.cost ?? Infinity;
  return {
    best: best && { chosen: best.chosen, costG: best.cost * KG },
    boundG: Math.min(bound, cost) * KG,
    isProven: best !== null && bound >= cost - (2 * SAME_G) / KG,
  };
}

/** Whether a pack that has to be there is not. */
function isMissing({ program }: PackModel, chosen: Chosen): boolean {
  return [...chosen.keys()].some((j) => program.meanings[j]?.is === 'missing');
}

/** The best whole plan of the columns within a gap of the relaxed optimum that costs less than a cutoff; and the least that any plan can cost then. */
function within(
  { program, sources }: PackModel,
  root: Root,
  gap: number,
  cutoff: number,
  isOver: () => boolean,
): { readonly best: { readonly chosen: Chosen; readonly cost: number } | null; readonly bound: number } {
  const isAll = sources.every((source) => source.within(root.prices, gap, MOST_COLUMNS));
  const { columns, rows, meanings } = program;
  const whole = wholeOptimum(
    { columns: [...columns], rows },
    packSplits(meanings),
    isOver,
    cutoff,
    root.basis,
  );
  return {
    best: whole.values && { chosen: whole.values, cost: whole.objective },
    bound: isAll ? Math.min(whole.bound, root.objective + gap) : -Infinity,
  };
}

interface Root {
  readonly objective: number;
  readonly prices: Float64Array;
  readonly basis: Basis;
  /** Whether nothing gains any longer. */
  readonly isWhole: boolean;
}

function rootOf({ program, sources }: PackModel, isOver: () => boolean, isLate: () => boolean): Root | null {
  let basis: Basis | undefined;
  for (;;) {
    const { columns, rows } = program;
    const relaxed = relaxedOptimum({ columns: [...columns], rows }, isLate, basis);
    if (!relaxed) return null;
    basis = relaxed.basis;
    const before = columns.length;
    for (const source of sources) source.gaining(relaxed.prices);
    const isWhole = columns.length === before;
    if (isWhole || isOver()) return { objective: relaxed.objective, prices: relaxed.prices, basis, isWhole };
  }
}
