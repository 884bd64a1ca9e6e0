import * as z from 'zod';
import { ANIMALS, animalSchema, type Animal, type Animals, type SealedDays } from '../ledger/animal';

/** How a household keeps meat, where it does otherwise than published or where nothing is. */
export const keepingSchema = z.strictObject({
  /** After so many days a sealed whole piece without a use-by date is to be opened or frozen; ours can be shortened. */
  sealedDays: z.partialRecord(animalSchema, z.int().positive().max(365)),
  /** Stricter local advice: cook within so many days once it is thawed. */
  thawedDays: z.int().nonnegative().max(5).optional(),
  /** Stricter local advice: never freeze again raw. */
  refreezeRaw: z.literal(false).optional(),
  /** Somebody here is pregnant, under 5, over 65 or ill. */
  atRisk: z.literal(true).optional(),
  /** By which advice heat is measured; the published one of the USDA where nothing is said. */
  heat: z.literal('uk').optional(),
});

export type KeepingRules = z.infer<typeof keepingSchema>;

/** What counts until a household says otherwise: our days for each animal, nothing stricter. */
export const USUAL_KEEPING: KeepingRules = { sealedDays: {} };

/**
 * Days that a sealed whole piece without a use-by may wait: ours, or fewer where the household says so;
 * null where none keeps sealed.
 *
 * @example sealedDays({ sealedDays: { beef: 6 } }, 'beef') // due 6, last 10
 */
export function sealedDays(
  { sealedDays: own }: Pick<KeepingRules, 'sealedDays'>,
  animal: string | null,
  animals: Animals = ANIMALS,
): SealedDays | null {
  const usual = animal === null ? null : (animals[animal]?.sealed ?? null);
  if (usual === null) return null;
  const fewer = Math.max(0, usual.due - (own[animal as Animal] ?? usual.due));
  return { ...usual, due: usual.due - fewer, last: usual.last - fewer };
}
