import { success, type Result } from '../units/result';
import { servedName } from '../pack/half';
import { readPackRequest } from '../pack/pack-request';
import type { LeftWhy } from '../pack/pack-plan';
import { planPacks } from '../pack/plan-packs';
import type { Spent } from '../pack/search-packs';

/**
 * The packs as the command line gives them out: JSON in, JSON out.
 *
 * @returns the report; or one clear sentence where there is no plan or the request is wrong
 */
export function packsReport(input: unknown, spent?: Spent): Result<object> {
  const read = readPackRequest(input);
  if (!read.ok) return read;
  const planned = planPacks(read.value, spent);
  if (!planned.ok) return planned;
  const plan = planned.value;
  return success({
    ...(read.value.tolerance === undefined ? {} : { notes: [TOLERANCE_NOTE] }),
    packs: plan.packs.map(({ name, portions, divisible, massG, targetG, plates }) => ({
      name,
      portions: portions.map(servedName),
      divisible: rounded(divisible),
      massG: round(massG),
      targetG: round(targetG),
      plates: plates.map((plate) => ({
        eater: plate.eater,
        massG: round(plate.massG),
        portions: plate.portions.map(servedName),
      })),
    })),
    collecting: plan.collecting.map(({ parts, portions, divisible, massG }) => ({
      parts,
      portions,
      divisible: rounded(divisible),
      massG: round(massG),
    })),
    left: plan.left.map(({ id, massG, why }) => ({ id, massG: round(massG), why: WHYS[why] })),
    outOfPlaceG: round(plan.outOfPlaceG),
    boundG: round(plan.boundG),
    proven: plan.proven,
  });
}

const TOLERANCE_NOTE = 'tolerance is ignored: what a plate is off by counts in grams out of place';
const WHYS: Readonly<Record<LeftWhy, string>> = {
  'nobody-eats': 'nobody who eats here eats this',
  'not-wanted': 'no more packs are wanted that it could go into',
};

const round = (value: number): number => Math.round(value * 1000) / 1000;

function rounded(masses: Readonly<Record<string, number>>): Record<string, number> {
  return Object.fromEntries(Object.entries(masses).map(([id, massG]) => [id, round(massG)]));
}
