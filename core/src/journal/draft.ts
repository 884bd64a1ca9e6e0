import type { EntryOf, EntryType, Take } from './entry';
import type { Lot, LotId, Source } from './lot';
import type { Refusal } from './refusal';
import { copyLot, type Changeable } from './make-lot';
import { flowOut, measure, type Taken } from './take';

/**
 * The lots while entries are being applied. A replay from nothing owns all its lots and changes
 * them in place; a draft of a state that others hold copies a lot before it changes it.
 */
export class Draft {
  private constructor(
    readonly lots: Map<LotId, Lot>,
    private readonly ownsAll: boolean,
  ) {}

  static empty(): Draft {
    return new Draft(new Map(), true);
  }

  static of(lots: ReadonlyMap<LotId, Lot>): Draft {
    return new Draft(new Map(lots), false);
  }

  has(id: LotId): boolean {
    return this.lots.has(id);
  }

  add(lot: Lot): void {
    this.lots.set(lot.id, lot);
  }

  /** The lot as one that may be changed; what is written to it counts. */
  change(lot: Lot): Changeable {
    if (this.ownsAll) return lot as Changeable;
    const copy = copyLot(lot);
    this.lots.set(lot.id, copy);
    return copy;
  }
}

type Applied = Exclude<EntryType, 'corrected' | 'undone' | 'redone'>;
export type Handlers = { [T in Applied]: (draft: Draft, entry: EntryOf<T>) => Refusal | null };

/** The lot, or why it cannot be used. */
export function find(
  draft: Draft,
  id: LotId,
): { lot: Lot; refusal?: undefined } | { lot?: undefined; refusal: Refusal } {
  const lot = draft.lots.get(id);
  return lot ? { lot } : { refusal: { code: 'no-such-lot', lot: id } };
}

/** What several takes come to. Nothing has been taken yet: see {@link takeOut}. */
export interface Gathered {
  readonly taken: readonly { readonly lot: Lot; readonly taken: Taken }[];
  readonly sources: readonly Source[];
  readonly massDg: number;
  readonly count: number;
}

/** Measures what is to go from several lots into one new one, or says why it cannot. */
export function gather(
  draft: Draft,
  takes: readonly Take[],
  entry: EntryOf<'packed' | 'combined'>,
): Gathered | { refusal: Refusal } {
  if (draft.has(entry.lot)) return { refusal: { code: 'lot-exists', lot: entry.lot } };
  const all: { lot: Lot; taken: Taken }[] = [];
  const sources: Source[] = [];
  let massDg = 0;
  let count = 0;
  for (const take of takes) {
    const { lot, refusal } = find(draft, take.lot);
    if (refusal) return { refusal };
    if (all.some((seen) => seen.lot.id === lot.id)) return { refusal: { code: 'twice', lot: lot.id } };
    if (lot.form === 'pack') return { refusal: { code: 'a-pack', lot: lot.id } };
    const result = measure(lot, take.amount);
    if ('refusal' in result) return result;
    const { taken } = result;
    all.push({ lot, taken });
    sources.push({ lot: lot.id, massDg: taken.massDg, flow: lot.flows.length });
    massDg += taken.massDg;
    count += Math.max(taken.count, lot.count === 1 ? 1 : 0);
  }
  return { taken: all, sources, massDg, count };
}

/** Takes what was gathered out of its lots. */
export function takeOut(draft: Draft, gathered: Gathered, entry: EntryOf<'packed' | 'combined'>): void {
  for (const { lot, taken } of gathered.taken) {
    flowOut(draft, lot, taken, { entry: entry.id, way: entry.type, lot: entry.lot, on: entry.on });
  }
}
