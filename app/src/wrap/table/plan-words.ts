import { groups } from 'd3-array';
import { listed } from '@core/pack/listed';
import type { PlanTold } from '@core/pack/plan-told';

const several = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/** What one way to pack comes to, in a few words. */
export function wayWords({ dinners, cuts }: PlanTold): string {
  const made = several(dinners, 'dinner', 'dinners');
  return cuts === 0 ? `${made} as they are` : `${made} if ${several(cuts, 'is', 'are')} cut in two`;
}

/**
 * The answer of a plan: dinners, for whom else there are packs, who gets less than usual, what is
 * kept for later, and how good it is.
 *
 * @param eaters how many there are in all
 * @param mass says grams in the household's unit
 */
export function planWords(told: PlanTold, eaters: number, mass: (grams: number) => string): string[] {
  const { dinners, smaller, others, less, collecting, betterG } = told;
  const packs = [
    ...(dinners > 0 ? [several(dinners, 'dinner', 'dinners')] : []),
    ...smaller.map(({ name, packs: count }) => (count === 1 ? `one pack ${name}` : `${count} packs ${name}`)),
    ...(others > 0 ? [several(others, 'bag', 'bags')] : []),
  ];
  return [
    packs.length > 0 ? `${packs.join(', ')}.` : 'No pack can be filled.',
    ...lessWords(less, eaters),
    ...(collecting > 0
      ? [
          `${several(collecting, 'bag is', 'bags are')} kept in the freezer until there is enough for a dinner.`,
        ]
      : []),
    betterG > 0 ? `At most ${mass(betterG)} better is possible.` : 'No plan is better.',
  ];
}

/** Who gets less than usual, those with as many such packs together. */
function lessWords(less: PlanTold['less'], eaters: number): string[] {
  return groups(less, ({ packs }) => packs).map(([packs, own]) => {
    const who = own.length > 1 && own.length === eaters ? 'Everyone' : listed(own.map(({ eater }) => eater));
    const get = who === 'Everyone' || own.length === 1 ? 'gets' : 'get';
    return `${who} ${get} less than usual in ${several(packs, 'pack', 'packs')}.`;
  });
}

/** Why something stays on the table. */
export const LEFT_WORDS = {
  'nobody-eats': 'nobody who eats here eats it',
  'not-wanted': 'no more packs are wanted for it',
} as const;
