import { appetiteG } from './packs-wanted';
import { isPlateful, type Token } from './table';
import type { Eater } from './eater';

/** What can be done with a portion that made no plate. */
export type LeftIdea = 'halve' | 'grind' | 'for-one';

/**
 * What to do with portions that are left over: two plates where half of one is a plate, a pack for
 * one where it is near one, else the grinder or the stew.
 *
 * @example 360 g where eaters want 180: halve it
 */
export function whatIsLeft(
  tokens: readonly Token[],
  eaters: readonly Eater[],
  tolerance: number,
): { readonly token: Token; readonly idea: LeftIdea }[] {
  return tokens
    .filter((token) => !token.isHeap && isPlateful(token) && appetites(eaters, token).length > 0)
    .map((token) => {
      const massG = (token.massDg / 10) * token.eaten;
      const wanted = appetites(eaters, token);
      const fits = (mass: number, slack: number): boolean =>
        wanted.some((target) => Math.abs(mass - target) <= target * slack);
      if (!token.half && (fits(massG / 2, tolerance) || isForTwo(wanted, massG, tolerance)))
        return { token, idea: 'halve' };
      return { token, idea: fits(massG, 0.5) ? 'for-one' : 'grind' };
    });
}

function appetites(eaters: readonly Eater[], { lot }: Token): number[] {
  return eaters.map(({ name }) => appetiteG(eaters, name, lot.animal));
}

/** Whether two eaters together want about as much. */
function isForTwo(wanted: readonly number[], massG: number, tolerance: number): boolean {
  return wanted.some((a, k) =>
    wanted.slice(k + 1).some((b) => Math.abs(massG - a - b) <= (a + b) * tolerance),
  );
}
