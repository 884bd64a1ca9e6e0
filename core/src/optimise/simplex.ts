import type { Basis, Program, Relaxed } from './program';

/** Less than this is nothing. */
const ZERO = 1e-9;
/** An artificial variable costs more than any plan saves. */
const ARTIFICIAL = 1000;
/** As many columns are looked through for one to enter; then the next as many. */
const CHUNK = 1500;
/** After so many steps the inverse is made anew, so that rounding does not add up. */
const FRESH = 120;
/** After so many steps somebody may have called the work off. */
const LOOK = 10;
/** After so many steps without progress the first column that gains enters, which cannot cycle. */
const STALLED = 60;

/**
 * The relaxed optimum of a program by the revised simplex method, with a dense inverse of the basis:
 * few rows, many columns.
 *
 * @param start the basis of a program with the same first rows, to begin from
 * @returns null where no values keep the rows, or the work was called off
 * @throws RangeError where the cost has no least
 * @source Dantzig 1953; Bland's rule 1977 where it stalls (from memory)
 */
export function relaxedOptimum(
  program: Program,
  isOver: () => boolean = () => false,
  start?: Basis,
): Relaxed | null {
  return new Simplex(program, start).solve(isOver);
}

class Simplex {
  private readonly m: number;
  /** Columns of the program, then one slack and one artificial a row. */
  private readonly count: number;
  private readonly starts: Int32Array;
  private readonly rowOf: Int32Array;
  private readonly valueOf: Float64Array;
  private readonly cost: Float64Array;
  private readonly rhs: Float64Array;
  /** Rows are turned so that no right-hand side is negative. */
  private readonly turned: Float64Array;
  private readonly basis: Int32Array;
  private readonly place: Int32Array;
  private inverse: Float64Array;
  private x: Float64Array;
  private prices: Float64Array;
  private cursor = 0;
  /** Where a row of the inverse is not nought, and what stands there. */
  private readonly filled: Int32Array;
  private readonly full: Float64Array;

  constructor(
    private readonly program: Program,
    start?: Basis,
  ) {
    const { columns, rows } = program;
    const [m, n] = [rows.length, columns.length];
    this.m = m;
    this.count = n + 2 * m;
    const nonzeros = columns.reduce((sum, column) => sum + column.rows.length, 0) + 2 * m;
    this.starts = new Int32Array(this.count + 1);
    this.rowOf = new Int32Array(nonzeros);
    this.valueOf = new Float64Array(nonzeros);
    this.cost = new Float64Array(this.count);
    this.rhs = Float64Array.from(rows, ({ rhs }) => Math.abs(rhs));
    this.turned = Float64Array.from(rows, ({ rhs, sense }) =>
      rhs < 0 || (rhs === 0 && sense === '≥') ? -1 : 1,
    );
    this.basis = new Int32Array(m);
    this.place = new Int32Array(this.count).fill(-1);
    this.inverse = new Float64Array(m * m);
    this.x = Float64Array.from(this.rhs);
    this.prices = new Float64Array(m);
    this.filled = new Int32Array(m);
    this.full = new Float64Array(m);
    let at = 0;
    const put = (row: number, value: number): void => {
      this.rowOf[at] = row;
      this.valueOf[at] = value * (this.turned[row] as number);
      at += 1;
    };
    for (const [j, column] of columns.entries()) {
      this.cost[j] = column.cost;
      for (let k = 0; k < column.rows.length; k++) put(column.rows[k] as number, column.values[k] as number);
      this.starts[j + 1] = at;
    }
    for (const [i, { sense }] of rows.entries()) {
      if (sense !== '=') put(i, sense === '≤' ? 1 : -1);
      this.starts[n + i + 1] = at;
    }
    for (let i = 0; i < m; i++) {
      put(i, this.turned[i] as number);
      this.starts[n + m + i + 1] = at;
      this.cost[n + m + i] = ARTIFICIAL;
      const slack = n + i;
      const isSlackFirst =
        this.starts[slack + 1] !== this.starts[slack] &&
        (this.valueOf[this.starts[slack] as number] as number) > 0;
      if (!start) this.seat(i, isSlackFirst ? slack : n + m + i);
      this.inverse[i * m + i] = 1;
    }
    if (start) this.beginFrom(start);
  }

