import { SHAPES } from './freezing-time';
import type { MeatProperties } from './meat-properties';
import { fromDg, type MassDg } from '../units/mass';

/** A way to thaw, with its caution. */
export interface WayToThaw {
  readonly name: string;
  readonly caution: string;
  /** What the meat lies in, °C, and how that takes the cold off, W/(m²·K). */
  readonly airC: number;
  readonly h: number;
  /** Hours to allow for so many pounds, by the published rule. */
  readonly hours: (pounds: number) => number;
  /** Where how thick it lies is known, the way of the heat counts beside the rule: still air is slow. */
  readonly isSlow: boolean;
}

const DAY_H = 24;
/** The published rules: a day in the refrigerator for each 4 to 5 lb, and a full day at least. */
const LB_A_DAY = { fastest: 5, slowest: 4 };
/** A scale shows a pound as a figure that is a hair more or less. */
const HAIR_LB = 0.001;

/**
 * In cold water: about a pound in an hour or less, 3 to 4 lb in 2 to 3 hours, 30 minutes a pound for whole
 * turkeys. At the earliest it is soft after 30 minutes a pound, published for birds: from then on its
 * time to be cooked runs.
 */
const WATER = {
  soonest: { leastH: 0.25, perLbH: 0.5 },
  ready: { leastH: 1, perLbH: 0.75 },
  largeLb: 4,
  largeH: 3,
};

/** Still ice in it: so many hours more, and so often at most. */
export const MORE_H = 0.5;
export const MOST_TIMES = 4;

/** Whole days to allow in a refrigerator, by the published rule at its slower end. */
const slowestDays = (pounds: number): number => Math.max(1, Math.ceil((pounds - HAIR_LB) / LB_A_DAY.slowest));

const soonestH = (pounds: number): number => Math.max(WATER.soonest.leastH, pounds * WATER.soonest.perLbH);
const readyH = (pounds: number): number =>
  pounds - HAIR_LB <= WATER.largeLb
    ? Math.max(WATER.ready.leastH, pounds * WATER.ready.perLbH)
    : Math.max(WATER.largeH, soonestH(pounds));

/** Ways to thaw, the gentlest first. A new one is an entry here, and its name in `thawing` of `ledger/entry`. */
export const THAWING = {
  refrigerator: {
    name: 'in the refrigerator',
    caution: 'On a tray, at the bottom, so that nothing drips on other food. Never on the counter.',
    airC: 4,
    h: 8,
    hours: (pounds) => slowestDays(pounds) * DAY_H,
    isSlow: true,
  },
  'cold-water': {
    name: 'in cold water',
    caution:
      'In a tight bag, the water at most 21 °C (70 °F) or with ice in it, changed every 30 minutes; cook at once. Vacuum-packed food too is thawed cold.',
    airC: 15,
    h: 150,
    hours: readyH,
    isSlow: false,
  },
} as const satisfies Readonly<Record<string, WayToThaw>>;

export type ThawingWay = keyof typeof THAWING;

/** How something was thawed; the microwave is not planned with, since it begins to cook what it thaws. */
export const THAWED = {
  ...THAWING,
  microwave: {
    name: 'in the microwave',
    caution: 'Parts of it begin to cook: out of its wrap, and cook all of it at once.',
  },
} as const;

/**
 * Hours to allow for thawing by the published rule, at its slower end.
 *
 * @source USDA FSIS, The Big Thaw (from memory)
 * @example ruleHours(0.5 kg in dg, THAWING.refrigerator) // 24; 4 lb: 24; 5 lb: 48
 */
export function ruleHours(massDg: MassDg, { hours }: WayToThaw): number {
  return hours(fromDg(massDg, 'lb'));
}

/**
 * Whole days in a refrigerator until something may be through, at the earliest: from then on it is
 * fresh meat and its days are counted.
 *
 * @source USDA FSIS, The Big Thaw (from memory)
 * @example 0.5 kg: 1; a bird of 7 kg (15.4 lb): 3
 */
export function daysUntilThrough(massDg: MassDg): number {
  return Math.max(1, Math.floor((fromDg(massDg, 'lb') + HAIR_LB) / LB_A_DAY.fastest));
}

/**
 * Hours in cold water until something may be soft, at the earliest, and until it is ready.
 *
 * @source USDA FSIS, The Big Thaw (from memory); the earlier figure is published for whole turkeys
 * @example 1 lb: soft after 0.5, ready after 1; 6 lb: 3 and 3
 */
export function waterHours(massDg: MassDg): { softH: number; readyH: number } {
  const pounds = fromDg(massDg, 'lb');
  return { softH: soonestH(pounds), readyH: readyH(pounds) };
}

/**
 * Hours to thaw a flat pack by heat conduction: Plank's equation turned round, through what is
 * thawed, which conducts a third as well as ice.
 *
 * @source Singh and Heldman, Introduction to Food Engineering (from memory); surface values ASHRAE (from memory)
 */
export function conductionHours(thicknessMm: number, { airC, h }: WayToThaw, meat: MeatProperties): number {
  const { p, r } = SHAPES.slab;
  const a = thicknessMm / 1000;
  return (
    (((meat.densityKgM3 * meat.latentKjKg * 1000) / (airC - meat.freezingC)) *
      ((p * a) / h + (r * a * a) / meat.unfrozenConductivity)) /
    3600
  );
}

/** Hours to allow: by the rule, and in still air, where the thickness is known, by conduction; the longer counts. */
export function thawingHours(
  massDg: MassDg,
  thicknessMm: number | null,
  way: WayToThaw,
  meat: MeatProperties,
): number {
  const byRule = ruleHours(massDg, way);
  return thicknessMm === null || !way.isSlow
    ? byRule
    : Math.max(byRule, conductionHours(thicknessMm, way, meat));
}

/** Hours to allow in the refrigerator. */
export function refrigeratorHours(massDg: MassDg, thicknessMm: number | null, meat: MeatProperties): number {
  return thawingHours(massDg, thicknessMm, THAWING.refrigerator, meat);
}
