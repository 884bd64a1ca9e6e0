import type { Column, Row, Sense } from '../optimise/program';

/** A program whose columns are added as they are found, each with what it stands for; each only once. */
export class GrowingProgram<Meaning> {
  readonly columns: Column[] = [];
  readonly meanings: Meaning[] = [];
  readonly rows: Row[] = [];
  private readonly known = new Set<string>();

  row(sense: Sense, rhs: number): number {
    return this.rows.push({ sense, rhs }) - 1;
  }

  /** @param key the same for what is the same */
  add(
    key: string,
    meaning: Meaning,
    cost: number,
    terms: readonly (readonly [row: number, value: number])[],
    isWhole = true,
  ): void {
    if (this.known.has(key)) return;
    this.known.add(key);
    this.meanings.push(meaning);
    const taken = terms.filter(([, value]) => value !== 0);
    this.columns.push({
      cost,
      isWhole,
      rows: taken.map(([row]) => row),
      values: taken.map(([, value]) => value),
    });
  }
}

/** Where columns come from that are too many to be written down. */
export interface ColumnSource {
  /** Adds what gains most at these prices, a few at a time. */
  readonly gaining: (prices: Float64Array) => void;
  /**
   * Adds everything whose reduced cost is at most the gap.
   *
   * @returns false where there is too much of it
   */
  readonly within: (prices: Float64Array, gap: number, most: number) => boolean;
}
