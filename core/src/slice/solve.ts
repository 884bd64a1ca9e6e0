import type { Grid } from './grid';
import type { SettledKind } from './kinds-of-wish';

/** One slice on the grid. */
export interface Cut {
  readonly kind: number;
  readonly from: number;
  readonly to: number;
}

export interface Solution {
  readonly cuts: readonly Cut[];
  readonly worth: number;
  readonly objective: number;
}

/** How far apart two sums are the same. */
const SAME = 1e-12;
/** No plan from here. */
const NONE = Infinity;

/** The smallest target, which what is left over is measured in: grams, or millimetres where no weight is aimed at. */
export function unitOfRest(kinds: readonly SettledKind[]): { readonly inG: boolean; readonly size: number } {
  const targets = kinds.flatMap(({ targetG }) => targetG ?? []);
  if (targets.length > 0) return { inG: true, size: Math.min(...targets) };
  return { inG: false, size: Math.min(...kinds.map(({ aimMm, maxMm }) => aimMm ?? maxMm)) };
}

/** What a slice adds to the objective; Infinity where it is outside its tolerance. */
export function costOf(
  { targetG, tolerance, aimMm }: SettledKind,
  massG: number,
  thicknessMm: number,
): number {
  if (targetG !== null) {
    const off = (massG - targetG) / targetG;
    return tolerance !== null && Math.abs(off) > tolerance ? NONE : off * off;
  }
  return aimMm === null ? 0 : ((thicknessMm - aimMm) / aimMm) ** 2;
}

/** The thicknesses that a slice of a kind may have where it begins: twice as much where it is cut double and opened. */
export function limitsAt(grid: Grid, { minMm, maxMm }: SettledKind, from: number): readonly [number, number] {
  const isThin = grid.startMm + from >= grid.thinFromMm;
  return isThin ? [2 * minMm, 2 * maxMm] : [minMm, maxMm];
}

/** Sums to keep, and slices to consider, that a search may have: more takes minutes, or more memory than there is. */
const MOST = { states: 12e6, slices: 4e8 };

/** Whether the search would be too large, told before it starts. */
export function isTooLarge({ steps }: Pick<Grid, 'steps'>, kinds: readonly SettledKind[]): boolean {
  const states = (steps + 1) * combinationsOf(kinds, steps);
  const thicknesses = kinds.reduce((sum, { minMm, maxMm }) => sum + Math.min(steps, maxMm) - minMm + 1, 0);
  return states > MOST.states || states * thicknesses > MOST.slices;
}

/**
 * The best plan on the grid, proven: most worth first, then least J = Σ cost + rest ÷ smallest
 * target. Dynamic programming from the far end; a state is a place and how many of each counted
 * kind have been cut before it. Of plans that are the same, the first found counts, in the order
 * stop, kinds as given, thin before thick; so the answer is the same everywhere.
 *
 * Work: places × thicknesses × combinations of counts.
 *
 * @returns null where no plan keeps all limits
 */
export function solve(grid: Grid, kinds: readonly SettledKind[]): Solution | null {
  const { steps, massG, pinned } = grid;
  const unit = unitOfRest(kinds);
  const counts = countsOf(kinds, steps);
  const size = counts.size;
  const objective = new Float64Array((steps + 1) * size).fill(NONE);
  const worth = new Float64Array((steps + 1) * size);
  const choice = new Int32Array((steps + 1) * size).fill(-1);
  const lastPin = pinned.at(-1) ?? 0;
  const nextPin = pinsAhead(pinned, steps);
  const fixed = new Set([0, ...pinned]);
  for (let from = steps; from >= 0; from--) {
    if (from >= lastPin) {
      const rest = (unit.inG ? (massG[steps] as number) - (massG[from] as number) : steps - from) / unit.size;
      for (let c = 0; c < size; c++) if (counts.isEnough(c)) objective[from * size + c] = rest;
    }
    for (let kind = 0; kind < kinds.length; kind++) {
      const settled = kinds[kind] as SettledKind;
      const [min, max] = limitsAt(grid, settled, from);
      const reach = nextPin[from] as number;
      const consider = (thickness: number): void => {
        const to = from + thickness;
        const mass = (massG[to] as number) - (massG[from] as number);
        const cost = costOf(settled, mass, thickness);
        if (cost === NONE) return;
        const gain = settled.worthPerG * mass;
        for (let c = 0; c < size; c++) {
          const after = counts.plusOne(c, kind);
          if (after < 0) continue;
          const total = cost + (objective[to * size + after] as number);
          if (total === NONE) continue;
          const value = gain + (worth[to * size + after] as number);
          const here = from * size + c;
          const [bestWorth, best] = [worth[here] as number, objective[here] as number];
          const isBetter =
            best === NONE || value > bestWorth + SAME || (value >= bestWorth - SAME && total < best - SAME);
          if (!isBetter) continue;
          worth[here] = value;
          objective[here] = total;
          choice[here] = kind * (steps + 1) + thickness;
        }
      };
      const most = Math.min(max, reach - from);
      for (let thickness = min; thickness <= most; thickness++) consider(thickness);
      // Between two cuts that a hand has fixed, the hand's word goes before the limits.
      const toPin = reach - from;
      if (fixed.has(from) && fixed.has(reach) && (toPin < min || toPin > max)) consider(toPin);
    }
  }
  return follow({ objective, worth, choice, steps, size, counts });
}

