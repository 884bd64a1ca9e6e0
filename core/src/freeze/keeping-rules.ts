import * as z from 'zod';
import { ANIMALS, animalSchema, type Animal, type Animals } from '../ledger/animal';

/** How a household keeps meat, where it does otherwise than published or where nothing is. */
export const keepingSchema = z.strictObject({
  /** After so many days a sealed whole piece without a use-by date should be opened or frozen. */
  sealedDays: z.partialRecord(animalSchema, z.int().positive().max(365)),
  /** Stricter local advice: cook within so many days once it is thawed. */
  thawedDays: z.int().nonnegative().max(5).optional(),
  /** Stricter local advice: never freeze again raw. */
  refreezeRaw: z.literal(false).optional(),
});

export type KeepingRules = z.infer<typeof keepingSchema>;

/** What counts until a household says otherwise: our days for each animal, nothing stricter. */
export const USUAL_KEEPING: KeepingRules = { sealedDays: {} };

/** Days that a sealed whole piece without a date may wait: the household's, or ours; null where none keeps sealed. */
export function sealedDays(
  { sealedDays: own }: Pick<KeepingRules, 'sealedDays'>,
  animal: string | null,
  animals: Animals = ANIMALS,
): number | null {
  const usual = animal === null ? null : (animals[animal]?.sealedDays ?? null);
  return usual === null ? null : (own[animal as Animal] ?? usual);
}
