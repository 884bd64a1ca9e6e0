import { toldAt } from '../ledger/told-at';
import type { Entry } from '../ledger/entry';
import type { EntryId } from '../ledger/lot';
import type { State } from '../ledger/replay';
import type { MassDg } from '../units/mass';
import type { Minor } from '../units/money';
import type { LotCost } from '../cost/lot-cost';

/** What nobody ate in some time: not found at a stock-take, or thrown away. */
export interface Loss {
  readonly period: string;
  readonly way: 'shrunk' | 'discarded';
  /** Why, as it was written down. */
  readonly reason: string;
  readonly packs: number;
  readonly massDg: MassDg;
  /** What was paid for it, as far as that is known. */
  readonly costMinor: Minor;
  readonly isCostKnown: boolean;
}

/**
 * Shrinkage and what was thrown away, by period and reason, the latest first. What goes to the bin at the board
 * (skin, glands) is trim and not counted here: only packs are.
 *
 * @param periodOf the period that a day is in, such as its year
 */
export function lossesBy(
  state: State,
  entries: readonly Entry[],
  costs: ReadonlyMap<string, LotCost>,
  periodOf: (day: string) => string,
): Loss[] {
  const byId = new Map<EntryId, Entry>(entries.map((entry) => [entry.id, entry]));
  const groups = new Map<string, Loss>();
  for (const lot of state.lots.values()) {
    if (lot.form !== 'pack' && lot.place === null) continue;
    for (const [index, { way, entry: id, massDg, on }] of lot.flows.entries()) {
      if (way !== 'shrunk' && way !== 'discarded') continue;
      const entry = byId.get(id);
      const period = periodOf(on ?? (entry && toldAt(entry).slice(0, 10)) ?? '');
      const reason =
        (entry && 'reason' in entry && entry.reason) || (way === 'shrunk' ? 'not found' : 'no reason given');
      const cost = costs.get(lot.id);
      const key = `${period}|${way}|${reason}`;
      const known = groups.get(key) ?? {
        period,
        way,
        reason,
        packs: 0,
        massDg: 0,
        costMinor: 0,
        isCostKnown: true,
      };
      groups.set(key, {
        ...known,
        packs: known.packs + 1,
        massDg: known.massDg + massDg,
        costMinor: known.costMinor + (cost?.flows[index] ?? 0),
        isCostKnown: known.isCostKnown && (cost?.complete ?? false),
      });
    }
  }
  return [...groups.values()].sort(
    (a, b) => (a.period < b.period ? 1 : a.period > b.period ? -1 : 0) || b.massDg - a.massDg,
  );
}
