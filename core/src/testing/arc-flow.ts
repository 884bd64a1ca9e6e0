import type { Grid } from '../slice/grid';
import type { SettledKind } from '../slice/kinds-of-wish';
import { costOf, limitsAt, unitOfRest } from '../slice/solve';

/**
 * The same plan as a mixed-integer program for a solver from outside: places are nodes, slices are
 * arcs, one unit flows from the start to wherever slicing stops; counts are sums of arcs. In the
 * LP file format.
 *
 * @returns the program, whose optimum is J
 */
export function arcFlowModel(grid: Grid, kinds: readonly SettledKind[]): string {
  const { steps, massG } = grid;
  const unit = unitOfRest(kinds);
  const into = Array.from({ length: steps + 1 }, (): string[] => []);
  const out = Array.from({ length: steps + 1 }, (): string[] => []);
  const byKind = kinds.map((): string[] => []);
  const cost: string[] = [];
  const binaries: string[] = [];
  const term = (value: number, name: string): string =>
    `${value < 0 ? '-' : '+'} ${Math.abs(value).toPrecision(15)} ${name}`;
  for (let from = 0; from <= steps; from++) {
    const stop = `s${from}`;
    const rest = (unit.inG ? (massG[steps] as number) - (massG[from] as number) : steps - from) / unit.size;
    cost.push(term(rest, stop));
    binaries.push(stop);
    out[from]?.push(stop);
    for (const [k, kind] of kinds.entries()) {
      const [min, max] = limitsAt(grid, kind, from);
      for (let thickness = min; thickness <= Math.min(max, steps - from); thickness++) {
        const to = from + thickness;
        const arc = costOf(kind, (massG[to] as number) - (massG[from] as number), thickness);
        if (arc === Infinity) continue;
        const name = `x${k}_${from}_${to}`;
        cost.push(term(arc, name));
        binaries.push(name);
        out[from]?.push(name);
        into[to]?.push(name);
        byKind[k]?.push(name);
      }
    }
  }
  const flow = out.map(
    (names, place) =>
      ` n${place}: ${names.map((name) => `+ ${name}`).join(' ')} ${(into[place] ?? []).map((name) => `- ${name}`).join(' ')} = ${place === 0 ? 1 : 0}`,
  );
  const bounds = kinds.flatMap(({ least, most }, k) => {
    const sum = (byKind[k] ?? []).map((name) => `+ ${name}`).join(' ');
    if (sum === '') return [];
    return [
      ...(least > 0 ? [` l${k}: ${sum} >= ${least}`] : []),
      ...(most < Infinity ? [` m${k}: ${sum} <= ${most}`] : []),
    ];
  });
  return [
    'Minimize',
    ` obj: ${cost.join(' ')}`,
    'Subject To',
    ...flow,
    ...bounds,
    'Binary',
    ` ${binaries.join(' ')}`,
    'End',
  ].join('\n');
}
