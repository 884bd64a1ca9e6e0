import { toDg, type MassDg } from '../units/mass';
import type { Kind } from './kind-schema';

/**
 * A usual weight of one piece of a kind, to stand in while none is known: the middle of its usual range,
 * to 100 g.
 *
 * @example a bird that usually weighs 900 g to 3.5 kg: 2.2 kg
 */
export function usualWeightDg({ usualG: [low, high] }: Pick<Kind, 'usualG'>): MassDg {
  return toDg(Math.round((low + high) / 200) * 100, 'g');
}
