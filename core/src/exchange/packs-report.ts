import { success, type Result } from '../units/result';
import { servedName } from '../pack/half';
import { readPackRequest } from '../pack/pack-request';
import { planPacks, type Spent } from '../pack/plan-packs';

const round = (value: number, digits: number): number => Math.round(value * 10 ** digits) / 10 ** digits;

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
    packs: plan.packs.map(({ name, portions, divisible, massG, targetG, plates }) => ({
      name,
      portions: portions.map(servedName),
      divisible: Object.fromEntries(Object.entries(divisible).map(([id, mass]) => [id, round(mass, 3)])),
      massG: round(massG, 3),
      targetG: round(targetG, 3),
      plates: plates.map((plate) => ({
        eater: plate.eater,
        massG: round(plate.massG, 3),
        portions: plate.portions.map(servedName),
      })),
    })),
    left: plan.left.map(({ id, massG }) => ({ id, massG: round(massG, 3) })),
    plates: plan.plates,
    platesBound: plan.platesBound,
    objective: plan.objective,
    bound: plan.bound,
    proven: plan.proven,
  });
}
