import { sum } from 'd3-array';
import type { EaterType } from './eater-types';
import { SIDES, type Served } from './half';
import { halvesOf } from './halves-columns';
import type { MealKind } from './meal-kinds';
import { listed } from './listed';
import { LEAST_STEP } from './out-of-place';
import type { PackModel } from './pack-model';
import type { HeapMeaning, PackMeaning, PlatedMeaning, SharedMeaning } from './pack-meaning';
import type { Plate, PlannedPack } from './pack-plan';
import type { PackRequest } from './pack-request';
import type { Pieces } from './pack-units';
import type { Chosen } from './chosen';
import type { UnitRows } from './unit-rows';

/** A plate that no eater has yet. */
interface Loose {
  readonly portions: readonly Served[];
  readonly massG: number;
  /** So much of the heap. */
  readonly heapG: number;
}

/** The packs that a choice stands for, unit by unit. */
export function packsOf(
  { units, types, program }: PackModel,
  request: PackRequest,
  chosen: Chosen,
): PlannedPack[] {
  const massOf = new Map(request.portions.map(({ id, massG }) => [id, massG]));
  return units.flatMap((rows) => {
    const own = [...chosen].flatMap(([j, value]): PackMeaning[] => {
      const meaning = program.meanings[j] as PackMeaning;
      return meaning.unit === rows.index && meaning.is !== 'fill'
        ? Array.from({ length: Math.round(value) }, () => meaning)
        : [];
    });
    const writer = new Writer(rows, types, request, massOf);
    return writer.packs(own);
  });
}

class Writer {
  private readonly ids: readonly string[][];
  private readonly heapLeft: Map<string, number>;

  constructor(
    private readonly rows: UnitRows,
    private readonly types: readonly EaterType[],
    private readonly request: PackRequest,
    private readonly massOf: ReadonlyMap<string, number>,
  ) {
    this.ids = rows.unit.pieces.map(({ ids }) => [...ids].reverse());
    this.heapLeft = new Map(rows.unit.pool?.heaps.map(({ id, massG }) => [id, massG]) ?? []);
  }

  packs(own: readonly PackMeaning[]): PlannedPack[] {
    const loose = this.loosePlates(own);
    const plated = own.filter((meaning) => meaning.is === 'plated').sort((a, b) => total(b) - total(a));
    const heaps = own.filter((meaning) => meaning.is === 'heap');
    const filled = this.filled(
      heaps,
      sum([...loose.values()].flat(), ({ heapG }) => heapG),
    );
    return [
      ...plated.map((meaning) => this.platedPack(meaning, loose)),
      ...own.filter((meaning) => meaning.is === 'shared').map((meaning) => this.sharedPack(meaning)),
      ...heaps.map((meaning, k) => this.heapPack(meaning, filled[k] as number)),
    ];
  }

  private take(item: number, count: number): string[] {
    return Array.from({ length: count }, () => this.ids[item]?.pop() as string);
  }

  private mass(ids: readonly string[]): number {
    return sum(ids, (id) => this.massOf.get(id) ?? 0);
  }

  /** By eater and eighths, the heaviest last. */
  private loosePlates(own: readonly PackMeaning[]): Map<string, Loose[]> {
    const plates = new Map<string, Loose[]>();
    const put = (type: number, step: number, plate: Loose): void => {
      const key = `${type} ${step}`;
      plates.set(key, [...(plates.get(key) ?? []), plate]);
    };
    for (const meaning of own) {
      if (meaning.is === 'plate') {
        const portions = meaning.items.flatMap((item, k) => this.take(item, meaning.counts[k] as number));
        put(meaning.type, meaning.step, { portions, massG: this.mass(portions), heapG: 0 });
      }
      if (meaning.is === 'halves') {
        const [of] = this.take(meaning.piece, 1) as [string];
        const { massG } = this.rows.unit.pieces[meaning.piece] as Pieces;
        const [a, b] = meaning.types.map((type) => this.types[type] as EaterType) as [EaterType, EaterType];
        const exact = this.massOf.get(of) ?? massG;
        const [first] = halvesOf(massG, a, b);
        for (const [k, half] of [first, exact - first].entries())
          put(meaning.types[k as 0 | 1], meaning.steps[k as 0 | 1], {
            portions: [{ of, side: SIDES[k as 0 | 1] }],
            massG: half,
            heapG: 0,
          });
      }
      if (meaning.is === 'ladle')
        put(meaning.type, meaning.step, { portions: [], massG: meaning.massG, heapG: meaning.massG });
    }
    for (const list of plates.values()) list.sort((a, b) => a.massG - b.massG);
    return plates;
  }

