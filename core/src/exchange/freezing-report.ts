import { failure, success, type Result } from '../units/result';
import * as z from 'zod';
import { phamHours, plankHours, SHAPES, whyNotFrozen, type Shape } from '../cold/freezing-time';
import { MEATS, type MeatName, type MeatProperties } from '../cold/meat-properties';
import { requestProblem } from '../units/request-problem';

const number = (what: string) => z.number({ error: `${what} is a number` });
/** Less than this is no measure of anything in a kitchen, and overflows what is worked out from it. */
const LEAST = 0.001;
const positive = (what: string, most: number) =>
  number(what)
    .positive({ error: `${what} is more than zero` })
    .min(LEAST, { error: `${what} is at least ${LEAST}` })
    .max(most, { error: `${what} is at most ${most}` });
const celsius = (what: string) =>
  number(what)
    .min(-200, { error: `${what} is at least −200` })
    .max(100, { error: `${what} is at most 100` });

const propertiesSchema = z.strictObject({
  densityKgM3: positive('densityKgM3', 3000),
  freezingC: celsius('freezingC').max(0, { error: 'freezingC is not above zero' }),
  frozenConductivity: positive('frozenConductivity', 10),
  latentKjKg: positive('latentKjKg', 400),
  unfrozenKjKgK: positive('unfrozenKjKgK', 10).default(3.5),
  frozenKjKgK: positive('frozenKjKgK', 10).default(1.9),
});

const requestSchema = z
  .strictObject({
    shape: z.enum(Object.keys(SHAPES) as [Shape, ...Shape[]], { error: 'shape is slab, cylinder or sphere' }),
    thicknessMm: positive('thicknessMm', 1000),
    startC: celsius('startC'),
    airC: celsius('airC'),
    endC: celsius('endC'),
    h: positive('h', 5000),
    meat: z.enum([...(Object.keys(MEATS) as MeatName[]), 'custom'], {
      error: `meat is one of ${Object.keys(MEATS).join(', ')}, custom`,
    }),
    properties: propertiesSchema.optional(),
  })
  .superRefine(({ meat, properties }, context) => {
    if (meat === 'custom' && !properties)
      context.addIssue({
        code: 'custom',
        path: ['properties'],
        message: 'a custom meat wants its properties',
      });
    if (meat !== 'custom' && properties)
      context.addIssue({
        code: 'custom',
        path: ['properties'],
        message: 'properties go with the meat “custom”',
      });
  });

/** Conductivity of unfrozen meat is not asked for: freezing goes through what is frozen. */
const UNFROZEN_CONDUCTIVITY = 0.48;

/**
 * Freezing times as the command line gives them out: JSON in, JSON out.
 *
 * @returns hours by Plank and by Pham with what was assumed; or one clear sentence
 */
export function freezingReport(input: unknown): Result<object> {
  const parsed = requestSchema.safeParse(input);
  if (!parsed.success) return failure(requestProblem(parsed.error));
  const { meat: name, properties, ...rest } = parsed.data;
  const meat: MeatProperties = properties
    ? { ...properties, unfrozenConductivity: UNFROZEN_CONDUCTIVITY }
    : MEATS[name as MeatName];
  const freezing = { ...rest, meat };
  const why = whyNotFrozen(freezing);
  if (why) return failure(why);
  const round = (hours: number): number => Math.round(hours * 1e4) / 1e4;
  const assumptions = [
    'one material, the same all through; air of one temperature on all sides that count',
    'Plank: latent heat only, from the freezing point; Pham: cooling before and after too, about ± 10 % in its range',
    `density ${meat.densityKgM3} kg/m³, begins to freeze at ${meat.freezingC} °C, conductivity frozen ${meat.frozenConductivity} W/(m·K), latent ${meat.latentKjKg} kJ/kg`,
    `heat capacity ${meat.unfrozenKjKgK} before, ${meat.frozenKjKgK} kJ/(kg·K) after`,
  ];
  return success({ plankH: round(plankHours(freezing)), phamH: round(phamHours(freezing)), assumptions });
}
