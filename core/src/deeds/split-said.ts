import { isUnlikelySplit, splitWeights } from '../board/split-weights';
import { countReader } from '../format/readers';
import type { Format } from '../format/format';
import { meantWeight, type Meant } from '../board/meant-weight';
import type { Lot } from '../ledger/lot';
import { scaleToleranceDg } from '../ledger/scale-tolerance';
import { failure, success, type Result } from '../units/result';
import type { TypedMass } from '../units/parse-mass';
import type { WayOfSome } from './split-piece';

/** Some of several pieces, as they are typed: how many, cut how, and what they weigh if they were weighed. */
export interface SomeTyped {
  readonly count: string;
  readonly way: string;
  readonly weight: string;
}

/** What was typed, as it would be written down. */
export interface SplitRead {
  readonly groups: readonly WayOfSome[];
  /** All were weighed, and come to so much less than is there: somebody has to say where that is. */
  readonly missingDg: number;
  /** What would be left for those that were not weighed is hardly theirs. */
  readonly isUnlikely: boolean;
}

const readCount = countReader(1, 999);

/** How many stay: what the others leave. */
export const staysOf = (piece: Lot, rows: readonly SomeTyped[]): number =>
  rows.slice(1).reduce((left, { count }) => left - (readCount(count).value ?? 0), piece.count);

/** Which field cannot be so, and why. */
export interface SplitProblem {
  readonly row: number;
  readonly field: 'count' | 'weight';
  readonly says: string;
  /** What was probably meant, where a weight cannot be one of theirs. */
  readonly meant?: readonly Meant[];
}

/**
 * Reads how several pieces are to be split.
 *
 * @param rows the first are those that stay: their number is what the others leave, whatever it says
 * @returns or the first field that cannot be so
 */
export function readSplit(
  piece: Lot,
  rows: readonly SomeTyped[],
  format: Format,
): Result<SplitRead, SplitProblem> {
  const counts = rows.map(({ count }, row) => (row === 0 ? 0 : (readCount(count).value ?? 0)));
  const stays = staysOf(piece, rows);
  for (const [row, { count }] of rows.entries())
    if (row > 0 && (counts[row] ?? 0) < 1)
      return failure({ row, field: 'count', says: readCount(count).problem ?? 'How many go another way?' });
  if (stays < 1)
    return failure({
      row: rows.length - 1,
      field: 'count',
      says: `There are ${piece.count}: at least one has to stay.`,
    });
  const weights = rows.map(({ weight }, row) =>
    weightOf(weight, row === 0 ? stays : (counts[row] ?? 0), piece, format),
  );
  for (const [row, { problem }] of weights.entries())
    if (problem) return failure({ row, field: 'weight', ...problem });
  const typed = weights.map(({ value }) => value ?? null);
  const groups = rows.map(({ way }, row) => ({
    count: row === 0 ? stays : (counts[row] ?? 0),
    way,
    massDg: typed[row]?.massDg ?? null,
  }));
  return weighed(piece, groups, typed, format);
}

type Group = Omit<WayOfSome, 'massDg' | 'typed'> & { readonly massDg: number | null };

function weighed(
  piece: Lot,
  groups: readonly Group[],
  typed: readonly (TypedMass | null)[],
  format: Format,
): Result<SplitRead, SplitProblem> {
  const last = typed.findLastIndex((each) => each !== null);
  const wrong = (says: string): Result<SplitRead, SplitProblem> =>
    failure({ row: Math.max(0, last), field: 'weight', says });
  const { value: weights } = splitWeights(piece.leftDg, groups);
  if (!weights)
    return wrong(`That leaves nothing for the others: all of it is ${format.mass(piece.leftDg)}.`);
  if (-weights.missingDg > scaleToleranceDg(piece.leftDg))
    return wrong(
      `Together ${format.mass(piece.leftDg - weights.missingDg)}, more than the ${format.mass(piece.leftDg)} that there is. Weigh again, or correct the purchase.`,
    );
  return success({
    groups: groups.map(({ count, way }, row) => ({
      count,
      way,
      massDg: weights.massesDg[row] ?? 0,
      typed: typed[row]?.typed ?? null,
    })),
    missingDg: Math.max(0, weights.missingDg),
    isUnlikely: isUnlikelySplit(groups, weights.massesDg),
  });
}

/** They weigh half to twice their share, as far as anybody knows before they are weighed; an estimate of our own. */
const OF_SHARE = [1 / 2, 2] as const;

/** A weight of so many of them; null where none is typed. */
function weightOf(
  text: string,
  count: number,
  { leftDg, count: all }: Lot,
  format: Format,
): Result<TypedMass | null, Pick<SplitProblem, 'says' | 'meant'>> {
  if (text.trim() === '') return success(null);
  const [low, high] = OF_SHARE.map((times) => (times * leftDg * count) / all) as [number, number];
  const asked = { inDg: leftDg, leftDg, isDrained: false, usual: [low, high], portion: null, count } as const;
  const read = meantWeight(text, asked, format.style());
  if (read?.is === 'doubt' && read.asTyped === null)
    return failure({
      says: `${text.trim()} is hardly the weight of ${count === 1 ? 'one' : count} of them.`,
      meant: read.meant,
    });
  const mass = read?.is === 'weight' ? read.mass : (read?.asTyped ?? null);
  return mass && mass.massDg > 0
    ? success(mass)
    : failure({ says: `Write it like ${format.mass(15_000)}, or leave it empty.` });
}
