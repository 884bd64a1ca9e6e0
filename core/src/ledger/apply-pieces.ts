import { failure, type Result } from '../units/result';
import { type Draft, type Handlers } from './draft';
import { find } from './gather';
import type { EntryOf } from './entry';
import { totalDg, type Lot } from './lot';
import type { Refusal } from './refusal';
import { scaleToleranceDg } from './scale-tolerance';
import { flowOut, loss, measure } from './take';
import { dropFlow, newLot } from './make-lot';
import { opened } from './opened';

interface Weighed {
  readonly massDg: number;
  readonly grossDg?: number;
  readonly tareDg?: number;
}

/** The typed gross, tare and net of one weighing must agree. */
export function weighedWrong({ massDg, grossDg, tareDg = 0 }: Weighed): Refusal | null {
  if (grossDg === undefined || grossDg - tareDg === massDg) return null;
  return { code: 'net-differs', netDg: massDg, grossDg, tareDg };
}

export function openPiece(draft: Draft, id: string): Result<Lot, Refusal> {
  const found = find(draft, id);
  if (!found.ok) return found;
  const lot = found.value;
  if (lot.form === 'pack') return failure({ code: 'a-pack', lot: id });
  if (lot.closed) return failure({ code: 'closed', lot: id });
  return found;
}

function received(draft: Draft, entry: EntryOf<'received'>): Refusal | null {
  if (draft.has(entry.lot)) return { code: 'lot-exists', lot: entry.lot };
  const { kind, count, way = null, shop = null, on, paidMinor, massDg } = entry;
  const { until = null, dated = null, kept = null, prepared = null, grade = null } = entry;
  const wrong = weighedWrong(entry);
  if (wrong) return wrong;
  const animal = draft.animalOf(kind);
  const fields = { kind, animal, count, way, shop, grade, on, paidMinor, until, dated, kept, prepared };
  draft.add(
    newLot('piece', {
      id: entry.lot,
      made: entry.id,
      madeAt: entry.at,
      destination: 'main',
      inDg: massDg,
      ...fields,
    }),
  );
  return null;
}

function acquired(draft: Draft, entry: EntryOf<'acquired'>): Refusal | null {
  if (draft.has(entry.lot)) return { code: 'lot-exists', lot: entry.lot };
  const wrong = weighedWrong(entry);
  if (wrong) return wrong;
  const {
    name,
    destination,
    massDg,
    count,
    plates = null,
    paidMinor,
    origin,
    on,
    animal = null,
    kept = null,
    prepared = null,
    until = null,
    dated = null,
    boughtOn = null,
  } = entry;
  const came = { kept, prepared, until, dated, boughtOn };
  const fields = { name, count, plates, paidMinor, origin, on, animal, ...came };
  draft.add(
    newLot('pack', { id: entry.lot, made: entry.id, madeAt: entry.at, destination, inDg: massDg, ...fields }),
  );
  return null;
}

function drained(draft: Draft, entry: EntryOf<'drained'>): Refusal | null {
  const { value: lot, problem } = openPiece(draft, entry.lot);
  if (problem) return problem;
  if (lot.form !== 'piece') return { code: 'not-a-piece', lot: lot.id };
  const wrong = weighedWrong(entry);
  if (wrong) return wrong;
  const over = entry.massDg - lot.leftDg;
  if (over > scaleToleranceDg(totalDg(lot))) {
    return { code: 'heavier-than-before', lot: lot.id, wantedDg: entry.massDg, leftDg: lot.leftDg };
  }
  if (over > 0) {
    const heavier = draft.change(lot);
    heavier.foundDg += over;
    heavier.leftDg = entry.massDg;
  }
  loss(draft, lot, -over, entry, 'liquid');
  draft.change(draft.lots.get(lot.id) ?? lot).isDrained = true;
  opened(draft, lot.id, entry);
  return null;
}

function bagOpened(draft: Draft, entry: EntryOf<'opened'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  opened(draft, lot.id, entry, entry.found);
  return null;
}

function cut(draft: Draft, entry: EntryOf<'cut'>): Refusal | null {
  if (draft.has(entry.lot)) return { code: 'lot-exists', lot: entry.lot };
  const { value: lot, problem } = openPiece(draft, entry.from);
  if (problem) return problem;
  const wrong = weighedWrong(entry);
  if (wrong) return wrong;
  const measured = measure(lot, { massDg: entry.massDg });
  if (!measured.ok) return measured.problem;
  // A part does not take birds or plates with it: those are counted when the lot itself moves.
  const taken = { ...measured.value, count: 0, plates: 0 };
  const flow = lot.flows.length;
  flowOut(draft, lot, taken, entry, { way: 'cut', lot: entry.lot, on: entry.on });
  if (lot.form === 'piece') opened(draft, lot.id, entry);
  draft.add(
    newLot('part', {
      id: entry.lot,
      made: entry.id,
      madeAt: entry.at,
      kind: lot.kind,
      animal: lot.animal,
      part: entry.part,
      destination: entry.destination,
      inDg: entry.massDg,
      count: entry.count,
      on: entry.on,
      prepared: entry.prepared ?? null,
      sources: [{ lot: lot.id, massDg: entry.massDg, flow }],
    }),
  );
  return null;
}

function changed(draft: Draft, entry: EntryOf<'changed'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  if (lot.form === 'piece') return { code: 'not-a-piece', lot: lot.id };
  if (lot.form === 'pack') return { code: 'a-pack', lot: lot.id };
  if (lot.flows.some((flow) => flow.way === 'packed')) return { code: 'in-a-pack', lot: lot.id };
  const after = draft.change(lot);
  after.part = entry.part ?? lot.part;
  after.destination = entry.destination ?? lot.destination;
  return null;
}

function closed(draft: Draft, entry: EntryOf<'closed'>): Refusal | null {
  const { value: lot, problem } = openPiece(draft, entry.lot);
  if (problem) return problem;
  if (lot.form !== 'piece' && !lot.flows.some((flow) => flow.way === 'cut'))
    return { code: 'not-a-piece', lot: lot.id };
  loss(draft, lot, lot.leftDg, entry, 'unaccounted');
  const after = draft.change(draft.lots.get(lot.id) ?? lot);
  after.closed = true;
  after.closedAt = entry.at;
  after.lossWas = entry.loss ?? null;
  after.bonesWere = entry.bones ?? null;
  return null;
}

function reopened(draft: Draft, entry: EntryOf<'reopened'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  if (!lot.closed) return { code: 'not-closed', lot: lot.id };
  const after = draft.change(lot);
  if (after.flows.at(-1)?.way === 'unaccounted') after.leftDg += dropFlow(after)?.massDg ?? 0;
  after.closed = false;
  after.closedAt = null;
  after.lossWas = null;
  after.bonesWere = null;
  return null;
}

/** The entries about pieces and what comes off them. */
export const pieceHandlers: Pick<
  Handlers,
  'received' | 'acquired' | 'drained' | 'opened' | 'cut' | 'changed' | 'closed' | 'reopened'
> = { received, acquired, drained, opened: bagOpened, cut, changed, closed, reopened };
