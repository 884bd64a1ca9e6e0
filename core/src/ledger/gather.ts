import { failure, success, type Result } from '../units/result';
import type { Draft } from './draft';
import type { EntryOf, Take } from './entry';
import type { Lot, LotId, Source } from './lot';
import type { Refusal } from './refusal';
import { flowOut, measure, type Taken } from './take';

/** The lot, or why it cannot be used. */
export function find(draft: Draft, id: LotId): Result<Lot, Refusal> {
  const lot = draft.lots.get(id);
  return lot ? success(lot) : failure({ code: 'no-such-lot', lot: id });
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
): Result<Gathered, Refusal> {
  if (draft.has(entry.lot)) return failure({ code: 'lot-exists', lot: entry.lot });
  const all: { lot: Lot; taken: Taken }[] = [];
  const sources: Source[] = [];
  let massDg = 0;
  let count = 0;
  for (const take of takes) {
    const { value: lot, problem } = find(draft, take.lot);
    if (problem) return failure(problem);
    if (all.some((seen) => seen.lot.id === lot.id)) return failure({ code: 'twice', lot: lot.id });
    if (lot.form === 'pack') return failure({ code: 'a-pack', lot: lot.id });
    const measured = measure(lot, take.amount);
    if (!measured.ok) return measured;
    const taken = measured.value;
    all.push({ lot, taken });
    sources.push({ lot: lot.id, massDg: taken.massDg, flow: lot.flows.length });
    massDg += taken.massDg;
    count += Math.max(taken.count, lot.count === 1 ? 1 : 0);
  }
  return success({ taken: all, sources, massDg, count });
}

/** Takes what was gathered out of its lots. */
export function takeOut(draft: Draft, gathered: Gathered, entry: EntryOf<'packed' | 'combined'>): void {
  for (const { lot, taken } of gathered.taken) {
    flowOut(draft, lot, taken, entry, { way: entry.type, lot: entry.lot, on: entry.on });
  }
}
