/** A zone of a flat piece, measured at its thickest. */
export interface Zone {
  readonly name: string;
  readonly thicknessMm: number;
}

/** What to do with a zone to bring it to the common thickness. */
export interface ZoneAct extends Zone {
  /** "open": cut at half height like a book, not through; "open-twice": from both sides, into three. */
  readonly act: 'leave' | 'slash' | 'open' | 'open-twice';
  /** Height of the book cut above the board; null where nothing is opened. */
  readonly cutAtMm: number | null;
  /** Depth of the slashes; zero where none are needed. */
  readonly slashMm: number;
  /** What it is then, slashes counted. */
  readonly reachedMm: number;
}

export interface EvenThickness {
  readonly thicknessMm: number;
  readonly zones: readonly ZoneAct[];
  /** Slowest zone's time over the quickest's, by conduction: before and after. */
  readonly unevenBefore: number;
  readonly unevenAfter: number;
}

/** A zone this much thicker than the rest is as good as even. */
const EVEN = 1.12;
/** Slashes help what is a little too thick; more than that wants opening. */
const MOST_TO_SLASH = 1.4;
/** Thinner than this a sheet tears. */
const THINNEST_MM = 8;
const FOLDS = { leave: 1, open: 2, 'open-twice': 3 } as const;

/**
 * How to bring a flat piece to one thickness: which zones to open like a book and how deep, which
 * only to slash. Tries each thickness that a zone has, or has once opened, and takes the one that
 * leaves the least difference, counting each cut as a little; of two, the thicker.
 *
 * By conduction alone the time for heat to reach the middle of a slab grows with the square of its
 * thickness (equal Fourier number, exact for one material and one boundary): that is the bound. In a
 * home oven the surface is held back, and it grows with a power between one and two.
 *
 * @returns null for fewer than two zones
 * @throws RangeError for a thickness that is no length
 * @example zones of 60 and 28 mm: open the first at 30 mm, leave the second; 4.6 times as uneven before, 1.1 after
 */
export function evenThickness(zones: readonly Zone[]): EvenThickness | null {
  for (const { thicknessMm, name } of zones)
    if (!(thicknessMm > 0 && thicknessMm < 400))
      throw new RangeError(`${name}: ${thicknessMm} mm is no thickness`);
  if (zones.length < 2) return null;
  const candidates = zones
    .flatMap(({ thicknessMm }) => Object.values(FOLDS).map((folds) => thicknessMm / folds))
    .filter((thickness) => thickness >= Math.min(THINNEST_MM, ...zones.map((zone) => zone.thicknessMm)));
  const plans = candidates.map((target) => planFor(zones, target));
  const best = plans.reduce((a, b) => (isBetter(b, a) ? b : a));
  return { ...best, unevenBefore: unevenness(zones.map(({ thicknessMm }) => thicknessMm)) };
}

type Plan = Omit<EvenThickness, 'unevenBefore'>;

function planFor(zones: readonly Zone[], target: number): Plan {
  const acts = zones.map((zone) => actFor(zone, target));
  return {
    thicknessMm: target,
    zones: acts,
    unevenAfter: unevenness(acts.map(({ reachedMm }) => reachedMm)),
  };
}

function actFor(zone: Zone, target: number): ZoneAct {
  const possible = (Object.keys(FOLDS) as (keyof typeof FOLDS)[]).filter(
    (each) => each === 'leave' || zone.thicknessMm / FOLDS[each] >= THINNEST_MM,
  );
  const act =
    possible.find((each) => zone.thicknessMm / FOLDS[each] <= target * MOST_TO_SLASH) ??
    possible.at(-1) ??
    'leave';
  const layer = zone.thicknessMm / FOLDS[act];
  const slashMm = layer > target * EVEN ? layer - target : 0;
  const cutAtMm = act === 'leave' ? null : layer;
  return {
    ...zone,
    act: act === 'leave' && slashMm > 0 ? 'slash' : act,
    cutAtMm,
    slashMm,
    reachedMm: layer - slashMm,
  };
}

function isBetter(a: Plan, b: Plan): boolean {
  const gap = scoreOf(a) - scoreOf(b);
  return Math.abs(gap) > 1e-9 ? gap < 0 : a.thicknessMm > b.thicknessMm;
}

/** What one cut must win in evenness to be worth making. */
const CUT_WORTH = 0.12;
const scoreOf = (plan: Plan): number => plan.unevenAfter + CUT_WORTH * cutsOf(plan);
const cutsOf = ({ zones }: Plan): number =>
  zones.reduce(
    (sum, { act, slashMm }) =>
      sum + (act === 'open-twice' ? 2 : act === 'open' ? 1 : 0) + (slashMm > 0 ? 0.5 : 0),
    0,
  );
const unevenness = (thicknesses: readonly number[]): number =>
  (Math.max(...thicknesses) / Math.min(...thicknesses)) ** 2;
