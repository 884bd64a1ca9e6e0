import type { ColdEvent, Lot } from '../ledger/lot';
import type { State } from '../ledger/replay';
import { hoursToFreeze } from './freezing';
import type { ColdContext, FreezerFacts } from './running';

/** Hours until a batch is frozen: what went into one freezer in one deed is as slow as the slowest of it. */
export class BatchHours {
  private known: ReadonlyMap<string, number> | null = null;

  constructor(
    private readonly state: Pick<State, 'lots'>,
    private readonly coldOf: ColdContext['coldOf'],
  ) {}

  of(lot: Lot, event: ColdEvent, freezer: FreezerFacts): number {
    this.known ??= this.all();
    return Math.max(hoursToFreeze(lot, event.massDg, freezer), this.known.get(keyOf(event, freezer)) ?? 0);
  }

  /** Looked up once for all: a household has some thousand packs. */
  private all(): Map<string, number> {
    const known = new Map<string, number>();
    for (const lot of this.state.lots.values())
      for (const event of lot.cold) {
        const freezer = event.what === 'placed' ? this.coldOf(event.place ?? '') : undefined;
        if (freezer === undefined || freezer === 'refrigerator') continue;
        const key = keyOf(event, freezer);
        known.set(key, Math.max(known.get(key) ?? 0, hoursToFreeze(lot, event.massDg, freezer)));
      }
    return known;
  }
}

const keyOf = ({ deed }: ColdEvent, { id }: FreezerFacts): string => `${deed} ${id}`;
