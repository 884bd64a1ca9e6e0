import { success, type Result } from '../units/result';
import { planSlices } from '../slice/plan';
import { readSlices } from '../slice/read-slices';

const round = (value: number, digits: number): number => Math.round(value * 10 ** digits) / 10 ** digits;

/**
 * The plan for a log as the command line gives it out: JSON in, JSON out.
 *
 * @returns the report; or one clear sentence where there is no plan or the request is wrong
 */
export function slicesReport(input: unknown): Result<object> {
  const read = readSlices(input);
  if (!read.ok) return read;
  const { profile, request } = read.value;
  const planned = planSlices(profile, request);
  if (!planned.ok) return planned;
  const plan = planned.value;
  return success({
    slices: plan.slices.map((slice) => ({
      kind: slice.kind,
      fromMm: round(slice.fromMm, 3),
      toMm: round(slice.toMm, 3),
      thicknessMm: round(slice.thicknessMm, 3),
      massG: round(slice.massG, 2),
      lowG: round(slice.lowG, 1),
      highG: round(slice.highG, 1),
      faceWidthMm: round(slice.faceWidthMm, 1),
      faceHeightMm: round(slice.faceHeightMm, 1),
      ...(slice.how === 'cut' ? {} : { how: slice.how }),
      ...(slice.how === 'opened' ? { opened: true } : {}),
    })),
    rest: plan.rest.map(({ fromMm, toMm, massG, why: reason, destination }) => ({
      fromMm: round(fromMm, 3),
      toMm: round(toMm, 3),
      massG: round(massG, 2),
      why: reason,
      destination,
    })),
    densityGPerCm3: round(profile.densityGPerCm3, 4),
    objective: plan.objective,
    ...(plan.worth === null ? {} : { worth: round(plan.worth, 4) }),
    gridMm: 1,
  });
}
