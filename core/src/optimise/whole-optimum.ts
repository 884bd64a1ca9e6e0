import { reducedCost, type Basis, type Column, type Program, type Relaxed, type Row } from './program';
import { relaxedOptimum } from './simplex';

/** How near to whole is whole. */
const WHOLE = 1e-6;
/** Costs that differ by less are the same. */
const SAME = 1e-9;

/** After so many rows the inverse is made anew. */
const FRESH = 8;

/** A sum of variables that is whole in every solution: what one of each variable adds to it. */
export interface Split {
  readonly terms: ReadonlyMap<number, number>;
}

/** A way to part the solutions of a program in two, where a relaxed one is not whole. */
export type ChooseSplit = (values: ReadonlyMap<number, number>) => Split | null;

export interface Whole {
  /** Null where none was found. */
  readonly values: ReadonlyMap<number, number> | null;
  readonly objective: number;
  /** No whole solution costs less. */
  readonly bound: number;
}

interface Node {
  readonly bound: number;
  readonly allowed: readonly number[];
  /** Where the node above ended, columns by their place in the whole program. */
  readonly basis?: Basis;
  readonly extra: readonly { readonly split: Split; readonly row: Row }[];
}

/**
 * The whole solution of least cost, by branch and bound over relaxed optima. Down to the end first,
 * the side nearer to the relaxed solution before the other; then on from wherever it may be cheapest.
 * Variables that could only make it dearer than the best known are left out below (by their reduced
 * cost).
 *
 * @param choose names a sum to part the solutions by; single variables are parted where it has none
 * @param cutoff only solutions cheaper than this are looked for
 * @param start the basis of a relaxed optimum of the same columns and first rows, to begin from
 * @param isOver says when to stop; the best so far and its bound are then returned
 * @source Land and Doig 1960 (from memory)
 */
export function wholeOptimum(
  program: Program,
  choose: ChooseSplit,
  isOver: () => boolean,
  cutoff = Infinity,
  start?: Basis,
): Whole {
  let best: ReadonlyMap<number, number> | null = null;
  let objective = cutoff;
  const open: Node[] = [
    {
      bound: -Infinity,
      allowed: program.columns.map((_, j) => j),
      ...(start ? { basis: start } : {}),
      extra: [],
    },
  ];
  let isDiving = false;
  while (open.length > 0) {
    if (isOver()) break;
    if (!isDiving) mostPromisingLast(open);
    isDiving = false;
    const node = open.pop() as Node;
    if (node.bound >= objective - SAME) continue;
    const relaxed = relaxedOptimum(restricted(program, node), isOver, startOf(node));
    if (!relaxed) {
      if (isOver()) open.push(node);
      continue;
    }
    if (relaxed.objective >= objective - SAME) continue;
    const values = taken(node, relaxed);
    const split = isAllWhole(program, values) ? null : (choose(values) ?? firstBroken(program, values));
    if (!split) {
      [best, objective] = [rounded(program, values), relaxed.objective];
      continue;
    }
    open.push(...parted(program, node, relaxed, split, values, objective));
    isDiving = true;
  }
  const bound = open.length > 0 ? Math.min(objective, ...open.map((node) => node.bound)) : objective;
  return { values: best, objective: best ? objective : Infinity, bound };
}

/** Brings the node that may hold the cheapest solution to the end, the latest of several. */
function mostPromisingLast(open: Node[]): void {
  let best = open.length - 1;
  for (let k = open.length - 2; k >= 0; k--)
    if ((open[k] as Node).bound < (open[best] as Node).bound - SAME) best = k;
  open.push(...open.splice(best, 1));
}

