import { sum } from 'd3-array';
import type { Cold } from '../cold/cold';
import { isInUnknown, type Appliance } from '../cold/cold-places';
import type { ClockOf } from '../cold/household-clocks';
import type { Place } from '../cold/place';
import { NOTHING_H, type PowerCut } from '../cold/power-cut-note';
import { type Lot, totalDg } from '../ledger/lot';
import { addHours, minutesBetween, type Instant } from '../units/date';
import type { MassDg } from '../units/mass';
import { litresOf, roomIn } from './room';

/** Hours that the cold holds with the door shut, by how full a freezer is; and a refrigerator's. */
const COLD_HOLDS_H = { full: 48, half: 24, refrigerator: 4 } as const;

/** How long the cold holds somewhere, as far as anything published says. */
export type Holds =
  /** A published figure. */
  | { readonly hours: number; readonly says: 'published' }
  /** Between the two published figures, by how full it is: ours. */
  | { readonly hours: number; readonly says: 'between' }
  /** Less than half full: under 24 hours, and nobody knows how much. */
  | { readonly hours: null; readonly says: 'under-24' }
  /** More than a day's load is not frozen yet: the published figures are for what is frozen. */
  | { readonly hours: null; readonly says: 'not-frozen' }
  /** Nobody knows how full it is: 24 to 48 hours if it is half full or more. */
  | { readonly hours: null; readonly says: 'unknown' };

/**
 * How long a place stays cold without power, its door shut.
 *
 * @param share how full it is, 0 to 1; null where nobody knows
 * @param isWarm more than a day's load in it is not frozen yet
 * @source USDA FSIS, Keep Your Food Safe During Emergencies (from memory): 48 h full, 24 h half full, a
 *   refrigerator 4 h; between them a straight line, which is ours
 * @example coldHolds({ cold: 'freezer' }, 0.75) // { hours: 36, says: 'between' }
 */
export function coldHolds({ cold }: Pick<Place, 'cold'>, share: number | null, isWarm = false): Holds {
  if (cold === 'refrigerator') return { hours: COLD_HOLDS_H.refrigerator, says: 'published' };
  if (isWarm) return { hours: null, says: 'not-frozen' };
  if (share === null) return { hours: null, says: 'unknown' };
  if (share >= 1) return { hours: COLD_HOLDS_H.full, says: 'published' };
  if (share < 0.5) return { hours: null, says: 'under-24' };
  const hours = COLD_HOLDS_H.half + (COLD_HOLDS_H.full - COLD_HOLDS_H.half) * ((share - 0.5) / 0.5);
  return share === 0.5 ? { hours, says: 'published' } : { hours: Math.round(hours), says: 'between' };
}

/** A place without power. */
export interface PlaceWithout {
  readonly appliance: Appliance;
  readonly packs: readonly Lot[];
  /** How full of packs it is, of what is known of its size; null where nothing is. */
  readonly share: number | null;
  readonly holds: Holds;
  readonly until: Instant | null;
  /** So much of it was not frozen yet. */
  readonly freezingDg: MassDg;
}

/** What is asked of a power cut. */
export interface CutRequest {
  readonly appliances: readonly Appliance[];
  readonly stock: readonly Lot[];
  readonly clockOf: ClockOf;
  readonly cut: PowerCut | null;
  /** How full a place is said to be, by its id; what is not said is known by its packs. */
  readonly saidFull: ReadonlyMap<string, number>;
}

