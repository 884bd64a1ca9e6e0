import { portionOf, SIDES, type Half, type Served } from './half';
import { heapPlates } from './heap-plates';
import type { PackModel, Pattern } from './pack-model';
import type { PackPlan, Plate, PlannedPack } from './pack-plan';
import type { PackRequest } from './pack-request';

/** How many of each variable of the model. */
export type Chosen = ReadonlyMap<number, number>;

/** A plate of portions that no eater has yet. */
interface LoosePlate {
  readonly portions: readonly Served[];
  readonly massG: number;
}

/** The packs that a choice stands for: ids on plates, plates in packs, and what is left. */
export function packsOf(
  model: PackModel,
  request: PackRequest,
  choice: Chosen,
  proof: Pick<PackPlan, 'platesBound' | 'bound' | 'proven'>,
): PackPlan {
  const loose = loosePlates(model, choice);
  const patterns = model.meanings.flatMap((meaning, j) =>
    meaning.is === 'packs'
      ? Array.from({ length: Math.round(choice.get(j) ?? 0) }, () => meaning.pattern)
      : [],
  );
  patterns.sort((a, b) => a.kind - b.kind || a.group - b.group);
  const heapMass = heapMasses(patterns, model.targets, request);
  const packs = patterns.map((pattern, index) =>
    packOf(pattern, request, model.targets, loose, heapMass[index] ?? 0),
  );
  const used = new Set(packs.flatMap(({ portions }) => portions.map(portionOf)));
  const left = [
    ...request.portions.filter(({ id }) => !used.has(id)).map(({ id, massG }) => ({ id, massG })),
    ...request.divisible
      .map(({ id, massG }) => ({
        id,
        massG: massG - packs.reduce((sum, { divisible }) => sum + (divisible[id] ?? 0), 0),
      }))
      .filter(({ massG }) => massG > 0.05),
  ];
  const plates = packs.reduce((sum, pack) => sum + pack.plates.length, 0);
  const objective = packs
    .flatMap((pack) => pack.plates)
    .reduce((sum, { eater, massG }) => sum + deviationOf(request, eater, massG), 0);
  return { packs, left, plates, ...proof, objective, bound: Math.min(objective, proof.bound) };
}

function deviationOf({ eaters }: PackRequest, name: string, massG: number): number {
  const target = eaters.find((eater) => eater.name === name)?.targetG ?? 1;
  return Math.abs(massG - target) / target;
}

/** By group and target, lightest and heaviest by turns, so that the packs come out alike. */
function loosePlates({ meanings, groups, targets }: PackModel, choice: Chosen): LoosePlate[][][] {
  const ids = groups.map(({ classes }) => classes.map((each) => [...each.ids].reverse()));
  const plates = groups.map(() => targets.map((): LoosePlate[] => []));
  for (const [j, meaning] of meanings.entries()) {
    if (meaning.is !== 'plate') continue;
    for (let each = Math.round(choice.get(j) ?? 0); each > 0; each--) {
      const { classes, counts, type } = meaning.plate;
      const portions = classes.flatMap((c, k) =>
        Array.from({ length: counts[k] as number }, () => ids[meaning.group]?.[c]?.pop() as string),
      );
      if (meaning.plate.cut) {
        for (const [n, of] of [type, meaning.plate.cut.type].entries())
          plates[meaning.group]?.[of]?.push({
            portions: [{ of: portions[0] as string, side: SIDES[n] as Half['side'] }],
            massG: meaning.plate.cut.massesG[n] as number,
          });
        continue;
      }
      const massG = classes.reduce(
        (sum, c, k) => sum + (groups[meaning.group]?.classes[c]?.massG ?? 0) * (counts[k] as number),
        0,
      );
      plates[meaning.group]?.[type]?.push({ portions, massG });
    }
  }
  for (const group of plates)
    for (const [type, list] of group.entries())
      list.sort((a, b) => (type % 2 === 0 ? 1 : -1) * (a.massG - b.massG));
  return plates;
}

function packOf(
  { group, kind, heap, fromHeap }: Pattern,
  request: PackRequest,
  targets: readonly number[],
  loose: readonly LoosePlate[][][],
  heapG: number,
): PlannedPack {
  const { name, eaters } = request.packs[kind] as PackRequest['packs'][number];
  const sized = eaters.map((eater) => ({
    eater,
    targetG: request.eaters.find((each) => each.name === eater)?.targetG ?? 0,
  }));
  const heapLeft = [...fromHeap];
  const isHeap = sized.map(({ targetG }) => {
    const type = targets.indexOf(targetG);
    if ((heapLeft[type] ?? 0) === 0) return false;
    heapLeft[type] = (heapLeft[type] as number) - 1;
    return true;
  });
  const masses =
    heapPlates(
      sized.filter((_, index) => isHeap[index]).map(({ targetG }) => targetG),
      heapG,
      request.tolerance,
    ) ?? [];
  let next = 0;
  const plates = sized.map(({ eater, targetG }, index): Plate => {
    if (isHeap[index]) return { eater, massG: masses[next++] as number, portions: [] };
    const plate = loose[group]?.[targets.indexOf(targetG)]?.pop();
    return { eater, massG: plate?.massG ?? 0, portions: plate?.portions ?? [] };
  });
  return {
    name,
    portions: plates.flatMap(({ portions }) => portions),
    divisible: heap ? { [heap.id]: heapG } : {},
    massG: plates.reduce((sum, { massG }) => sum + massG, 0),
    targetG: sized.reduce((sum, { targetG }) => sum + targetG, 0),
    plates,
  };
}

/** What each pack gets of its heap: as much as is best, or less where the heap runs short, the largest plates giving first. */
function heapMasses(
  patterns: readonly Pattern[],
  targets: readonly number[],
  request: PackRequest,
): number[] {
  const masses = patterns.map(({ heapG }) => heapG);
  for (const heap of request.divisible) {
    const own = patterns.flatMap((pattern, index) => (pattern.heap?.id === heap.id ? [index] : []));
    let short = own.reduce((sum, index) => sum + (masses[index] as number), 0) - heap.massG;
    for (const type of targets.keys()) {
      for (const index of own) {
        if (short <= 1e-9) break;
        const less = Math.min(
          short,
          roomOf(patterns[index] as Pattern, type, targets, request.tolerance),
          (masses[index] as number) - (patterns[index] as Pattern).leastHeapG,
        );
        masses[index] = (masses[index] as number) - less;
        short -= less;
      }
    }
  }
  return masses;
}

/** By how much the plates of one appetite can still be smaller. Targets run from the largest down. */
function roomOf(
  { fromHeap, heapG }: Pattern,
  type: number,
  targets: readonly number[],
  tolerance: number,
): number {
  const rooms = fromHeap.map((count, each) => count * tolerance * (targets[each] as number));
  const sum = fromHeap.reduce((total, count, each) => total + count * (targets[each] as number), 0);
  const before = rooms.slice(0, type).reduce((total, room) => total + room, 0);
  const used = Math.max(0, Math.min(rooms[type] as number, sum - heapG - before));
  return (rooms[type] as number) - used;
}
