import { KITCHEN_TABLES } from '../testing/kitchen-tables';
import { portionOf, servedName } from './half';
import { OUT_OF_PLACE } from './out-of-place';
import type { PackPlan, PlannedPack } from './pack-plan';
import { planPacks } from './plan-packs';

/** As the tables say it: who gets what, what is shared, or how many pieces where they are all alike. */
function told({ name, plates, portions, divisible }: PlannedPack, isCounted: boolean): string {
  if (isCounted) return `${name}: ${portions.length}`;
  const heaps = Object.entries(divisible).map(([id, massG]) => `${Math.round(massG)} g of ${id}`);
  const shared = [...portions.map(servedName).sort(), ...heaps].join(' + ');
  const own = plates
    .filter((plate) => plate.portions.length > 0)
    .map((plate) => `${plate.eater} ${plate.portions.map(servedName).sort().reverse().join(' + ')}`);
  return `${name}: ${own.length > 0 ? own.join(', ') : `${shared} shared`}`;
}

const keptOf = ({ collecting }: PackPlan): string[] =>
  collecting.map(({ portions, divisible }) =>
    [...portions, ...Object.entries(divisible).map(([id, massG]) => `${Math.round(massG)} g of ${id}`)].join(
      ' + ',
    ),
  );

describe('tables of real kitchens, worked by hand', () => {
  it.each(KITCHEN_TABLES)('$name: $why', ({ request, packs, kept = [] }) => {
    const plan = planPacks(request).value!;
    const isCounted = (k: number): boolean => /: \d+$/.test(packs[k] ?? '');
    expect(plan.packs.map((pack, k) => told(pack, isCounted(k))).sort()).toEqual([...packs].sort());
    expect(keptOf(plan)).toEqual(kept);
  });

  it.each(KITCHEN_TABLES)('$name: the table ends empty, and nobody gets less than half', ({ request }) => {
    const plan = planPacks(request).value!;
    expect(plan.left).toEqual([]);
    const placed = [
      ...plan.packs.flatMap(({ portions }) => portions.map(portionOf)),
      ...plan.collecting.flatMap(({ portions }) => portions),
    ];
    expect([...new Set(placed)].sort()).toEqual(request.portions.map(({ id }) => id).sort());
    for (const { plates } of plan.packs)
      for (const { eater, massG } of plates) {
        const { targetG } = request.eaters.find(({ name }) => name === eater)!;
        expect(massG).toBeGreaterThanOrEqual(targetG * OUT_OF_PLACE.leastPlate - 0.5);
      }
  });
});
