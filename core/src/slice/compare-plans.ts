import type { Plan } from './wish';

/** A plan in a few figures, to set beside another. */
export interface PlanFigures {
  readonly slices: number;
  readonly meanG: number;
  /** Lightest and heaviest slice. */
  readonly rangeG: readonly [number, number];
  readonly rangeMm: readonly [number, number];
  /** Standard deviation of the weights over their mean. */
  readonly unevenness: number;
  readonly slicedG: number;
  readonly leftG: number;
}

/** The figures of a plan; null for one without slices. */
export function planFigures({ slices, rest }: Plan): PlanFigures | null {
  if (slices.length === 0) return null;
  const weights = slices.map(({ massG }) => massG);
  const thicknesses = slices.map(({ thicknessMm }) => thicknessMm);
  const slicedG = weights.reduce((sum, each) => sum + each, 0);
  const meanG = slicedG / weights.length;
  const deviation = Math.sqrt(weights.reduce((sum, each) => sum + (each - meanG) ** 2, 0) / weights.length);
  return {
    slices: slices.length,
    meanG,
    rangeG: [Math.min(...weights), Math.max(...weights)],
    rangeMm: [Math.min(...thicknesses), Math.max(...thicknesses)],
    unevenness: deviation / meanG,
    slicedG,
    leftG: rest.reduce((sum, { massG }) => sum + massG, 0),
  };
}
