import { mean } from 'd3-array';
import { kindById, partOf } from '../catalogue/kinds';
import { familyOf } from '../ledger/leaves';
import type { Lot, LotId } from '../ledger/lot';
import { valuesOf, type Household } from '../records/household';
import { followWeights } from '../slice/aimed-slices';
import type { Profile } from '../slice/profile';
import { standingAfter, type CutSlice } from '../slice/replan';
import { readSlices } from '../slice/read-slices';
import type { SlicesRequest } from '../slice/slices-request';
import { lyingMm } from '../slice/lying';
import type { Request, SliceHow } from '../slice/wish';

/** A slice that is off, where it likely was, with its true weight. */
export interface CutOff {
  readonly fromMm: number;
  readonly toMm: number;
  readonly massG: number;
  readonly how?: SliceHow;
}

/** A plan of slices, and what has been cut and weighed of it. */
export type SlicingSoFar = ReturnType<typeof followWeights> & {
  readonly profile: Profile;
  readonly request: Request;
  readonly cutOff: readonly CutOff[];
};

/** How the log of a piece was measured and what was wished of it; null before anything was. */
export function savedSlices(household: Pick<Household, 'records'>, piece: Lot): SlicesRequest | null {
  return valuesOf(household, 'slicing').get(piece.id) ?? null;
}

/**
 * What is left of a piece's plan of slices after what was weighed since it was made. Several weighed
 * at once are as many slices of their mean weight.
 *
 * @returns null where nothing was planned, or the plan cannot be read
 */
export function slicingSoFar(household: Household, piece: Lot): SlicingSoFar | null {
  const saved = savedSlices(household, piece);
  const read = saved && readSlices(saved);
  if (!saved || !read?.ok) return null;
  const { profile, request } = read.value;
  const cuts = weighedSince(household, piece, saved.after);
  const hasSquareOff = request.squareOffMm > 0 && cuts[0] !== undefined && !isPortion(cuts[0]);
  const own = cuts.filter((cut, index) => isPortion(cut) || (index === 0 && hasSquareOff));
  const weights = own.flatMap(({ inDg, count }) => Array.from({ length: count }, () => inDg / 10 / count));
  const followed = followWeights(profile, request, weights, hasSquareOff);
  return { ...followed, profile, request, cutOff: cutOff(profile, request.from, followed.done) };
}

/**
 * How thick each slice of a piece came out, by the lot that was weighed, mm: from its weight and where
 * on the log it was cut. Several weighed at once have their mean. So nobody measures it again to know
 * how long a pack freezes.
 *
 * @returns nothing where no plan of slices was taken to the board
 */
export function sliceThickness(household: Household, piece: Lot): Map<LotId, number> {
  const saved = savedSlices(household, piece);
  const soFar = slicingSoFar(household, piece);
  if (!saved || !soFar) return new Map();
  const cuts = weighedSince(household, piece, saved.after);
  const hasSquareOff = soFar.request.squareOffMm > 0 && cuts[0] !== undefined && !isPortion(cuts[0]);
  const own = cuts.filter((cut, index) => isPortion(cut) || (index === 0 && hasSquareOff));
  let at = 0;
  return new Map(
    own.flatMap((cut, index): (readonly [LotId, number])[] => {
      const slices = soFar.cutOff.slice(at, at + cut.count);
      at += cut.count;
      if (slices.length === 0 || (index === 0 && hasSquareOff)) return [];
      return [[cut.id, mean(slices, (slice) => lyingMm(soFar.profile, slice)) ?? 0]];
    }),
  );
}

const isPortion = ({ kind, part }: Lot): boolean => partOf(kindById(kind), part)?.portion !== undefined;

/** What came off the piece since the plan was made: by the journal's order, for a device's clock may be wrong. */
function weighedSince({ journal }: Household, piece: Lot, after: string | undefined): Lot[] {
  if (after === undefined) return [];
  const { entries, state } = journal;
  const later = new Set(
    entries.slice(entries.findLastIndex(({ id }) => id === after) + 1).map(({ id }) => id),
  );
  return familyOf(state, piece)
    .slice(1)
    .filter((cut) => later.has(cut.made));
}

function cutOff(profile: Profile, from: 'start' | 'end', done: readonly CutSlice[]): CutOff[] {
  const along = (mm: number): number => (from === 'start' ? mm : profile.lengthMm - mm);
  const ends = [0, ...done.map((_, index) => standingAfter(profile, from, done.slice(0, index + 1)).endMm)];
  return done.map(({ massG, how = 'cut' }, index) => {
    const [a, b] = [along(ends[index] ?? 0), along(ends[index + 1] ?? 0)];
    return { fromMm: Math.min(a, b), toMm: Math.max(a, b), massG, how };
  });
}
