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
 * @param mass says grams in the household's unit
 */
export function planWords(told: PlanTold, mass: (grams: number) => string): string[] {
  const { dinners, smaller, others, less, collecting, betterG } = told;
  const packs = [
    ...(dinners > 0 ? [several(dinners, 'dinner', 'dinners')] : []),
    ...smaller.map(({ name, packs: count }) => (count === 1 ? `one pack ${name}` : `${count} packs ${name}`)),
    ...(others > 0 ? [several(others, 'bag', 'bags')] : []),
  ];
  return [
    packs.length > 0 ? `${packs.join(', ')}.` : 'No pack can be filled.',
    ...less.map(
      ({ eater, packs: count }) => `${eater} gets less than usual in ${several(count, 'pack', 'packs')}.`,
    ),
    ...(collecting > 0
      ? [
          `${several(collecting, 'bag is', 'bags are')} kept in the freezer until there is enough for a dinner.`,
        ]
      : []),
    betterG > 0 ? `At most ${mass(betterG)} better is possible.` : 'No plan is better.',
  ];
}

/** Why something stays on the table. */
export const LEFT_WORDS = {
  'nobody-eats': 'nobody who eats here eats it',
  'not-wanted': 'no more packs are wanted for it',
} as const;
