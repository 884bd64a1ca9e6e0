import type { Plan, SliceHow } from '../slice/wish';
import { writeCsv } from './csv';

const mm = (value: number): string => (Math.round(value * 10) / 10).toString();

/** What the length of a slice is, and what is done with it. */
const SLICE_HOW: Readonly<Record<SliceHow, string>> = {
  cut: 'thick',
  opened: 'thick (cut double, opened)',
  folded: 'long (folded under)',
  head: 'long (in one)',
};

/**
 * The cut list as lines to read out: where each cut goes, how thick, how heavy.
 *
 * @param say lengths in mm and masses in g, as its reader measures
 */
export function cutListText(
  plan: Plan,
  title: string,
  say: { readonly length: (mm: number) => string; readonly mass: (g: number) => string },
): string {
  const slices = plan.slices.map(
    ({ kind, fromMm, toMm, thicknessMm, massG, how }, index) =>
      `${index + 1}. ${kind}: ${say.length(fromMm)} to ${say.length(toMm)}, ${say.length(thicknessMm)} ${SLICE_HOW[how]}, about ${say.mass(massG)}`,
  );
  const rest = plan.rest.map(
    ({ why, fromMm, toMm, massG, destination }) =>
      `${why}, for ${destination}: ${say.length(fromMm)} to ${say.length(toMm)}, ${say.mass(massG)}`,
  );
  return [title, ...slices, ...rest].join('\n');
}

/** The cut list as a table for other programs. */
export function cutListCsv(plan: Plan): string {
  const header = ['slice', 'kind', 'from_mm', 'to_mm', 'thickness_mm', 'mass_g', 'low_g', 'high_g'];
  return writeCsv(
    header,
    plan.slices.map((slice, index) => [
      `${index + 1}`,
      slice.kind,
      mm(slice.fromMm),
      mm(slice.toMm),
      mm(slice.thicknessMm),
      mm(slice.massG),
      mm(slice.lowG),
      mm(slice.highG),
    ]),
  );
}
