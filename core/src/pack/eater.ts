import { sum } from 'd3-array';
import * as z from 'zod';
import { animalSchema } from '../ledger/animal';

const plateDg = z.int().positive().max(20_000);
/** Someone who eats here, and how much raw meat a plate is for them. */
export const eaterSchema = z.strictObject({
  name: z.string().trim().min(1).max(60),
  plateDg,
  /** Where a plate of one animal is larger or smaller. */
  byAnimal: z.partialRecord(animalSchema, plateDg).optional(),
});

export type Eater = z.infer<typeof eaterSchema>;

/** A plate of raw boneless meat where nobody has said; many households count 150 to 225 g (common practice). */
const USUAL_PLATE_DG = 1900;

/** What an average plate of the household weighs raw. */
export function meanPlateDg({ eaters }: { readonly eaters: readonly Eater[] }): number {
  return eaters.length === 0 ? USUAL_PLATE_DG : sum(eaters, ({ plateDg }) => plateDg) / eaters.length;
}