/** For every place the first fixed cut beyond it, or the end. */
function pinsAhead(pinned: readonly number[], steps: number): Int32Array {
  const ahead = new Int32Array(steps + 1);
  let next = steps;
  let index = pinned.length - 1;
  for (let place = steps; place >= 0; place--) {
    ahead[place] = next;
    if (pinned[index] === place) {
      next = place;
      index -= 1;
    }
  }
  return ahead;
}

interface Counts {
  readonly size: number;
  readonly isEnough: (state: number) => boolean;
  /** The state with one more of a kind; −1 where there are enough of it. */
  readonly plusOne: (state: number, kind: number) => number;
}

/** How many different counts of a kind are kept apart; one for a kind without bounds. */
function radixOf({ least, most, minMm }: SettledKind, steps: number): number {
  const fits = Math.floor(steps / minMm);
  return least > 0 || most < fits ? Math.min(most, Math.max(fits, least)) + 1 : 1;
}

const combinationsOf = (kinds: readonly SettledKind[], steps: number): number =>
  kinds.reduce((product, kind) => product * radixOf(kind, steps), 1);

/** How many of each counted kind have been cut, as one number in mixed radix. Kinds without bounds are not counted. */
function countsOf(kinds: readonly SettledKind[], steps: number): Counts {
  let size = 1;
  const digits = kinds.map((kind) => {
    const { least, most, minMm } = kind;
    const isCounted = least > 0 || most < Math.floor(steps / minMm);
    const radix = radixOf(kind, steps);
    const digit = { radix, place: size, least, isCounted };
    size *= radix;
    return digit;
  });
  const countIn = (state: number, kind: number): number => {
    const { radix, place } = digits[kind] as (typeof digits)[number];
    return Math.floor(state / place) % radix;
  };
  // Asked for millions of times: worked out once.
  const enough = Uint8Array.from({ length: size }, (_, state) =>
    digits.every(({ least }, kind) => countIn(state, kind) >= least) ? 1 : 0,
  );
  const after = digits.map(({ radix, place, isCounted }, kind) =>
    Int32Array.from({ length: size }, (_, state) =>
      !isCounted ? state : countIn(state, kind) + 1 < radix ? state + place : -1,
    ),
  );
  return {
    size,
    isEnough: (state) => enough[state] === 1,
    plusOne: (state, kind) => (after[kind] as Int32Array)[state] as number,
  };
}

interface Tables {
  readonly objective: Float64Array;
  readonly worth: Float64Array;
  readonly choice: Int32Array;
  readonly steps: number;
  readonly size: number;
  readonly counts: Counts;
}

function follow({ objective, worth, choice, steps, size, counts }: Tables): Solution | null {
  if (objective[0] === NONE) return null;
  const cuts: Cut[] = [];
  let [place, state] = [0, 0];
  for (;;) {
    const chosen = choice[place * size + state] as number;
    if (chosen < 0) return { cuts, worth: worth[0] as number, objective: objective[0] as number };
    const [kind, thickness] = [Math.floor(chosen / (steps + 1)), chosen % (steps + 1)];
    cuts.push({ kind, from: place, to: place + thickness });
    place += thickness;
    state = counts.plusOne(state, kind);
  }
}
