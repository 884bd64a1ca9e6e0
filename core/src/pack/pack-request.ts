import { failure, success, type Result } from '../units/result';
import * as z from 'zod';
import { requestProblem } from '../units/request-problem';

const grams = (what: string) =>
  z
    .number({ error: `${what} is a number of grams` })
    .positive({ error: `${what} is more than zero` })
    .max(500_000, { error: `${what} is at most 500 000 g` });
const name = (what: string) =>
  z
    .string({ error: `${what} is a text` })
    .trim()
    .min(1, { error: `${what} is not empty` })
    .max(200, { error: `${what} is at most 200 letters` });

const parts = (what: string) => z.array(name(what)).max(100);
const lot = { id: name('id'), part: name('part'), massG: grams('massG') };

const portionSchema = z.strictObject({
  ...lot,
  /** It may be cut in two, each half a plate; the halves are called “id/1” and “id/2”. */
  mayCut: z.boolean().optional(),
  /** One piece for several plates, shared at the table: a roast, a bird, a rack. */
  carved: z.boolean().optional(),
  /** With its bone: neither cut nor carved, however large. */
  boneIn: z.boolean().optional(),
  /** Kept until there is a dinner of it: shanks, wings. */
  collected: z.boolean().optional(),
});
const heapSchema = z.strictObject({
  ...lot,
  minG: grams('minG'),
  maxG: grams('maxG'),
  collected: z.boolean().optional(),
});
const eaterSchema = z.strictObject({
  name: name('name'),
  targetG: grams('targetG'),
  /** Parts that are worth a quarter of a plate more. */
  likes: parts('likes').optional(),
  /** Parts that never come on this plate. */
  never: parts('never').optional(),
  /** Eats of no smaller pack. */
  guest: z.boolean().optional(),
});
/** For whom, how many portions, or how much a pack holds: exactly one of them. */
const kindSchema = z
  .strictObject({
    name: name('name'),
    eaters: z
      .array(name('eaters'), { error: 'eaters is a list of names' })
      .min(1, { error: 'a pack is for one eater at least' })
      .max(30)
      .optional(),
    each: z.int({ error: 'each is a whole number of portions' }).positive().max(100).optional(),
    massG: grams('massG').optional(),
    count: z
      .tuple([z.int().nonnegative(), z.int().nonnegative().max(1000)], {
        error: 'count is [least, most]',
      })
      .default([0, 1000]),
    /** Only these parts. */
    parts: parts('parts').optional(),
  })
  .refine(
    ({ eaters, each, massG }) => [eaters, each, massG].filter((way) => way !== undefined).length === 1,
    {
      error: 'a kind of pack has either eaters, each (portions a pack) or massG (grams a pack)',
    },
  );

/** What lies on the table, who eats, and which packs are wanted, as it comes from outside. */
export const packRequestSchema = z
  .strictObject({
    portions: z
      .array(portionSchema, { error: 'portions is a list' })
      .max(1000, { error: 'at most 1000 portions at once' }),
    divisible: z.array(heapSchema, { error: 'divisible is a list' }).max(50).default([]),
    eaters: z.array(eaterSchema, { error: 'eaters is a list' }).max(30).default([]),
    packs: z
      .array(kindSchema, { error: 'packs is a list' })
      .min(1, { error: 'name one kind of pack at least' })
      .max(20),
    /** Of earlier versions; no plan has one any longer. */
    tolerance: z.number({ error: 'tolerance is a share, such as 0.15' }).optional(),
    /** Parts that may share a pack; a part that is in none shares with nothing but itself. */
    together: z
      .array(z.array(name('together')).min(2))
      .max(20)
      .optional(),
    /** Most portions on one plate. */
    mostPieces: z.int().positive().max(12).default(12),
  })
  .superRefine((request, context) => {
    const say = (path: (string | number)[], message: string): void =>
      context.addIssue({ code: 'custom', path, message });
    const lots = [...request.portions, ...request.divisible];
    for (const [index, { id }] of lots.entries()) {
      const isPortion = index < request.portions.length;
      if (lots.findIndex((other) => other.id === id) < index)
        say(
          [isPortion ? 'portions' : 'divisible', isPortion ? index : index - request.portions.length, 'id'],
          `“${id}” is there twice: give each its own`,
        );
    }
    for (const [index, { id, mayCut }] of request.portions.entries())
      if (mayCut && lots.some((other) => other.id === `${id}/1` || other.id === `${id}/2`))
        say(
          ['portions', index, 'id'],
          `its pieces would be called “${id}/1” and “${id}/2”, and one of these is there: name it otherwise`,
        );
    for (const [index, { minG, maxG }] of request.divisible.entries())
      if (minG > maxG) say(['divisible', index, 'minG'], 'the least bag is above the most: exchange them');
    for (const [index, eater] of request.eaters.entries())
      if (request.eaters.findIndex((other) => other.name === eater.name) < index)
        say(['eaters', index, 'name'], `there are two eaters called “${eater.name}”`);
    for (const [index, { name: own, eaters, count }] of request.packs.entries()) {
      const stranger = eaters?.find((eater) => !request.eaters.some((known) => known.name === eater));
      if (stranger !== undefined)
        say(['packs', index, 'eaters'], `nobody is called “${stranger}”: name an eater`);
      if (count[0] > count[1])
        say(['packs', index, 'count'], 'the least count is above the most: exchange them');
      if (request.packs.findIndex((other) => other.name === own) < index)
        say(['packs', index, 'name'], `there are two packs called “${own}”`);
    }
  });

export type PackRequest = z.output<typeof packRequestSchema>;
/** Something that is not cut further. */
export type Portion = PackRequest['portions'][number];
/** Something of which any weight can be taken. */
export type Heap = PackRequest['divisible'][number];
export type PackKind = PackRequest['packs'][number];

/**
 * Reads a table and a wish from outside.
 *
 * @returns the request, or one sentence that names the field and the mend
 */
export function readPackRequest(input: unknown): Result<PackRequest> {
  const parsed = packRequestSchema.safeParse(input);
  return parsed.success ? success(parsed.data) : failure(requestProblem(parsed.error));
}
