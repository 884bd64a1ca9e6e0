import type { AnimalOf } from './animal';
import type { EntryOf, EntryType } from './entry';
import type { Lot, LotId } from './lot';
import type { Refusal } from './refusal';
import { copyLot, type Changeable } from './make-lot';

/**
 * The lots while entries are being applied. A replay from nothing owns all its lots and changes
 * them in place; a draft of a state that others hold copies a lot before it changes it.
 */
export class Draft {
  private constructor(
    readonly lots: Map<LotId, Lot>,
    private readonly ownsAll: boolean,
    readonly animalOf: AnimalOf,
  ) {}

  static empty(animalOf: AnimalOf): Draft {
    return new Draft(new Map(), true, animalOf);
  }

  static of(lots: ReadonlyMap<LotId, Lot>, animalOf: AnimalOf): Draft {
    return new Draft(new Map(lots), false, animalOf);
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
