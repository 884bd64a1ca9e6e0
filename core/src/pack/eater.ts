import { sum } from 'd3-array';
import * as z from 'zod';
import { animalSchema } from '../ledger/animal';
import type { Plate } from '../cost/plates';

const plateDg = z.int().positive().max(20_000);
const parts = z.array(z.string().trim().min(1).max(120)).max(500);
/** Someone who eats here, and how much raw meat a plate is for them. */
export const eaterSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  plateDg,
  /** Where a plate of one animal is larger or smaller. */
  byAnimal: z.partialRecord(animalSchema, plateDg).optional(),
  /** Parts, by kind and part, that they like more than others, and that never come on their plate. */
  likes: parts.optional(),
  never: parts.optional(),
});

export type Eater = z.infer<typeof eaterSchema>;

/** What somebody says of a part; whoever has said nothing may eat it. */
export type Taste = 'likes' | 'may' | 'never';

export function tasteOf({ likes = [], never = [] }: Eater, part: string): Taste {
  if (never.includes(part)) return 'never';
  return likes.includes(part) ? 'likes' : 'may';
}

/** An eater who has said so of a part. */
export function withTaste(eater: Eater, part: string, taste: Taste): Eater {
  const said = (own: readonly string[] = [], is: boolean): string[] => [
    ...own.filter((each) => each !== part),
    ...(is ? [part] : []),
  ];
  return {
    ...eater,
    likes: said(eater.likes, taste === 'likes'),
    never: said(eater.never, taste === 'never'),
  };
}

/** A plate of raw boneless meat where nobody has said; many households count 150 to 225 g (common practice). */
const USUAL_PLATE_DG = 1900;

/** What an average plate of the household weighs raw, in tenths of a gram. */
export function meanPlateDg({ eaters }: { readonly eaters: readonly Eater[] }): number {
  return eaters.length === 0 ? USUAL_PLATE_DG : sum(eaters, ({ plateDg }) => plateDg) / eaters.length;
}

/** An average plate of the household. */
export function plateOf({
  eaters,
  skin,
}: {
  readonly eaters: readonly Eater[];
  readonly skin?: Plate['skin'];
}): Plate {
  return { dg: meanPlateDg({ eaters }), skin };
}
