import { ANIMALS, isBird, type Animals } from '../ledger/animal';
import type { Lot } from '../ledger/lot';

/** Least temperature in the middle of the meat when it leaves the heat, °C. */
export interface LeastHeat {
  readonly what: string;
  readonly celsius: number;
  /** How long it rests afterwards, or is held there; null where neither. */
  readonly then: { readonly minutes: number; readonly how: 'rest' | 'held' } | null;
}

/** What a household follows beside the published figures: stricter local advice. */
export interface HeatRules {
  /** Somebody here is pregnant, under 5, over 65 or ill. */
  readonly atRisk?: boolean | undefined;
  /** By whose advice, where not the published one of the USDA. */
  readonly heat?: 'uk' | undefined;
}

const POULTRY: LeastHeat = { what: 'All poultry and its giblets', celsius: 73.9, then: null };
const GROUND: LeastHeat = { what: 'Ground meat, sausage, liver and other offal', celsius: 71.1, then: null };
const TENDERISED: LeastHeat = { what: 'Tenderised, injected or rolled meat', celsius: 71.1, then: null };
const WHOLE: LeastHeat = {
  what: 'Whole cuts of beef, pork, lamb',
  celsius: 62.8,
  then: { minutes: 3, how: 'rest' },
};
/** For somebody pregnant, under 5, over 65 or ill all red meat is cooked as ground meat is. */
const WHOLE_AT_RISK: LeastHeat = { ...WHOLE, celsius: 71.1, then: null };
/** United Kingdom, Food Standards Agency (from memory); 60 °C for 45 min, 65 for 10 min, 75 for 30 s, 80 for 6 s do the same. */
const WHOLE_UK: LeastHeat = { ...WHOLE, celsius: 70, then: { minutes: 2, how: 'held' } };

/**
 * Least temperatures under a household's rules, which can only raise them.
 *
 * @param animal of which meat; all where none is said
 */
export function leastHeats(rules: HeatRules = {}, animal: string | null = null): readonly LeastHeat[] {
  const red = [wholeUnder(rules), GROUND, TENDERISED];
  if (animal === null) return [POULTRY, ...red];
  return isBird(animal) ? [POULTRY] : red;
}

function wholeUnder({ atRisk, heat }: HeatRules): LeastHeat {
  if (atRisk) return WHOLE_AT_RISK;
  return heat === 'uk' ? WHOLE_UK : WHOLE;
}

/** What a least temperature hangs on. */
export type Heated = Pick<Lot, 'destination' | 'prepared'> & { readonly animal: string };

/**
 * Least internal temperature of some meat. Local codes and licensed practice come first.
 *
 * @param rules the household's: somebody at risk, or stricter local advice
 * @source USDA FSIS and FDA Food Code (from memory): poultry 165 °F; ground meat, red offal and what was
 *   tenderised 160 °F; whole cuts of beef, pork, lamb 145 °F and 3 minutes' rest
 * @example leastHeat({ animal: 'beef', destination: 'grill', prepared: null }).celsius // 62.8
 */
export function leastHeat(
  { animal, destination, prepared }: Heated,
  rules: HeatRules = {},
  animals: Animals = ANIMALS,
): LeastHeat {
  if (isBird(animal, animals)) return POULTRY;
  if (prepared === 'tenderised') return TENDERISED;
  if (destination === 'grind' || prepared === 'sausage' || prepared === 'organ') return GROUND;
  return wholeUnder(rules);
}

/** A least temperature in words, such as “63 °C, rest 3 min”. */
export function heatWords({ celsius, then }: LeastHeat, degrees: (celsius: number) => string): string {
  if (then === null) return degrees(celsius);
  return then.how === 'rest'
    ? `${degrees(celsius)}, rest ${then.minutes} min`
    : `${degrees(celsius)} for ${then.minutes} min`;
}