  /** Takes a basis over; in rows that are new their slacks are seated, below nought where the row is broken. */
  private beginFrom({ names, inverse }: Basis): void {
    const { m } = this;
    const n = this.program.columns.length;
    const column = (name: number): number =>
      name >= 0 ? name : -name % 2 === 1 ? n + (-name - 1) / 2 : n + m + (-name - 2) / 2;
    for (const [i, name] of names.entries()) this.seat(i, column(name));
    for (let i = names.length; i < m; i++)
      this.seat(i, this.starts[n + i] === this.starts[n + i + 1] ? n + m + i : n + i);
    if (inverse) this.extend(inverse, names.length);
    else this.refresh();
    for (let i = names.length; i < m; i++)
      if ((this.x[i] as number) < -ZERO && (this.basis[i] as number) >= n + m) this.turn(i);
  }

  /** Turns the stand-in of a row, so that it is not below nought. */
  private turn(i: number): void {
    const { m } = this;
    const at = this.starts[this.basis[i] as number] as number;
    this.valueOf[at] = -(this.valueOf[at] as number);
    for (let k = 0; k < m; k++) this.inverse[i * m + k] = -(this.inverse[i * m + k] as number);
    this.x[i] = -(this.x[i] as number);
  }

  /** The inverse of a basis with new rows below, whose own columns have one entry, there. */
  private extend(before: Float64Array, known: number): void {
    const { m, inverse } = this;
    inverse.fill(0);
    for (let i = 0; i < known; i++)
      for (let k = 0; k < known; k++) inverse[i * m + k] = before[i * known + k] as number;
    for (let i = known; i < m; i++) inverse[i * m + i] = 1;
    for (let i = 0; i < known; i++) {
      const j = this.basis[i] as number;
      for (let at = this.starts[j] as number; at < (this.starts[j + 1] as number); at++) {
        const row = this.rowOf[at] as number;
        if (row < known) continue;
        for (let k = 0; k < known; k++)
          inverse[row * m + k] =
            (inverse[row * m + k] as number) -
            (this.valueOf[at] as number) * (before[i * known + k] as number);
      }
    }
    for (let i = known; i < m; i++) {
      if ((this.valueOf[this.starts[this.basis[i] as number] as number] as number) > 0) continue;
      for (let k = 0; k < m; k++) inverse[i * m + k] = -(inverse[i * m + k] as number);
    }
    this.findValues();
  }

  private findValues(): void {
    const { m } = this;
    for (let i = 0; i < m; i++) {
      let sum = 0;
      for (let k = 0; k < m; k++) sum += (this.inverse[i * m + k] as number) * (this.rhs[k] as number);
      this.x[i] = sum;
    }
  }

  /** What rounding has left below nought is nought. */
  private clamp(): void {
    for (let i = 0; i < this.m; i++) this.x[i] = Math.max(0, this.x[i] as number);
  }

  solve(isOver: () => boolean): Relaxed | null {
    if (!this.mend(isOver)) return null;
    let [stalled, last] = [0, Infinity];
    for (let step = 1; ; step++) {
      if (step % LOOK === 0 && isOver()) return null;
      if (step % FRESH === 0) {
        this.refresh();
        this.clamp();
      }
      this.findPrices();
      const entering = this.entering(stalled > STALLED);
      if (entering < 0) break;
      this.enter(entering, stalled > STALLED);
      const now = this.objective();
      stalled = now < last - ZERO ? 0 : stalled + 1;
      last = Math.min(last, now);
    }
    return this.result();
  }

  /**
   * Brings what is below nought back, one row after the other, at what costs least (dual simplex).
   *
   * @returns false where nothing can, so that no values keep the rows; or the work was called off
   */
  private mend(isOver: () => boolean): boolean {
    const { m, x } = this;
    for (let step = 1; ; step++) {
      let row = -1;
      for (let i = 0; i < m; i++) if ((x[i] as number) < (row < 0 ? -ZERO * 10 : (x[row] as number))) row = i;
      if (row < 0) {
        this.clamp();
        return true;
      }
      if (step % LOOK === 0 && isOver()) return false;
      this.findPrices();
      const entering = this.cheapestInto(row);
      if (entering < 0) return false;
      this.pivot(entering, row, this.changeOf(entering));
      if (step % FRESH === 0) this.refresh();
    }
  }

