/** A variable of a program: what one of it costs, and what it takes of each row. Never negative. */
export interface Column {
  readonly cost: number;
  readonly rows: readonly number[];
  readonly values: readonly number[];
  readonly isWhole: boolean;
}

/** What a row's sum has to be against its right-hand side. */
export type Sense = '≤' | '=' | '≥';

export interface Row {
  readonly sense: Sense;
  readonly rhs: number;
}

/** A linear program: the least cost that keeps every row; some variables whole. */
export interface Program {
  readonly columns: readonly Column[];
  readonly rows: readonly Row[];
}

/** A solution of the relaxed program, where no variable need be whole. */
export interface Relaxed {
  readonly objective: number;
  readonly values: Float64Array;
  /** What one more of each row is worth. */
  readonly prices: Float64Array;
  readonly basis: Basis;
}

/** What a solution rests on, to begin from when rows have been added. */
export interface Basis {
  /** A column by its place in the program, the slack of row i as −1 − 2i, what stands in for it as −2 − 2i. */
  readonly names: readonly number[];
  /** Its inverse, row by row; null to have it made anew, free of rounding. */
  readonly inverse: Float64Array | null;
}

/** What a variable would add to the cost at these prices; not negative at the optimum. */
export function reducedCost({ cost, rows, values }: Column, prices: Float64Array): number {
  let sum = cost;
  for (let k = 0; k < rows.length; k++) sum -= (prices[rows[k] as number] as number) * (values[k] as number);
  return sum;
}
