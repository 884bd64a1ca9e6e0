import { turned, type Profile } from './profile';
import type { Request } from './wish';

/** The stretch of a log that is sliced, seen from the end where cutting starts, on a 1 mm grid. */
export interface Grid {
  /** The log from its starting end on. */
  readonly profile: Profile;
  /** Where the head ends and slicing begins, in mm from the starting end. */
  readonly startMm: number;
  /** Where slicing must stop. */
  readonly stopMm: number;
  /** From here on faces are too thin; `stopMm` where none are. */
  readonly thinFromMm: number;
  /** Steps of 1 mm that fit between start and stop. */
  readonly steps: number;
  /** Mass from the start to each step, g. */
  readonly massG: Float64Array;
  /** Steps at which a hand has fixed a cut. */
  readonly pinned: readonly number[];
  /** From a place seen from the starting end to one seen from the start of the log. */
  readonly toLogMm: (mm: number) => number;
}

/** Lays the grid over a log. */
export function gridOf(
  log: Profile,
  { from, squareOffMm, headMm = 0, stopAtMm, tail, pinnedMm = [] }: Request,
): Grid {
  const profile = from === 'start' ? log : turned(log);
  const toLogMm = (mm: number): number => (from === 'start' ? mm : log.lengthMm - mm);
  const stopMm = stopAtMm === null ? log.lengthMm : toLogMm(stopAtMm);
  const startMm = Math.min(stopMm, squareOffMm + headMm);
  const thinFromMm = tail ? thinFrom(profile, startMm, stopMm, tail.faceMm) : stopMm;
  const end = tail && tail.rule !== 'double' ? thinFromMm : stopMm;
  const steps = Math.max(0, Math.floor(end - startMm + 1e-9));
  const before = profile.massTo(startMm);
  const massG = Float64Array.from(
    { length: steps + 1 },
    (_, step) => profile.massTo(startMm + step) - before,
  );
  const pinned = [...new Set(pinnedMm.map((mm) => Math.round(toLogMm(mm) - startMm)))]
    .filter((step) => step > 0 && step <= steps)
    .sort((a, b) => a - b);
  return { profile, startMm, stopMm, thinFromMm, steps, massG, pinned, toLogMm };
}

function thinFrom({ widthAt, heightAt }: Profile, fromMm: number, toMm: number, faceMm: number): number {
  for (let mm = Math.ceil(fromMm); mm < toMm; mm++)
    if (Math.min(widthAt(mm), heightAt(mm)) < faceMm) return mm;
  return toMm;
}
