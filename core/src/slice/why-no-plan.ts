import type { Grid } from './grid';
import { limitsAt, solve } from './solve';
import type { SettledKind } from './kinds-of-wish';

const grams = (g: number): string => `${Math.round(g)} g`;

/** Which limit stands in the way, found by letting go of one after the other, and what to do. */
export function whyNoPlan(grid: Grid, kinds: readonly SettledKind[]): string {
  const { steps, massG } = grid;
  const whole = massG[steps] as number;
  const crossed = kinds.find(({ minMm, maxMm }) => minMm > maxMm);
  if (crossed)
    return `“${crossed.name}”: no whole millimetre lies between ${crossed.minMm} and ${crossed.maxMm} mm. Let the limits stand farther apart.`;
  const thinnest = Math.min(...kinds.map(({ minMm }) => minMm));
  if (steps < thinnest)
    return `Only ${steps} mm are left to slice, and the thinnest slice is ${thinnest} mm. Allow thinner slices, square off less, or stop later.`;
  const wanted = kinds.reduce((sum, { least, minMm }) => sum + least * minMm, 0);
  if (wanted > steps)
    return `The least counts need ${wanted} mm, and there are ${steps} mm to slice. Ask for fewer.`;
  const freed = [
    {
      without: kinds.map((kind) => ({ ...kind, tolerance: null })),
      what: 'the tolerance',
      mend: 'Allow more tolerance.',
    },
    {
      without: kinds.map((kind) => ({ ...kind, least: 0 })),
      what: 'the least counts',
      mend: 'Ask for fewer of them.',
    },
    {
      without: kinds.map((kind) => ({ ...kind, minMm: 1, maxMm: Math.max(kind.maxMm, steps) })),
      what: 'the limits of thickness',
      mend: 'Let them stand farther apart.',
    },
  ].find(({ without }) => (solve(grid, without)?.cuts.length ?? 0) > 0);
  const heaviest = Math.max(...kinds.map((kind) => heaviestOf(grid, kind)));
  const target = Math.min(...kinds.flatMap(({ targetG }) => targetG ?? []), Infinity);
  if (target < Infinity && target > whole)
    return `The target is ${grams(target)}, and the whole stretch weighs ${grams(whole)}. Lower the target.`;
  if (target < Infinity && heaviest < target)
    return `No slice reaches the target of ${grams(target)}: the thickest allowed weighs ${grams(heaviest)} at most. Raise the greatest thickness, or lower the target.`;
  if (freed) return `No plan keeps ${freed.what}. ${freed.mend}`;
  return 'No plan keeps all limits together. Let one of them go.';
}

function heaviestOf(grid: Grid, kind: SettledKind): number {
  let heaviest = 0;
  for (let from = 0; from < grid.steps; from++) {
    const to = Math.min(grid.steps, from + limitsAt(grid, kind, from)[1]);
    heaviest = Math.max(heaviest, (grid.massG[to] as number) - (grid.massG[from] as number));
  }
  return heaviest;
}
