import { type Draft, type Handlers } from './draft';
import { find } from './gather';
import type { EntryOf } from './entry';
import type { Refusal } from './refusal';
import { addColdEvent } from './make-lot';
import { flowOut, measure } from './take';

/** Eaten, given and discarded differ in their name only. */
function gone(draft: Draft, entry: EntryOf<'eaten' | 'given' | 'discarded'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  const measured = measure(lot, entry.amount);
  if (!measured.ok) return measured.problem;
  flowOut(draft, lot, measured.value, entry, { way: entry.type, on: entry.on });
  return null;
}

function thawing(draft: Draft, entry: EntryOf<'thawing'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  const stillFrozenDg = lot.leftDg - lot.thawingDg;
  // Put back into a freezer it may come out again; and it may go on thawing another way.
  const last = lot.cold.at(-1);
  const isThawingSo = last?.what === 'thawing' && last.way === (entry.way ?? 'refrigerator');
  if (lot.leftDg > 0 && stillFrozenDg === 0 && isThawingSo) return { code: 'nothing-left', lot: lot.id };
  const measured = measure(lot, entry.amount);
  if (!measured.ok) return measured.problem;
  const after = draft.change(lot);
  after.thawingDg = Math.min(lot.leftDg, after.thawingDg + measured.value.massDg);
  after.thawingOn = entry.on;
  after.thawingWay = entry.way ?? null;
  addColdEvent(after, entry, { what: 'thawing', on: entry.on, way: entry.way ?? 'refrigerator' });
  return null;
}

function refrozen(draft: Draft, entry: EntryOf<'refrozen'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  if (lot.leftDg === 0) return { code: 'nothing-left', lot: lot.id };
  if (lot.thawingDg === 0) return { code: 'not-thawing', lot: lot.id };
  const after = draft.change(lot);
  after.thawingDg = 0;
  after.thawingOn = null;
  after.thawingWay = null;
  after.refrozenOn = entry.on;
  addColdEvent(after, entry, { what: 'refrozen', on: entry.on });
  return null;
}

function checked(draft: Draft, entry: EntryOf<'checked'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  if (lot.leftDg === 0) return { code: 'nothing-left', lot: lot.id };
  addColdEvent(draft.change(lot), entry, { what: 'checked', on: entry.on, found: entry.found });
  return null;
}

function counted(draft: Draft, entry: EntryOf<'counted'>): Refusal | null {
  const { value: lot, problem } = find(draft, entry.lot);
  if (problem) return problem;
  const countLeft = entry.massDg === 0 ? 0 : (entry.count ?? lot.countLeft);
  const difference = entry.massDg - lot.leftDg;
  if (difference >= 0) {
    const after = draft.change(lot);
    if (lot.leftDg === 0 && entry.massDg > 0) after.platesLeft = lot.plates ?? 0;
    after.foundDg += difference;
    after.countedUpDg += difference;
    after.leftDg = entry.massDg;
    after.countLeft = countLeft;
    return null;
  }
  const plates = (lot.platesLeft * -difference) / lot.leftDg;
  const missing = Math.max(0, lot.countLeft - countLeft);
  const taken = { massDg: -difference, count: missing, plates, foundDg: 0 };
  flowOut(draft, lot, taken, entry, { way: 'shrunk' });
  // There may be less of it in more pieces than were written down.
  draft.change(draft.lots.get(lot.id) ?? lot).countLeft = countLeft;
  return null;
}

/** The entries about what becomes of a lot in the end. */
export const useHandlers: Pick<
  Handlers,
  'thawing' | 'refrozen' | 'checked' | 'eaten' | 'given' | 'discarded' | 'counted'
> = {
  thawing,
  refrozen,
  checked,
  eaten: gone,
  given: gone,
  discarded: gone,
  counted,
};