  /** The column that lifts a row at the least cost; −1 where none lifts it. */
  private cheapestInto(row: number): number {
    const last = this.program.columns.length + this.m;
    let [best, least, bestAt] = [-1, Infinity, 0];
    for (let j = 0; j < last; j++) {
      if ((this.place[j] as number) >= 0) continue;
      let at = 0;
      for (let k = this.starts[j] as number; k < (this.starts[j + 1] as number); k++)
        at +=
          (this.inverse[row * this.m + (this.rowOf[k] as number)] as number) * (this.valueOf[k] as number);
      if (at > -1e-7) continue;
      const ratio = Math.max(0, this.gain(j)) / -at;
      if (ratio > least + 1e-12 || (ratio > least - 1e-12 && at >= bestAt)) continue;
      [best, least, bestAt] = [j, ratio, at];
    }
    return best;
  }

  private result(): Relaxed | null {
    const n = this.program.columns.length;
    const values = new Float64Array(n);
    for (let i = 0; i < this.m; i++) {
      const j = this.basis[i] as number;
      if (j >= n + this.m && (this.x[i] as number) > 1e-6) return null;
      if (j < n) values[j] = Math.max(0, this.x[i] as number);
    }
    return {
      objective: this.objective(),
      values,
      prices: this.prices.map((price, i) => price * (this.turned[i] as number)),
      basis: { names: [...this.basis].map((j) => this.nameOf(j)), inverse: this.standardInverse() },
    };
  }

  /** The inverse as it is with every stand-in the right way round, as the next program has them. */
  private standardInverse(): Float64Array {
    const { m, inverse } = this;
    const n = this.program.columns.length;
    for (let i = 0; i < m; i++) {
      const j = this.basis[i] as number;
      if (j < n + m || (this.valueOf[this.starts[j] as number] as number) > 0) continue;
      for (let k = 0; k < m; k++) inverse[i * m + k] = -(inverse[i * m + k] as number);
    }
    return inverse;
  }

  private nameOf(j: number): number {
    const n = this.program.columns.length;
    if (j < n) return j;
    return j < n + this.m ? -1 - 2 * (j - n) : -2 - 2 * (j - n - this.m);
  }

  private seat(row: number, column: number): void {
    this.basis[row] = column;
    this.place[column] = row;
  }

  private objective(): number {
    let sum = 0;
    for (let i = 0; i < this.m; i++)
      sum += (this.cost[this.basis[i] as number] as number) * (this.x[i] as number);
    return sum;
  }

  private findPrices(): void {
    const { m, inverse, prices } = this;
    prices.fill(0);
    for (let i = 0; i < m; i++) {
      const cost = this.cost[this.basis[i] as number] as number;
      if (cost === 0) continue;
      for (let k = 0; k < m; k++) prices[k] = (prices[k] as number) + cost * (inverse[i * m + k] as number);
    }
  }

  private gain(j: number): number {
    let sum = this.cost[j] as number;
    for (let k = this.starts[j] as number; k < (this.starts[j + 1] as number); k++)
      sum -= (this.prices[this.rowOf[k] as number] as number) * (this.valueOf[k] as number);
    return sum;
  }

  /** A column that makes it cheaper: the one that gains most of a chunk, or the very first. Artificials never come back. */
  private entering(takeFirst: boolean): number {
    const last = this.program.columns.length + this.m;
    let [best, bestGain] = [-1, -ZERO];
    if (takeFirst) this.cursor = 0;
    for (let looked = 0; looked < last; looked++) {
      if (looked > 0 && looked % CHUNK === 0 && best >= 0) break;
      const j = this.cursor;
      this.cursor = j + 1 >= last ? 0 : j + 1;
      if ((this.place[j] as number) >= 0 || this.starts[j] === this.starts[j + 1]) continue;
      const gain = this.gain(j);
      if (gain >= bestGain) continue;
      [best, bestGain] = [j, gain];
      if (takeFirst) break;
    }
    return best;
  }

  private enter(j: number, takeFirst: boolean): void {
    const change = this.changeOf(j);
    this.pivot(j, this.leaving(change, takeFirst), change);
    this.clamp();
  }

