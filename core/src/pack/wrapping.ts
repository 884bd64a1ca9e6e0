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

/** How a part is portioned where that is not by who eats: so many, so much, or as one piece that is carved. */
const portionWaySchema = z.union([
  z.strictObject({ each: z.int().positive().max(100) }),
  z.strictObject({ massDg: z.int().positive().max(100_000) }),
  z.strictObject({ carved: z.boolean() }),
]);
export type PortionedBy = z.infer<typeof portionWaySchema>;

/** How a household wraps. */
export const wrappingSchema = z.strictObject({
  packs: z.array(wantedPackSchema).max(20),
  /** What may share a pack. */
  sharing: z.enum(SHARING_IDS),
  /** Whether plates are meant raw or cooked. */
  appetite: z.enum(['raw', 'cooked']),
  /** Of earlier versions; plans have no tolerance any longer. */
  tolerance: z.number().min(0.02).max(0.5),
  /** Least and most that a bag of ground meat, stew and the like holds. */
  bagDg: z.tuple([z.int().positive().max(100_000), z.int().positive().max(100_000)]),
  /** How many pieces lie flat in one bag. */
  flatPieces: z.int().positive().max(50),
  wrap: z.string().trim().min(1).max(60),
  /** By kind and part; what is not here is portioned by who eats. */
  ways: z.record(z.string().min(1).max(120), portionWaySchema).optional(),
  /** Parts of which each portion is wrapped by itself, by kind and part: one can be taken out alone. */
  singly: z.array(z.string().min(1).max(120)).max(200).optional(),
  /** How thick ground meat, stew and other heaps are pressed flat. */
  flatMm: z.number().positive().max(500).optional(),
});

export type WantedPack = z.infer<typeof wantedPackSchema>;
export type Wrapping = z.infer<typeof wrappingSchema>;

/** How packs are made until the household has said otherwise: dinners for all; smaller ones come of themselves. */
export function usualWrapping({ eaters }: { readonly eaters: readonly Eater[] }): Wrapping {
  const names = eaters.map(({ name }) => name);
  const name = names.length === 1 ? 'dinner' : 'dinner for all';
  return {
    packs: names.length > 0 ? [{ name, eaters: names, guests: 0, least: 0, most: 200 }] : [],
    sharing: 'white-and-dark-apart',
    appetite: 'raw',
    tolerance: 0.25,
    bagDg: [2000, 15_000],
    flatPieces: 4,
    wrap: 'vacuum bag',
  };
}
