import * as z from 'zod';
import { animalSchema } from '../ledger/animal';
import { destinationSchema } from '../ledger/destination';

const id = z.string().regex(/^[a-z][a-z0-9-]*$/, 'lower-case words joined by hyphens');
const share = z.number().min(0).max(1);

/** One thing that comes off a piece. */
export const partSchema = z.strictObject({
  id,
  name: z.string().min(1),
  /** What one of several is called ("steak"), when the part is portions. */
  portion: z.string().min(1).optional(),
  /** And several of it ("steaks"). */
  portions: z.string().min(1).optional(),
  /** Carved for several plates at the table: a roast, a rack, a bird (common practice). */
  carved: z.boolean().optional(),
  /** Kept until there is enough of it for a dinner: shanks, wings, trimmings (common practice). */
  collected: z.boolean().optional(),
  /** Prepared, or by nature, so that it keeps otherwise than the destination says. */
  prepared: z.enum(['organ']).optional(),
  /** How many of it one piece usually gives; an estimate. */
  perPiece: z.number().int().positive().optional(),
  destination: destinationSchema,
  /** The shop item it compares with while it keeps this destination. */
  shopItem: id.optional(),
  /** What of that item is thrown away at home, as its own name says (bone, skin); 0 where both are in the same state. */
  leftOn: share.optional(),
  /** What the shop leaves on more than we do, where somebody has seen it; an estimate. */
  moreFat: share.optional(),
  /** What it compares with where that item's price is unknown, brought to the same state. */
  orElse: z.strictObject({ item: id, leftOn: share }).optional(),
  /** Bone that stays on the plate's side of the knife, as a share of the part. */
  bone: share.optional(),
  /** Skin on it, as a share of the part, which some households leave. */
  skin: share.optional(),
});

/** Something that shops sell ready cut, and that several parts of the kind together are. */
export const readyCutSchema = z.strictObject({
  item: id,
  /** Which parts of a piece are in it; "all" is the whole of it, with what is thrown away. */
  holds: z.union([z.literal('all'), z.array(id).min(1)]),
});

/** Something that can be seen on a piece before it is bought, and what it moves. */
export const markSchema = z.strictObject({
  id,
  name: z.string().min(1),
  /** The first of these that the way gives loses the share; "all" lose it in proportion. */
  from: z.union([z.array(id).min(1), z.literal('all')]),
  /** The first of these that the way gives gains it; "loss" is liquid and unaccounted; "all" others gain in proportion. */
  to: z.union([z.array(id).min(1), z.literal('all')]),
  /** Of the weight bought. */
  share,
  /** The state in which it is sold, and no fault of this one piece: asked first, and kept for the next time. */
  state: z.literal(true).optional(),
});

/** One act at the board. */
export const stepSchema = z.strictObject({
  id,
  title: z.string().min(1),
  how: z.string().min(1),
  tool: z.string().min(1),
  /** What the hand or the eye goes by. */
  feel: z.string().min(1).optional(),
  caution: z.string().min(1).optional(),
  /** The parts that this act takes off. */
  frees: z.array(id),
  /** What it is for, where nothing comes off. */
  purpose: z.string().min(1).optional(),
  minutes: z.number().positive(),
  /** What it gives may come off whenever it is met: left out, it does not hold up what was begun. */
  anytime: z.boolean().optional(),
  /** A judgement that the app helps with at this step. */
  aid: z.enum(['even-thickness']).optional(),
});

/** A school or purpose of cutting: which parts come out, in which order of work. */
export const waySchema = z.strictObject({
  id,
  name: z.string().min(1),
  /** Ways of one family are one way with choices inside it: schools that disagree. */
  family: z.string().min(1).optional(),
  /** What each choice of the family is in this way: { "Trim": "whole loin first" }. */
  schools: z.record(z.string().min(1), z.string().min(1)).optional(),
  about: z.string().min(1),
  /** Typical share of the weight bought, liquid and unaccounted included; they sum to one. */
  shares: z.record(id, share),
  /** What runs out of the bag and what is not found again. */
  lossShare: share,
  /** How many of a part one piece gives this way, where that is not the part's usual number. */
  perPiece: z.record(id, z.number().int().positive()).optional(),
  /** True where the shares are our estimate and not common practice. */
  estimated: z.boolean(),
  steps: z.array(id).min(1),
});

/** A kind of piece that can be bought whole. */
export const kindSchema = z.strictObject({
  id,
  name: z.string().min(1),
  /** What a second one is called with a count: "2 chickens". */
  plural: z.string().min(1),
  synonyms: z.array(z.string().min(1)),
  animal: animalSchema,
  /** Number in the U.S. Institutional Meat Purchase Specifications, from memory. */
  itemNumber: z.string().optional(),
  bone: z.enum(['bone-in', 'boneless']),
  /** Often bought several at once, in one bag or box. */
  severalAtOnce: z.boolean().optional(),
  /** Mostly sold in a tray or paper, and not in its packer's sealed bag (common practice). */
  comesIn: z.literal('tray').optional(),
  /** Whether a household knife is enough, and why. */
  knife: z.strictObject({ enough: z.boolean(), why: z.string().min(1) }),
  /** Usual weight of one, in grams; an estimate that only guards against slips of the pen. */
  usualG: z.tuple([z.number().positive(), z.number().positive()]),
  parts: z.array(partSchema).min(1),
  steps: z.array(stepSchema).min(1),
  ways: z.array(waySchema).min(1),
  lookFor: z.array(z.string().min(1)).min(1),
  /** What a hand looks for before the piece is closed: bones, glands, gristle. */
  endCheck: z.array(z.string().min(1)).min(1),
  /** How much pieces of this kind differ: the concentration φ of their shares, and why so much. */
  scatter: z.strictObject({ phi: z.number().positive(), why: z.string().min(1) }),
  marks: z.array(markSchema),
  /** Ready-cut items that hold several of its parts; never the piece itself as it is sold whole. */
  readyCut: z.array(readyCutSchema).optional(),
  askFor: z.string().min(1),
  /** The kind whose drawing it has, for a household's own kind that was copied. */
  drawnAs: id.optional(),
  about: z.string().min(1),
});

export type ReadyCut = z.infer<typeof readyCutSchema>;
export type Part = z.infer<typeof partSchema>;
export type Step = z.infer<typeof stepSchema>;
export type Way = z.infer<typeof waySchema>;
export type Mark = z.infer<typeof markSchema>;
export type Kind = z.infer<typeof kindSchema>;
