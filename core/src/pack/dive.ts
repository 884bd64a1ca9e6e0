import type { Basis, Column, Program } from '../optimise/program';
import { relaxedOptimum } from '../optimise/simplex';
import type { Chosen } from './chosen';
import type { PackModel } from './pack-model';

/** So near to one is taken for one. */
const NEARLY = 0.7;
const WHOLE = 1e-6;
/** What there is no longer room for costs so much more that it goes, kg. */
const NO_ROOM = 10;

/**
 * A plan to begin with: what the relaxed optimum makes nearly whole is taken, plates before packs;
 * what is left is relaxed again, and what gains then is added; until all is whole.
 *
 * @returns null where that ends at nothing whole, or time runs out
 * @source diving with column generation, Sadykov and others 2019 (from memory)
 */
export function dive(
  { program, sources }: PackModel,
  start: Basis,
  isOver: () => boolean,
): { readonly chosen: Chosen; readonly cost: number } | null {
  const taken = new Map<number, number>();
  let basis = start;
  for (;;) {
    const rest = withoutTaken(program, taken);
    const relaxed = relaxedOptimum(rest, isOver, basis);
    if (!relaxed) return null;
    basis = { names: relaxed.basis.names, inverse: null };
    const before = program.columns.length;
    for (const source of sources) source.gaining(relaxed.prices);
    if (program.columns.length > before) continue;
    const values = [...relaxed.values.entries()].filter(
      ([j, value]) => value > WHOLE && program.columns[j]?.isWhole,
    );
    if (values.length === 0) {
      const others = [...relaxed.values.entries()].filter(([, value]) => value > WHOLE);
      const chosen = new Map([...taken, ...others]);
      return { chosen, cost: costOf(program, chosen) };
    }
    const isPlate = (j: number): boolean =>
      ['plate', 'halves', 'ladle'].includes(program.meanings[j]?.is ?? '');
    const plates = values.filter(([j]) => isPlate(j));
    const next = nearly(rest, plates.length > 0 ? plates : values);
    if (next.length === 0) return null;
    for (const [j, count] of next) taken.set(j, (taken.get(j) ?? 0) + count);
  }
}

function costOf({ columns }: Program, chosen: Chosen): number {
  return [...chosen].reduce((sum, [j, value]) => sum + (columns[j]?.cost ?? 0) * value, 0);
}

/** What is left of a program when some is taken; what does not fit into it any longer is too dear. */
function withoutTaken({ columns, rows }: Program, taken: Chosen): Program {
  const used = rows.map(() => 0);
  for (const [j, count] of taken) {
    const column = columns[j] as Column;
    for (const [k, row] of column.rows.entries())
      used[row] = (used[row] as number) + count * (column.values[k] as number);
  }
  const left = rows.map(({ sense, rhs }, i) => ({ sense, rhs: rhs - (used[i] as number) }));
  return {
    rows: left,
    columns: columns.map((column) =>
      !column.isWhole || isRoom(left, column) ? column : { ...column, cost: column.cost + NO_ROOM },
    ),
  };
}

function isRoom(rows: Program['rows'], { rows: own, values }: Column): boolean {
  return own.every((row, k) => {
    const { sense, rhs } = rows[row] as Program['rows'][number];
    return sense !== '≤' || (values[k] as number) <= rhs + WHOLE;
  });
}

/** What is nearly whole, or else what is nearest, as far as there is room for it. */
function nearly(
  { rows, columns }: Program,
  values: readonly (readonly [number, number])[],
): [number, number][] {
  const left = rows.map((row) => ({ ...row }));
  const next: [number, number][] = [];
  for (const [j, value] of [...values].sort((a, b) => nearness(b[1]) - nearness(a[1]))) {
    if (nearness(value) < NEARLY && next.length > 0) break;
    const column = columns[j] as Column;
    let count = 0;
    while (count < Math.ceil(value - WHOLE) && isRoom(left, column)) {
      count += 1;
      for (const [k, row] of column.rows.entries())
        (left[row] as { rhs: number }).rhs -= column.values[k] as number;
    }
    if (count > 0) next.push([j, count]);
  }
  return next;
}

/** How near to the next whole number; what is whole already is nearest. */
function nearness(value: number): number {
  return Math.abs(value - Math.round(value)) <= WHOLE ? 1 : value - Math.floor(value);
}
