import type { Kind, Way } from './kind-schema';

/** What the hand has to know, from the easiest on. */
export const HAND_WORK = ['slices', 'joints', 'seams', 'boning'] as const;
export type HandWork = (typeof HAND_WORK)[number];

type OfKind = { readonly most: HandWork } & Readonly<Partial<Record<HandWork, readonly string[]>>>;

/** What most ways of a kind ask for, and the ways that ask for something else (common practice). */
const OF_KIND: Readonly<Record<string, OfKind>> = {
  'strip-loin': { most: 'slices' },
  ribeye: { most: 'slices' },
  'eye-of-round': { most: 'slices' },
  'pork-loin': { most: 'slices' },
  'lamb-rack': { most: 'slices' },
  'pork-spare-ribs': { most: 'slices' },
  'whole-chicken': {
    most: 'joints',
    slices: ['halves', 'quarters', 'flattened'],
    boning: ['boneless-breast', 'boneless-whole-tunnel', 'boneless-whole-open'],
  },
  'whole-turkey': { most: 'joints', boning: ['white-boneless', 'all-boneless'] },
  'beef-tenderloin': { most: 'seams' },
  'beef-tenderloin-peeled': { most: 'seams', slices: ['whole-steaks'] },
  'top-round': { most: 'seams' },
  'rib-seven-bones': { most: 'boning', slices: ['steaks-bone-in', 'roasts', 'roasts-across'] },
  'pork-shoulder-butt': { most: 'boning' },
  'lamb-leg': { most: 'boning', seams: ['boned-out', 'boned-rolled-out'] },
};

/**
 * The hardest thing that a way asks of the hand: straight slices, finding joints, following a seam
 * between muscles, or taking bones out. A household's own kind counts as the one it was copied from,
 * and as seams where it was not.
 *
 * @example handWork(strip loin, trim-first) // 'slices'
 */
export function handWork(kind: Pick<Kind, 'id' | 'drawnAs'>, way: Pick<Way, 'id'>): HandWork {
  const of = OF_KIND[kind.id] ?? OF_KIND[kind.drawnAs ?? ''];
  return HAND_WORK.find((work) => of?.[work]?.includes(way.id)) ?? of?.most ?? 'seams';
}

/** What is no knife, and takes something off. "Or" leaves the choice. */
const MORE = /^(?!.* or ).*\b(shears|saw|pliers|cleaver)\b/;

/** Whether knives do all of a way: what opens the bag does not count. */
export function isKnifeEnough(kind: Pick<Kind, 'knife' | 'steps'>, way: Pick<Way, 'steps'>): boolean {
  const cutting = kind.steps.filter(({ id, frees }) => way.steps.includes(id) && frees.length > 0);
  return kind.knife.enough && !cutting.some(({ tool }) => MORE.test(tool));
}
