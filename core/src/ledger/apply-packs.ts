import { type Draft, type Handlers } from './draft';
import { find, gather, takeOut, type Gathered } from './gather';
import type { EntryOf } from './entry';
import type { Lot } from './lot';
import type { Refusal } from './refusal';
import { flowOut, measure } from './take';
import { addColdEvent, newLot } from './make-lot';
import { opened } from './opened';

/** What all gathered lots agree on, else null. */
function common<K extends keyof Lot>({ taken }: Gathered, field: K): Lot[K] | null {
  const first = taken[0]?.lot[field] ?? null;
  for (const { lot } of taken) if (lot[field] !== first) return null;
  return first;
}

function combined(draft: Draft, entry: EntryOf<'combined'>): Refusal | null {
  const { value: gathered, problem } = gather(draft, entry.from, entry);
  if (problem) return problem;
  const addedDg = entry.added.reduce((sum, { massDg }) => sum + massDg, 0);
  takeOut(draft, gathered, entry);
  draft.add(
    newLot('mix', {
      id: entry.lot,
      made: entry.id,
      madeAt: entry.at,
      name: entry.name,
      destination: entry.destination,
      inDg: gathered.massDg + addedDg,
      addedDg,
      on: entry.on,
      sources: gathered.sources,
      prepared: entry.prepared ?? null,
      animal: common(gathered, 'animal'),
    }),
  );
  return null;
}

function packed(draft: Draft, entry: EntryOf<'packed'>): Refusal | null {
  const { value: gathered, problem } = gather(draft, entry.from, entry);
  if (problem) return problem;
  const destination = common(gathered, 'destination') ?? 'main';
  takeOut(draft, gathered, entry);
  draft.add(
    newLot('pack', {
      id: entry.lot,
      made: entry.id,
      madeAt: entry.at,
      name: entry.name,
      destination,
      inDg: gathered.massDg,
      count: Math.max(1, gathered.count),
      plates: entry.plates ?? null,
      wrap: entry.wrap ?? null,
      thicknessMm: entry.thicknessMm ?? null,
      singly: entry.singly ?? false,
      on: entry.on,
      sources: gathered.sources,
      kept: common(gathered, 'kept'),
      prepared: entry.prepared ?? common(gathered, 'prepared'),
      until: common(gathered, 'until'),
      dated: common(gathered, 'dated'),
      refrozenOn: common(gathered, 'refrozenOn'),
      kind: common(gathered, 'kind'),
      part: common(gathered, 'part'),
      animal: common(gathered, 'animal'),
    }),
  );
  return null;
}

/** The knife adds pieces and takes no mass away; what was weighed stays what was weighed. */
function halved(draft: Draft, entry: EntryOf<'halved'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  if (lot.form === 'pack') return { code: 'a-pack', lot: lot.id };
  if (lot.leftDg === 0) return { code: 'nothing-left', lot: lot.id };
  if (entry.portions > lot.countLeft)
    return { code: 'too-many', lot: lot.id, wanted: entry.portions, left: lot.countLeft, of: 'portions' };
  draft.change(lot).countLeft += entry.portions;
  return null;
}

function unpacked(draft: Draft, entry: EntryOf<'unpacked'>): Refusal | null {
  if (draft.has(entry.lot)) return { code: 'lot-exists', lot: entry.lot };
  const { value: lot, problem } = find(draft, entry.from);
  if (problem) return problem;
  if (lot.form !== 'pack') return { code: 'not-a-pack', lot: lot.id };
  const measured = measure(lot, entry.amount);
  if (!measured.ok) return measured.problem;
  const taken = measured.value;
  const flow = lot.flows.length;
  flowOut(draft, lot, taken, entry, { way: 'unpacked', lot: entry.lot, on: entry.on });
  opened(draft, lot.id, entry);
  const { kind, part, name, animal, destination } = lot;
  const { wrap, thicknessMm, singly, refrozenOn, kept, prepared, until, dated } = lot;
  const asItLay = { on: lot.on, wrap, thicknessMm, singly, refrozenOn, kept, prepared, until, dated };
  const plates = taken.plates > 0 ? taken.plates : null;
  const fields = {
    kind,
    part,
    name,
    animal,
    destination,
    plates,
    count: Math.max(1, taken.count),
    ...asItLay,
  };
  const sources = [{ lot: lot.id, massDg: taken.massDg, flow }];
  draft.add(
    newLot('part', {
      id: entry.lot,
      made: entry.id,
      madeAt: entry.at,
      inDg: taken.massDg,
      sources,
      ...fields,
    }),
  );
  return null;
}

function placed(draft: Draft, entry: EntryOf<'placed'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  if (lot.leftDg === 0) return { code: 'nothing-left', lot: lot.id };
  const after = draft.change(lot);
  after.place = entry.place;
  addColdEvent(after, entry, { what: 'placed', on: entry.on ?? null, place: entry.place });
  return null;
}

/** The entries that join, wrap, unwrap and put away. */
export const packHandlers: Pick<Handlers, 'combined' | 'packed' | 'halved' | 'unpacked' | 'placed'> = {
  combined,
  packed,
  halved,
  unpacked,
  placed,
};