/** Each place with something in it, and how long its cold holds. */
export function placesWithout({ appliances, stock, clockOf, cut, saidFull }: CutRequest): PlaceWithout[] {
  return appliances.flatMap((appliance) => {
    const inside = new Set([appliance.id, ...appliance.shelves.map(({ id }) => id)]);
    const packs = stock.filter(({ place }) => place !== null && inside.has(place));
    if (packs.length === 0) return [];
    const known = packs.filter(({ place }) => !isInUnknown(appliances, place));
    const share =
      appliance.litres === null ? null : litresOf(sum(known, ({ leftDg }) => leftDg)) / appliance.litres;
    const freezing = packs.filter((pack) => clockOf(pack).state === 'freezing');
    const freezingDg = sum(freezing, ({ leftDg }) => leftDg);
    const isWarm = appliance.litres !== null && freezingDg > roomIn(appliance.litres, 0).perDayDg;
    const holds = coldHolds(appliance, saidFull.get(appliance.id) ?? share, isWarm);
    const until = holds.hours === null || cut === null ? null : addHours(cut.from, holds.hours);
    return [{ appliance, packs, share, holds, until, freezingDg }];
  });
}

/** What a pack asks for after so long without power. */
export type CutAdvice =
  /** The door stays shut, and nothing is to be done. */
  | 'nothing'
  /** Looked at once the power is back: what has ice in it or is cold stays. */
  | 'check'
  /** Over four hours in a refrigerator: thrown away unless a thermometer says that it stayed cold. */
  | 'measure';

/** A pack after a power cut. */
export interface PackWithout {
  readonly pack: Lot;
  readonly cold: Cold;
  readonly advice: CutAdvice;
  /** Somebody has looked at it since the power went. */
  readonly isChecked: boolean;
}

/**
 * What to look at, the most endangered first: what was freezing, what was thawing or lay in a
 * refrigerator, then the thinnest and lightest, which are warm first. What came after the power was
 * back is not among it.
 *
 * @param places as they were without power
 * @param nowhere what is there and of which nobody has said where it lies: most likely in the refrigerator
 */
export function packsWithout(
  places: readonly PlaceWithout[],
  cut: PowerCut | null,
  now: Instant,
  clockOf: ClockOf,
  nowhere: readonly Lot[] = [],
): PackWithout[] {
  const outH = cut === null ? null : minutesBetween(cut.from, cut.to ?? now) / 60;
  const all = [...places, { packs: nowhere, appliance: null, holds: NOBODY_KNOWS }].flatMap((place) =>
    place.packs.flatMap((pack) => {
      if (cut?.to !== undefined && cameAfter(pack, cut.to)) return [];
      const cold = clockOf(pack);
      const isChecked = pack.cold.some(
        ({ what, at, clock }) => what === 'checked' && cut !== null && (clock ?? at) >= cut.from,
      );
      return [{ pack, cold, advice: adviceOf(cold, place, outH), isChecked }];
    }),
  );
  return all.sort(
    (a, b) => danger(a) - danger(b) || size(a.pack) - size(b.pack) || (a.pack.id < b.pack.id ? -1 : 1),
  );
}

/** Of a place that nobody has named. */
const NOBODY_KNOWS: Holds = { hours: null, says: 'unknown' };

function adviceOf(
  { state }: Cold,
  { appliance, holds }: { readonly appliance: Appliance | null; readonly holds: Holds },
  outH: number | null,
): CutAdvice {
  if (outH === null || outH <= NOTHING_H) return 'nothing';
  const isInFridge = appliance === null ? state !== 'frozen' : appliance.cold === 'refrigerator';
  if (isInFridge) return 'measure';
  if (state !== 'frozen' || holds.hours === null) return 'check';
  return outH > holds.hours ? 'check' : 'nothing';
}

const danger = ({ cold: { state } }: PackWithout): number =>
  state === 'freezing' ? 0 : state === 'frozen' ? 2 : 1;
const size = (pack: Lot): number => (pack.thicknessMm ?? 40) * Math.cbrt(totalDg(pack));

/** Whether it was made or put there once the power was back. */
function cameAfter({ madeAt, cold }: Lot, back: Instant): boolean {
  const put = cold.findLast(({ what }) => what === 'placed');
  return (put?.clock ?? put?.at ?? madeAt) >= back;
}
