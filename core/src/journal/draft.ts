import type { EntryOf, EntryType, Take } from './entry';
import type { Lot, LotId, Source } from './lot';
import type { Refusal } from './refusal';
import { flowOut, measure } from './take';

/** The lots while a replay is under way. Lots themselves are never changed, only replaced. */
export type Draft = Map<LotId, Lot>;

type Applied = Exclude<EntryType, 'corrected' | 'undone' | 'redone'>;
export type Handlers = { [T in Applied]: (draft: Draft, entry: EntryOf<T>) => Refusal | null };

/** The lot, or why it cannot be used. */
export function find(draft: Draft, id: LotId): { lot: Lot; refusal?: undefined } | { lot?: undefined; refusal: Refusal } {
  const lot = draft.get(id);
  return lot ? { lot } : { refusal: { code: 'no-such-lot', lot: id } };
}

/** What several takes come to, with the lots as they will be afterwards. */
export interface Gathered {
  readonly after: readonly Lot[];
  readonly sources: readonly Source[];
  readonly massDg: number;
  readonly count: number;
}

/**
 * Takes from several lots into one new one. Nothing is written: the caller replaces the lots
 * once everything has been checked.
 */
export function gather(
  draft: Draft,
  takes: readonly Take[],
  entry: EntryOf<'packed' | 'combined'>,
): Gathered | { refusal: Refusal } {
  if (draft.has(entry.lot)) return { refusal: { code: 'lot-exists', lot: entry.lot } };
  const after: Lot[] = [];
  const sources: Source[] = [];
  let massDg = 0;
  let count = 0;
  for (const take of takes) {
    const { lot, refusal } = find(draft, take.lot);
    if (refusal) return { refusal };
    if (after.some((seen) => seen.id === lot.id)) return { refusal: { code: 'twice', lot: lot.id } };
    if (lot.form === 'pack') return { refusal: { code: 'a-pack', lot: lot.id } };
    const result = measure(lot, take.amount);
    if ('refusal' in result) return result;
    const { taken } = result;
    after.push(flowOut(lot, taken, { entry: entry.id, way: entry.type, lot: entry.lot, on: entry.on }));
    sources.push({ lot: lot.id, massDg: taken.massDg, flow: lot.flows.length });
    massDg += taken.massDg;
    count += Math.max(taken.count, lot.count === 1 ? 1 : 0);
  }
  return { after, sources, massDg, count };
}

/** What all lots agree on, else null. */
export function common<K extends keyof Lot>(lots: readonly Lot[], field: K): Lot[K] | null {
  const first = lots[0]?.[field] ?? null;
  return lots.every((lot) => lot[field] === first) ? first : null;
}
