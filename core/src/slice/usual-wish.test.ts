import { planSlices } from './plan';
import { profileOf } from './profile';
import { slicesRequestSchema } from './slices-request';
import { usualLog } from './usual-log';
import { usualWish } from './usual-wish';

/** The first plan of a usual piece, as the page asks for it. */
function firstPlan(kind: string, massG: number, plateG: number | null, way: string | null = null) {
  const log = usualLog(kind, massG, null);
  const { targetG, ...limits } = usualWish(kind, way, log, plateG);
  const request = slicesRequestSchema.parse({ ...log, ...limits, wish: { by: 'weight', targetG } });
  const { value: plan, problem: why } = planSlices(profileOf(log), request);
  if (!plan) throw new Error(why);
  return { targetG, limits, slices: plan.slices };
}

describe('a first plan is one that a cook would follow', () => {
  it.each([
    ['beef-tenderloin', 1600],
    ['beef-tenderloin', 900],
    ['pork-loin', 4000],
    ['ribeye', 5200],
    ['ribeye', 1900],
    ['strip-loin', 4800],
    ['eye-of-round', 2200],
  ])(
    '%s of %d g, whatever is eaten: no plan whose slices all stand at the thickest or the thinnest',
    (kind, massG) => {
      for (const plateG of [null, 120, 180, 250, 400]) {
        const { slices, limits } = firstPlan(kind, massG, plateG);
        const at = (limit: number): number =>
          slices.filter(({ thicknessMm }) => thicknessMm === limit).length;
        expect(slices.length).toBeGreaterThan(2);
        expect(at(limits.maxThicknessMm)).toBeLessThanOrEqual(slices.length / 2);
        expect(at(limits.minThicknessMm)).toBeLessThanOrEqual(slices.length / 2);
      }
    },
  );

  it('the plate where its thickness fits, else the kind’s usual weight', () => {
    expect(firstPlan('beef-tenderloin', 1600, 180).targetG).toBe(180);
    // A strip steak of 180 g from a large loin would be thinner than 20 mm.
    expect(firstPlan('strip-loin', 6500, 180).targetG).toBe(340);
  });

  it('a pork loin of 4 kg gives about 20 thick chops, and about 50 thin ones', () => {
    const thick = firstPlan('pork-loin', 4000, 180).slices.length;
    const thin = firstPlan('pork-loin', 4000, 180, 'chops-thin').slices.length;
    expect([thick >= 18 && thick <= 24, thin >= 45 && thin <= 58]).toEqual([true, true]);
  });
});
