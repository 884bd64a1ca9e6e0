import * as z from 'zod';
import type { Eater } from './eater';
import { SHARING_IDS } from './sharing';

/** A kind of pack that a household wants: who eats of it, how many guests, and how many of them. */
const wantedPackSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  eaters: z.array(z.string().trim().min(1).max(60)).max(30),
  guests: z.int().nonnegative().max(30),
  least: z.int().nonnegative().max(200),
  most: z.int().nonnegative().max(200),
});

/** How a household wraps. */
export const wrappingSchema = z.strictObject({
  packs: z.array(wantedPackSchema).max(20),
  /** What may share a pack. */
  sharing: z.enum(SHARING_IDS),
  /** Whether plates are meant raw or cooked. */
  appetite: z.enum(['raw', 'cooked']),
  tolerance: z.number().min(0.02).max(0.5),
  /** Least and most that a bag of ground meat, stew and the like holds. */
  bagDg: z.tuple([z.int().positive().max(100_000), z.int().positive().max(100_000)]),
  /** How many pieces lie flat in one bag. */
  flatPieces: z.int().positive().max(50),
  wrap: z.string().trim().min(1).max(60),
});

export type WantedPack = z.infer<typeof wantedPackSchema>;
export type Wrapping = z.infer<typeof wrappingSchema>;

/** How packs are made until the household has said otherwise: dinners for all, and one small pack of what is over. */
export function usualWrapping({ eaters }: { readonly eaters: readonly Eater[] }): Wrapping {
  const names = eaters.map(({ name }) => name);
  const wanted = (name: string, who: readonly string[], most: number): WantedPack => ({
    name,
    eaters: [...who],
    guests: 0,
    least: 0,
    most,
  });
  const packs = [
    ...(names.length > 0 ? [wanted(names.length === 1 ? 'dinner' : 'dinner for all', names, 20)] : []),
    ...(names.length > 2 ? [wanted('for two', names.slice(0, 2), 1)] : []),
    ...(names.length > 1 ? [wanted('for one', names.slice(0, 1), 1)] : []),
  ];
  return {
    packs,
    sharing: 'white-and-dark-apart',
    appetite: 'raw',
    tolerance: 0.25,
    bagDg: [2000, 15_000],
    flatPieces: 4,
    wrap: 'vacuum bag',
  };
}
