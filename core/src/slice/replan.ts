import { failure, type Result } from '../units/result';
import { KNIFE_MM } from './likely-range';
import { planSlices } from './plan';
import { turned, type Profile } from './profile';
import type { Plan, Request, SliceHow, Wish } from './wish';

/** A slice that is off, as it was aimed and as it weighed. */
export interface CutSlice {
  /** Its kind, for wishes that count kinds; "square-off" for the first cut. */
  readonly kind: string;
  /** Where the knife was aimed, from the starting end, in mm. */
  readonly aimedToMm: number;
  readonly massG: number;
  /** How it was made, where it was not just cut through. */
  readonly how?: SliceHow;
}

/** Where the log now begins, and what the rest is like. */
export interface Standing {
  /** The likely place of the last cut, from the starting end, mm. */
  readonly endMm: number;
  readonly leftG: number;
  /** What a slice weighs against what was expected of it, so far. */
  readonly heavier: number;
}

/** The shape of a log is known to this share at a place; an estimate of ours. */
const SHAPE = 0.03;

/**
 * Where the knife truly is after some slices. A slice that weighs more than was expected was cut
 * thicker, or the log is heavier there: both are likely, each by its own doubt (the knife is off
 * by 2 mm, the shape by 3 %), and the place is settled between them.
 */
export function standingAfter(log: Profile, from: Request['from'], done: readonly CutSlice[]): Standing {
  const profile = from === 'start' ? log : turned(log);
  let [endMm, takenG, expectedG] = [0, 0, 0];
  for (const { aimedToMm, massG } of done) {
    const heavier = expectedG > 0 ? takenG / expectedG : 1;
    const byWeight = placeOf(profile, profile.massTo(endMm) + massG / heavier);
    const thickness = Math.max(1, aimedToMm - endMm);
    const trust = KNIFE_MM ** 2 / (KNIFE_MM ** 2 + (SHAPE * thickness) ** 2);
    const place = Math.min(profile.lengthMm, aimedToMm + trust * (byWeight - aimedToMm));
    expectedG += profile.massTo(place) - profile.massTo(endMm);
    takenG += massG;
    endMm = place;
  }
  return {
    endMm,
    leftG: Math.max(0, profile.massG - takenG),
    heavier: expectedG > 0 ? takenG / expectedG : 1,
  };
}

function placeOf({ massTo, lengthMm }: Profile, massG: number): number {
  let [low, high] = [0, lengthMm];
  for (let halving = 0; halving < 50; halving++) {
    const middle = (low + high) / 2;
    if (massTo(middle) < massG) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * Plans the rest anew after each real slice has been weighed: from where the knife likely is, with
 * the rest of the log scaled to the mass that is truly left.
 *
 * @param log the log as it was measured at first
 * @param request what was wished at first
 * @returns a plan of what is left; places from the start of the log
 */
export function replan(log: Profile, request: Request, done: readonly CutSlice[]): Result<Plan> {
  if (done.length === 0) return planSlices(log, request);
  const { endMm, leftG } = standingAfter(log, request.from, done);
  const wish = wishLeft(
    request.wish,
    done
      .filter(({ kind, how }) => kind !== 'square-off' && how !== 'head' && how !== 'folded')
      .map(({ kind }) => kind),
  );
  if (!wish) return failure('Everything that was asked for is cut.');
  return planSlices(scaled(log, request.from, endMm, leftG), {
    ...request,
    wish,
    squareOffMm: endMm,
    // The head is off with the first slice.
    headMm: done.some(({ kind }) => kind !== 'square-off') ? 0 : request.headMm,
    pinnedMm: request.pinnedMm?.filter((mm) => (request.from === 'start' ? mm : log.lengthMm - mm) > endMm),
  });
}

/** The log with what lies beyond a place weighing what is truly left. */
function scaled(log: Profile, from: Request['from'], endMm: number, leftG: number): Profile {
  const edge = from === 'start' ? endMm : log.lengthMm - endMm;
  const rest = from === 'start' ? log.massG - log.massTo(edge) : log.massTo(edge);
  const factor = rest > 0 ? leftG / rest : 1;
  return {
    ...log,
    massG: log.massG * factor,
    densityGPerCm3: log.densityGPerCm3 * factor,
    massTo: (mm) => log.massTo(mm) * factor,
  };
}

/** What is still wished once some are cut; null when nothing is. */
function wishLeft(wish: Wish, done: readonly string[]): Wish | null {
  if (wish.by === 'equal')
    return wish.count > done.length ? { ...wish, count: wish.count - done.length } : null;
  if (wish.by !== 'mix') return wish;
  const left = (name: string, count: number): number =>
    Math.max(0, count - done.filter((kind) => kind === name).length);
  const kinds = wish.kinds
    .map((kind) =>
      kind.count
        ? { ...kind, count: [left(kind.name, kind.count[0]), left(kind.name, kind.count[1])] as const }
        : kind,
    )
    .filter(({ count }) => count === undefined || count[1] > 0);
  return kinds.length > 0 ? { ...wish, kinds } : null;
}
