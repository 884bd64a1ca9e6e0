import { SHAPES } from './freezing-time';
import type { MeatProperties } from './meat-properties';
import { fromDg, type MassDg } from '../units/mass';

/** Ways to thaw, each with its caution. */
export const THAWING = {
  refrigerator: {
    name: 'in the refrigerator',
    caution: 'On a tray, at the bottom, so that nothing drips on other food. Never on the counter.',
    airC: 4,
    h: 8,
  },
  'cold-water': {
    name: 'in cold water',
    caution:
      'In a tight bag, the water changed every 30 minutes; cook at once. Vacuum-packed food too is thawed cold.',
    airC: 15,
    h: 150,
  },
} as const;

export type ThawingWay = keyof typeof THAWING;

/** The published rules: a day for each 4 lb (the slower end of 4 to 5), a full day at least; half an hour a pound. */
const DAY_H = 24;
const LB_A_DAY = 4;
const WATER_H_PER_LB = 0.5;

/**
 * Hours to thaw by the published rule.
 *
 * @source USDA FSIS, The Big Thaw (from memory)
 * @example ruleHours(0.5 kg in dg, 'refrigerator') // 24; 4 lb: 24; 8 lb: 48
 */
export function ruleHours(massDg: MassDg, way: ThawingWay): number {
  const pounds = fromDg(massDg, 'lb');
  return way === 'refrigerator'
    ? Math.max(DAY_H, (pounds / LB_A_DAY) * DAY_H)
    : Math.max(WATER_H_PER_LB, pounds * WATER_H_PER_LB);
}

/**
 * Hours to thaw a flat pack by heat conduction: Plank's equation turned round, through what is
 * thawed, which conducts a third as well as ice.
 *
 * @source Singh and Heldman, Introduction to Food Engineering (from memory); surface values ASHRAE (from memory)
 */
export function conductionHours(thicknessMm: number, way: ThawingWay, meat: MeatProperties): number {
  const { airC, h } = THAWING[way];
  const { p, r } = SHAPES.slab;
  const a = thicknessMm / 1000;
  return (
    (((meat.densityKgM3 * meat.latentKjKg * 1000) / (airC - meat.freezingC)) *
      ((p * a) / h + (r * a * a) / meat.unfrozenConductivity)) /
    3600
  );
}

/** Hours to allow: by the rule, and where the thickness is known by conduction; the longer counts. */
export function thawingHours(
  massDg: MassDg,
  thicknessMm: number | null,
  way: ThawingWay,
  meat: MeatProperties,
): number {
  const byRule = ruleHours(massDg, way);
  return thicknessMm === null ? byRule : Math.max(byRule, conductionHours(thicknessMm, way, meat));
}
