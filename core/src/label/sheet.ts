import * as z from 'zod';

/** Sizes of paper, mm (ISO 216; ANSI letter, exact). */
const SHEET_PAPERS = { A4: [210, 297], Letter: [215.9, 279.4] } as const;

const mm = z.number().min(0).max(1000);
/** A sheet of labels, or a roll, where each page is one label. */
export const sheetSchema = z.strictObject({
  name: z.string().min(1).max(60),
  paper: z.enum(['A4', 'Letter', 'roll']),
  rows: z.int().positive().max(60),
  columns: z.int().positive().max(20),
  labelMm: z.tuple([z.number().positive().max(1000), z.number().positive().max(1000)]),
  /** From the left and upper edges of the paper to the first label. */
  marginMm: z.tuple([mm, mm]),
  gapMm: z.tuple([mm, mm]),
});

export type Sheet = z.infer<typeof sheetSchema>;

/** Common grids by their measures, and rolls by the size of a label. */
export const SHEETS: readonly Sheet[] = [
  {
    name: 'A4, 3 × 8, 70 × 37 mm',
    paper: 'A4',
    rows: 8,
    columns: 3,
    labelMm: [70, 37],
    marginMm: [0, 0.5],
    gapMm: [0, 0],
  },
  {
    name: 'A4, 2 × 7, 99.1 × 38.1 mm',
    paper: 'A4',
    rows: 7,
    columns: 2,
    labelMm: [99.1, 38.1],
    marginMm: [4.65, 15.15],
    gapMm: [2.5, 0],
  },
  {
    name: 'A4, 2 × 4, 99.1 × 67.7 mm',
    paper: 'A4',
    rows: 4,
    columns: 2,
    labelMm: [99.1, 67.7],
    marginMm: [4.65, 13.1],
    gapMm: [2.5, 0],
  },
  {
    name: 'Letter, 2 × 5, 4 × 2 in',
    paper: 'Letter',
    rows: 5,
    columns: 2,
    labelMm: [101.6, 50.8],
    marginMm: [3.96, 12.7],
    gapMm: [4.78, 0],
  },
  {
    name: 'Letter, 2 × 7, 4 × 1⅓ in',
    paper: 'Letter',
    rows: 7,
    columns: 2,
    labelMm: [101.6, 33.87],
    marginMm: [3.96, 21.15],
    gapMm: [4.78, 0],
  },
  {
    name: 'roll, 62 × 40 mm',
    paper: 'roll',
    rows: 1,
    columns: 1,
    labelMm: [62, 40],
    marginMm: [0, 0],
    gapMm: [0, 0],
  },
  {
    name: 'roll, 57 × 32 mm',
    paper: 'roll',
    rows: 1,
    columns: 1,
    labelMm: [57, 32],
    marginMm: [0, 0],
    gapMm: [0, 0],
  },
];

/** The grid that a household begins with: of the paper that is sold where it weighs so. */
export function usualSheet(system: 'metric' | 'imperial', sheets: readonly Sheet[] = SHEETS): Sheet {
  return sheets.find(({ paper }) => paper === (system === 'imperial' ? 'Letter' : 'A4')) as Sheet;
}

/** A label smaller than this has no room for what must be on it. */
const LEAST_MM = [45, 25] as const;

/** What is wrong with a grid, in one sentence; null where it fits the paper. */
export function sheetProblem({ paper, rows, columns, labelMm, marginMm, gapMm }: Sheet): string | null {
  if (labelMm[0] < LEAST_MM[0] || labelMm[1] < LEAST_MM[1])
    return `A label of ${labelMm[0]} × ${labelMm[1]} mm is too small to read: take ${LEAST_MM[0]} × ${LEAST_MM[1]} mm at least.`;
  if (paper === 'roll') return null;
  const [width, height] = SHEET_PAPERS[paper];
  const needs = [
    marginMm[0] + columns * labelMm[0] + (columns - 1) * gapMm[0],
    marginMm[1] + rows * labelMm[1] + (rows - 1) * gapMm[1],
  ] as const;
  const say = (what: string, need: number, has: number): string =>
    `${what} need ${need.toFixed(1)} mm, and ${paper} has ${has} mm. Take fewer, smaller ones, or less margin.`;
  if (needs[0] > width + 0.05) return say(`${columns} columns`, needs[0], width);
  return needs[1] > height + 0.05 ? say(`${rows} rows`, needs[1], height) : null;
}

/** Where a label lies. */
export interface Spot {
  readonly page: number;
  /** Of its upper left corner, from the paper's, mm. */
  readonly xMm: number;
  readonly yMm: number;
}

/**
 * Where so many labels lie on a grid, along the rows.
 *
 * @param first the first free label of a started sheet, from 1
 */
export function spotsOf(
  { paper, rows, columns, labelMm, marginMm, gapMm }: Sheet,
  first: number,
  count: number,
): Spot[] {
  const perPage = paper === 'roll' ? 1 : rows * columns;
  return Array.from({ length: count }, (_, index) => {
    const at = paper === 'roll' ? index : index + first - 1;
    const [row, column] = [Math.floor((at % perPage) / columns), at % columns];
    return {
      page: Math.floor(at / perPage),
      xMm: marginMm[0] + column * (labelMm[0] + gapMm[0]),
      yMm: marginMm[1] + row * (labelMm[1] + gapMm[1]),
    };
  });
}

/** The size of a page, mm. */
export function pageMm({ paper, labelMm }: Sheet): readonly [number, number] {
  return paper === 'roll' ? labelMm : SHEET_PAPERS[paper];
}
