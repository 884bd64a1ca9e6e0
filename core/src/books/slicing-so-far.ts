import { kindById, partOf } from '../catalogue/kinds';
import { familyOf } from '../ledger/leaves';
import type { Lot } from '../ledger/lot';
import { valuesOf, type Household } from '../records/household';
import { followWeights } from '../slice/aimed-slices';
import type { Profile } from '../slice/profile';
import { standingAfter, type CutSlice } from '../slice/replan';
import { readSlices, type SlicesRequest } from '../slice/slices-request';
import type { Request } from '../slice/wish';

/** A slice that is off, where it likely was, with its true weight. */
export interface CutOff {
  readonly fromMm: number;
  readonly toMm: number;
  readonly massG: number;
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
  return done.map(({ massG }, index) => {
    const [a, b] = [along(ends[index] ?? 0), along(ends[index + 1] ?? 0)];
    return { fromMm: Math.min(a, b), toMm: Math.max(a, b), massG };
  });
}
