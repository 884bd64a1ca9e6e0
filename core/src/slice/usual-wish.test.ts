import { planSlices } from './plan';
import { profileOf } from './profile';
import { slicesRequestSchema } from './slices-request';
import { usualLog } from './usual-log';
import { usualPlates, usualWish } from './usual-wish';

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

describe('a steak for each who eats', () => {
  const family = (...plates: number[]) => plates.map((plateG, n) => ({ name: `eater ${n + 1}`, plateG }));
  const tenderloin = usualLog('beef-tenderloin', 1600, null);

  it('the large eaters’ thick ones, as many of each as there are dinners', () => {
    const kinds = usualPlates('beef-tenderloin', null, tenderloin, family(150, 200, 150));
    expect(kinds).toEqual([
      { name: 'eater 2', targetG: 200, count: [3, 3] },
      { name: 'eater 1, eater 3', targetG: 150, count: [6, 6] },
    ]);
    const request = slicesRequestSchema.parse({
      ...tenderloin,
      minThicknessMm: 25,
      maxThicknessMm: 50,
      wish: { by: 'mix', kinds },
    });
    const { slices } = planSlices(profileOf(tenderloin), request).value!;
    const of = (name: string): number[] =>
      slices.filter(({ kind }) => kind === name).map(({ massG }) => Math.round(massG));
    expect([of('eater 2').length, of('eater 1, eater 3').length]).toEqual([3, 6]);
    for (const massG of of('eater 2')) expect(Math.abs(massG - 200)).toBeLessThan(25);
    // The last one comes from the thin end.
    const smaller = of('eater 1, eater 3');
    for (const massG of smaller.slice(0, -1)) expect(Math.abs(massG - 150)).toBeLessThan(20);
    expect(smaller.at(-1)).toBeGreaterThan(90);
  });

  it('nothing where a plate would be far too thin or too thick, or all eat alike, or it is no dinner', () => {
    // A strip steak of 120 g would be a third of an inch thick.
    expect(usualPlates('strip-loin', null, usualLog('strip-loin', 5000, null), family(120, 340))).toEqual([]);
    expect(usualPlates('beef-tenderloin', null, tenderloin, family(180, 180))).toEqual([]);
    expect(
      usualPlates('beef-tenderloin', null, usualLog('beef-tenderloin', 200, null), family(150, 200)),
    ).toEqual([]);
    expect(usualPlates('pork-loin', 'chops-thin', usualLog('pork-loin', 4000, null), family(60, 80))).toEqual(
      [],
    );
    expect(usualPlates('beef-tenderloin', null, tenderloin, [])).toEqual([]);
  });

  it.each(['beef-tenderloin', 'strip-loin', 'ribeye', 'eye-of-round', 'pork-loin'])(
    'a first plan of %s can always be cut, whoever eats',
    (kind) => {
      for (const massG of [900, 1800, 4200])
        for (const plates of [
          [150, 180],
          [120, 180, 240],
          [90, 150, 200, 260],
          [300, 380],
        ]) {
          const log = usualLog(kind, massG, null);
          const { targetG, ...limits } = usualWish(kind, null, log, 180);
          const kinds = usualPlates(kind, null, log, family(...plates));
          if (kinds.length === 0) continue;
          const request = slicesRequestSchema.parse({ ...log, ...limits, wish: { by: 'mix', kinds } });
          const { value, problem } = planSlices(profileOf(log), request);
          expect([kind, massG, plates, targetG > 0, problem]).toEqual([kind, massG, plates, true, undefined]);
          expect(value!.slices.length).toBe(kinds.reduce((sum, { count }) => sum + (count?.[0] ?? 0), 0));
        }
    },
  );
});