  private platedPack({ meal, plates }: PlatedMeaning, loose: Map<string, Loose[]>): PlannedPack {
    const names = this.namesOf(meal);
    let heapG = 0;
    const filled = plates.map(([type, step]): Plate => {
      const plate = loose.get(`${type} ${step}`)?.pop() as Loose;
      heapG += plate.heapG;
      return { eater: names[type]?.pop() as string, massG: plate.massG, portions: plate.portions };
    });
    return {
      ...this.head(meal),
      portions: filled.flatMap(({ portions }) => portions),
      divisible: this.fromHeaps(heapG),
      massG: sum(filled, ({ massG }) => massG),
      plates: this.inOrder(filled),
    };
  }

  private sharedPack({ meal, items, counts }: SharedMeaning): PlannedPack {
    const portions = items.flatMap((item, k) => this.take(item, counts[k] as number));
    const massG = this.mass(portions);
    return { ...this.head(meal), portions, divisible: {}, massG, plates: this.shares(meal, massG) };
  }

  private heapPack({ meal }: HeapMeaning, massG: number): PlannedPack {
    return {
      ...this.head(meal),
      portions: [],
      divisible: this.fromHeaps(massG),
      massG,
      plates: this.shares(meal, massG),
    };
  }

  /** In proportion to the appetites. */
  private shares(meal: number, massG: number): Plate[] {
    const { appetiteG, slots } = this.rows.meals[meal] as MealKind;
    const names = this.namesOf(meal);
    return this.inOrder(
      slots.flatMap((count, t) =>
        Array.from({ length: count }, () => ({
          eater: names[t]?.pop() as string,
          massG: (massG * (this.types[t] as EaterType).targetG) / appetiteG,
          portions: [],
        })),
      ),
    );
  }

  private fromHeaps(massG: number): Record<string, number> {
    let missing = massG;
    const taken: Record<string, number> = {};
    for (const [id, left] of this.heapLeft) {
      const now = Math.min(missing, left);
      if (now <= 1e-6) continue;
      taken[id] = now;
      missing -= now;
      this.heapLeft.set(id, left - now);
    }
    return taken;
  }

  /** What each pack of the heap holds: its least, then all alike, as far as there is something. */
  private filled(heaps: readonly HeapMeaning[], ladledG: number): number[] {
    const masses = heaps.map(({ leastG }) => leastG);
    let left = sum(this.heapLeft.values()) - ladledG - sum(masses);
    for (const level of [0, 1, 2] as const) {
      const room = sum(heaps, ({ roomsG }) => roomsG[level]);
      const share = room > 0 ? Math.max(0, Math.min(1, left / room)) : 0;
      for (const [k, { roomsG }] of heaps.entries())
        masses[k] = (masses[k] as number) + roomsG[level] * share;
      left -= room * share;
    }
    return masses;
  }

  private head(meal: number): Pick<PlannedPack, 'name' | 'isSmaller' | 'targetG'> {
    const { wanted, appetiteG } = this.rows.meals[meal] as MealKind;
    const name =
      wanted === null
        ? `for ${listed(this.inOrder(this.namesOf(meal).flat(), (each) => each))}`
        : this.request.packs[wanted]?.name;
    return { name: name ?? '', isSmaller: wanted === null, targetG: appetiteG };
  }

  /** Who eats of it, by type. */
  private namesOf(meal: number): string[][] {
    const { wanted, slots } = this.rows.meals[meal] as MealKind;
    const eaters = wanted === null ? null : (this.request.packs[wanted]?.eaters ?? []);
    return slots.map((count, t) => {
      const names = (this.types[t] as EaterType).names;
      return (eaters ? eaters.filter((name) => names.includes(name)) : names).slice(0, count).reverse();
    });
  }

  private inOrder(plates: readonly Plate[]): Plate[];
  private inOrder<T>(all: readonly T[], nameOf: (each: T) => string): T[];
  private inOrder<T>(all: readonly T[], nameOf: (each: T) => string = (each) => (each as Plate).eater): T[] {
    const at = new Map(this.request.eaters.map(({ name }, k) => [name, k]));
    return [...all].sort((a, b) => (at.get(nameOf(a)) ?? 0) - (at.get(nameOf(b)) ?? 0));
  }
}

/** Packs whose plates are fuller come first, so that the fullest plates of each eater meet. */
function total({ plates }: PlatedMeaning): number {
  return sum(plates, ([, step]) => step - LEAST_STEP);
}
