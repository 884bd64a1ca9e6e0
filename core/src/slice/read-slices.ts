import { requestProblem } from '../units/request-problem';
import { failure, success, type Result } from '../units/result';
import { profileOf, type Profile } from './profile';
import { fromGirth } from './section';
import { slicesRequestSchema } from './slices-request';
import type { Request } from './wish';

/** Mass and volume that disagree more than this are no log: one of them is a slip. */
const NO_LOG_G_PER_CM3 = [0.4, 2.5] as const;

/**
 * Reads a log and a wish from outside.
 *
 * @returns the profile and the request, or one sentence that names the field and the mend
 */
export function readSlices(input: unknown): Result<{ readonly profile: Profile; readonly request: Request }> {
  const parsed = slicesRequestSchema.safeParse(input);
  if (!parsed.success) return failure(requestProblem(parsed.error));
  const { lengthMm, massG, section, stations, ...request } = parsed.data;
  const sized = stations.map(({ atMm, widthMm, heightMm, girthMm }) => {
    if (widthMm !== undefined && heightMm !== undefined) return { atMm, widthMm, heightMm };
    const wanted = widthMm === undefined ? ('width' as const) : ('height' as const);
    const found = fromGirth(section, girthMm ?? 0, widthMm ?? heightMm ?? 0, wanted);
    return found === null ? null : { atMm, widthMm: widthMm ?? found, heightMm: heightMm ?? found };
  });
  const short = sized.indexOf(null);
  if (short >= 0)
    return failure(
      `stations[${short}].girthMm: a tape of ${stations[short]?.girthMm} mm does not reach round it. Measure it again.`,
    );
  const profile = profileOf({
    lengthMm,
    massG,
    section,
    stations: sized.filter((station) => station !== null),
  });
  const density = profile.densityGPerCm3;
  if (density < NO_LOG_G_PER_CM3[0] || density > NO_LOG_G_PER_CM3[1]) {
    return failure(
      `massG and stations do not fit together: ${Math.round(massG)} g in ${Math.round(massG / density)} cm³ is ${density.toFixed(2)} g/cm³, and meat is about 1.05. Check the weight, the length and the sizes.`,
    );
  }
  return success({ profile, request });
}