/** Both sides of a split, the nearer one last, so that it comes first. */
function parted(
  program: Program,
  node: Node,
  relaxed: Relaxed,
  split: Split,
  values: ReadonlyMap<number, number>,
  objective: number,
): Node[] {
  const sum = [...split.terms].reduce((total, [j, value]) => total + value * (values.get(j) ?? 0), 0);
  // One more of a whole variable adds at least its reduced cost; of others there may be less than one.
  const allowed = node.allowed.filter(
    (j) =>
      !program.columns[j]?.isWhole ||
      relaxed.objective + reduced(program, node, j, relaxed) < objective - SAME,
  );
  const down = Math.floor(sum + WHOLE);
  const basis = {
    names: relaxed.basis.names.map((name) => (name >= 0 ? (node.allowed[name] as number) : name)),
    inverse: node.extra.length % FRESH === FRESH - 1 ? null : relaxed.basis.inverse,
  };
  const side = (row: Row): Node => ({
    bound: relaxed.objective,
    allowed,
    basis,
    extra: [...node.extra, { split, row }],
  });
  const sides = [side({ sense: '≤', rhs: down }), side({ sense: '≥', rhs: down + 1 })];
  return sum - down > 0.5 ? sides : sides.reverse();
}

/** The basis above, columns by their place among those that are allowed here. */
function startOf({ basis, allowed }: Node): Basis | undefined {
  if (!basis) return undefined;
  const place = new Map(allowed.map((j, k) => [j, k]));
  const names = basis.names.map((name) => (name >= 0 ? place.get(name) : name));
  return names.includes(undefined) ? undefined : { names: names as number[], inverse: basis.inverse };
}

function reduced(program: Program, { extra }: Node, j: number, { prices }: Relaxed): number {
  let cost = reducedCost(program.columns[j] as Column, prices);
  for (let k = 0; k < extra.length; k++)
    cost -= (extra[k]?.split.terms.get(j) ?? 0) * (prices[program.rows.length + k] as number);
  return cost;
}

function restricted({ columns, rows }: Program, { allowed, extra }: Node): Program {
  return {
    columns: allowed.map((j) => withExtra(columns[j] as Column, j, rows.length, extra)),
    rows: [...rows, ...extra.map(({ row }) => row)],
  };
}

/** A column with what it takes of the rows that were added; the very same where it takes nothing. */
function withExtra(column: Column, j: number, first: number, extra: Node['extra']): Column {
  let rows: number[] | null = null;
  let values: number[] = [];
  for (let k = 0; k < extra.length; k++) {
    const value = extra[k]?.split.terms.get(j);
    if (value === undefined) continue;
    if (!rows) [rows, values] = [[...column.rows], [...column.values]];
    rows.push(first + k);
    values.push(value);
  }
  return rows ? { cost: column.cost, isWhole: column.isWhole, rows, values } : column;
}

function taken({ allowed }: Node, { values }: Relaxed): Map<number, number> {
  const map = new Map<number, number>();
  for (let k = 0; k < values.length; k++)
    if ((values[k] as number) > SAME) map.set(allowed[k] as number, values[k] as number);
  return map;
}

const isBroken = (value: number): boolean => Math.abs(value - Math.round(value)) > WHOLE;

function isAllWhole(program: Program, values: ReadonlyMap<number, number>): boolean {
  return [...values].every(([j, value]) => !program.columns[j]?.isWhole || !isBroken(value));
}

function firstBroken(program: Program, values: ReadonlyMap<number, number>): Split {
  const broken = [...values].filter(([j, value]) => program.columns[j]?.isWhole && isBroken(value));
  const nearest = broken.reduce((a, b) =>
    Math.abs(b[1] - Math.round(b[1])) < Math.abs(a[1] - Math.round(a[1])) ? b : a,
  );
  return { terms: new Map([[nearest[0], 1]]) };
}

function rounded(program: Program, values: ReadonlyMap<number, number>): Map<number, number> {
  return new Map(
    [...values]
      .map(([j, value]) => [j, program.columns[j]?.isWhole ? Math.round(value) : value] as const)
      .filter(([, value]) => value > 0),
  );
}