  /** What one of a column takes of what each row rests on. */
  private changeOf(j: number): Float64Array {
    const { m, inverse } = this;
    const change = new Float64Array(m);
    for (let k = this.starts[j] as number; k < (this.starts[j + 1] as number); k++) {
      const [row, value] = [this.rowOf[k] as number, this.valueOf[k] as number];
      for (let i = 0; i < m; i++)
        change[i] = (change[i] as number) + (inverse[i * m + row] as number) * value;
    }
    return change;
  }

  private pivot(j: number, leaving: number, change: Float64Array): void {
    const { m, inverse, x } = this;
    const pivot = change[leaving] as number;
    const amount = (x[leaving] as number) / pivot;
    const { filled, full } = this;
    let count = 0;
    for (let k = 0; k < m; k++) {
      const value = (inverse[leaving * m + k] as number) / pivot;
      inverse[leaving * m + k] = value;
      if (value === 0) continue;
      filled[count] = k;
      full[count++] = value;
    }
    for (let i = 0; i < m; i++) {
      const factor = change[i] as number;
      if (i === leaving || factor === 0) continue;
      x[i] = (x[i] as number) - factor * amount;
      const at = i * m;
      for (let c = 0; c < count; c++) {
        const k = at + (filled[c] as number);
        inverse[k] = (inverse[k] as number) - factor * (full[c] as number);
      }
    }
    x[leaving] = amount;
    this.place[this.basis[leaving] as number] = -1;
    this.seat(leaving, j);
  }

  private leaving(change: Float64Array, takeFirst: boolean): number {
    const artificial = this.program.columns.length + this.m;
    let [best, least] = [-1, Infinity];
    for (let i = 0; i < this.m; i++) {
      const at = change[i] as number;
      const isStuck =
        (this.basis[i] as number) >= artificial && (this.x[i] as number) < ZERO && Math.abs(at) > 1e-7;
      if (at <= ZERO && !isStuck) continue;
      const ratio = isStuck ? 0 : (this.x[i] as number) / at;
      const isTie = best >= 0 && Math.abs(ratio - least) <= 1e-12;
      const wins = isTie
        ? takeFirst
          ? (this.basis[i] as number) < (this.basis[best] as number)
          : Math.abs(at) > Math.abs(change[best] as number)
        : ratio < least;
      if (wins) [best, least] = [i, ratio];
    }
    if (best < 0) throw new RangeError('The cost has no least.');
    return best;
  }

  /** The inverse of the basis from its columns, by Gauss and Jordan with the largest pivot. */
  private refresh(): void {
    const { m } = this;
    const matrix = new Float64Array(m * m);
    for (let i = 0; i < m; i++) {
      const j = this.basis[i] as number;
      for (let k = this.starts[j] as number; k < (this.starts[j + 1] as number); k++)
        matrix[(this.rowOf[k] as number) * m + i] = this.valueOf[k] as number;
    }
    const inverse = new Float64Array(m * m);
    for (let i = 0; i < m; i++) inverse[i * m + i] = 1;
    for (let col = 0; col < m; col++) {
      let pivot = col;
      for (let row = col + 1; row < m; row++)
        if (Math.abs(matrix[row * m + col] as number) > Math.abs(matrix[pivot * m + col] as number))
          pivot = row;
      if (Math.abs(matrix[pivot * m + col] as number) < 1e-11) return;
      for (const each of [matrix, inverse]) exchange(each, m, pivot, col);
      const scale = matrix[col * m + col] as number;
      for (const each of [matrix, inverse])
        for (let k = 0; k < m; k++) each[col * m + k] = (each[col * m + k] as number) / scale;
      for (let row = 0; row < m; row++) {
        const factor = matrix[row * m + col] as number;
        if (row === col || factor === 0) continue;
        for (const each of [matrix, inverse])
          for (let k = 0; k < m; k++)
            each[row * m + k] = (each[row * m + k] as number) - factor * (each[col * m + k] as number);
      }
    }
    this.inverse = inverse;
    this.findValues();
  }
}

function exchange(matrix: Float64Array, m: number, a: number, b: number): void {
  if (a === b) return;
  for (let k = 0; k < m; k++) {
    const held = matrix[a * m + k] as number;
    matrix[a * m + k] = matrix[b * m + k] as number;
    matrix[b * m + k] = held;
  }
}
