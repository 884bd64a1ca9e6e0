import * as z from 'zod';

const choiceSchema = z.object({
  /** An id of the scales that there are; what is none is typed. */
  source: z.string().catch('typed'),
  graduation: z.enum(['1 g', '0.01 lb', '1/8 oz']).catch('1 g'),
  baudRate: z.number().catch(9600),
  handsFree: z.boolean().catch(false),
  mode: z.enum(['one-by-one', 'into-container']).catch('one-by-one'),
});

/** Which scale this device weighs with, and how. It belongs to the device, not to the household. */
export type ScaleChoice = z.infer<typeof choiceSchema>;

const KEY = 'vendicus-scale';

export function rememberedChoice(): ScaleChoice {
  try {
    return choiceSchema.parse(JSON.parse(localStorage.getItem(KEY) ?? '{}'));
  } catch {
    return choiceSchema.parse({});
  }
}

export function rememberChoice(choice: ScaleChoice): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(choice));
  } catch {
    // A browser that keeps nothing asks again next time; the work goes on.
  }
}
