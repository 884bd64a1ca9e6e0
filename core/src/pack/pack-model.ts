import { eaterTypes, type EaterType } from './eater-types';
import { GrowingProgram, type ColumnSource } from './growing-program';
import { halvesColumns } from './halves-columns';
import { heapColumns } from './heap-columns';
import { mealKinds } from './meal-kinds';
import { OUT_OF_PLACE } from './out-of-place';
import type { PackMeaning } from './pack-meaning';
import type { PackRequest } from './pack-request';
import type { PackUnit } from './pack-units';
import { plateColumns } from './plate-columns';
import { platedColumns } from './plated-columns';
import { sharedColumns } from './shared-columns';
import { unitRows, type UnitRows } from './unit-rows';

/** A pack that is missing costs more than any plan, kg. */
const MISSING = 50;

/** The packing of a table as a program, whose plates and packs are written down as they are needed. */
export interface PackModel {
  readonly types: readonly EaterType[];
  readonly units: readonly UnitRows[];
  readonly program: GrowingProgram<PackMeaning>;
  /** What is out of place where nothing is packed, g. */
  readonly nothingG: number;
  readonly sources: readonly ColumnSource[];
}

/**
 * The packing of units of a table as a program: a variable for every plate that portions can make,
 * for every pack, and for the grams that fill a heap's packs. Rows: what there is of each; plates
 * made = plates packed, by eater and share; how many packs of a kind are wanted.
 *
 * @param units those that are planned together, by their index
 */
export function packModel(
  request: PackRequest,
  all: readonly PackUnit[],
  units: readonly number[],
): PackModel {
  const types = eaterTypes(request);
  const program = new GrowingProgram<PackMeaning>();
  const countRows = new Map(
    request.packs.map(({ count: [least, most] }, k): [number, number[]] => [
      k,
      [...(least > 0 ? [program.row('≥', least)] : []), program.row('≤', most)],
    ]),
  );
  for (const [k, { count }] of request.packs.entries())
    if (count[0] > 0)
      program.add(
        `missing ${k}`,
        { is: 'missing', unit: -1 },
        MISSING,
        [[countRows.get(k)?.[0] ?? 0, 1]],
        false,
      );
  const rows = units.map((index) => {
    const unit = all[index] as PackUnit;
    return unitRows(index, unit, types, mealKinds(request, types, unit.parts), program, countRows);
  });
  const sources = rows.flatMap((each) => {
    halvesColumns(each);
    heapColumns(each);
    return [
      plateColumns(each, request.mostPieces),
      platedColumns(each),
      sharedColumns(each, request.mostPieces),
    ];
  });
  return { types, units: rows, program, sources, nothingG: nothingOf(rows) };
}

function nothingOf(rows: readonly UnitRows[]): number {
  return rows.reduce(
    (sum, { unit: { pieces, pool } }) =>
      sum +
      pieces.reduce((total, { leftG, ids }) => total + leftG * ids.length, 0) +
      (pool?.massG ?? 0) * OUT_OF_PLACE.collected,
    0,
  );
}
