import type { Request, SliceKind } from './wish';

/** A kind of slice with every limit settled, on the 1 mm grid. */
export interface SettledKind {
  readonly name: string;
  readonly minMm: number;
  readonly maxMm: number;
  /** Weight aimed at, and how far off it may be. */
  readonly targetG: number | null;
  readonly tolerance: number | null;
  /** Thickness aimed at. */
  readonly aimMm: number | null;
  readonly least: number;
  readonly most: number;
  readonly worthPerG: number;
}

/**
 * The kinds of slices that a wish asks for, each with its own limits before the common ones.
 * "Equal" has none: its cuts are no grid's.
 */
export function kindsOf({
  wish,
  minThicknessMm,
  maxThicknessMm,
}: Pick<Request, 'wish' | 'minThicknessMm' | 'maxThicknessMm'>): SettledKind[] {
  const common = { minThicknessMm, maxThicknessMm };
  switch (wish.by) {
    case 'weight':
      return [settled({ name: 'slice', targetG: wish.targetG, tolerance: wish.tolerance }, common)];
    case 'thickness':
      return [
        settled(
          {
            name: 'slice',
            thicknessMm: wish.thicknessMm,
            minThicknessMm: Math.floor(wish.thicknessMm),
            maxThicknessMm: Math.ceil(wish.thicknessMm),
          },
          common,
        ),
      ];
    case 'mix':
      return wish.kinds.map((kind) => settled(kind, common));
    case 'equal':
      return [];
  }
}

function settled(
  kind: SliceKind,
  common: { readonly minThicknessMm: number; readonly maxThicknessMm: number },
): SettledKind {
  const { name, lengthMm, targetG, thicknessMm, count = [0, Infinity], worthPerKg = 0, tolerance } = kind;
  const [min, max] =
    lengthMm === undefined
      ? [kind.minThicknessMm ?? common.minThicknessMm, kind.maxThicknessMm ?? common.maxThicknessMm]
      : [lengthMm, lengthMm];
  return {
    name,
    minMm: Math.max(1, Math.ceil(min - 1e-9)),
    maxMm: Math.floor(max + 1e-9),
    targetG: targetG ?? null,
    tolerance: tolerance ?? null,
    aimMm: thicknessMm ?? null,
    least: count[0],
    most: count[1],
    worthPerG: worthPerKg / 1000,
  };
}
