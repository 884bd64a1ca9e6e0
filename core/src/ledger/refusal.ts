import type { EntryId, LotId } from './lot';
import type { MassDg } from '../units/mass';

/** Why an entry does not fit. Nothing has changed when one is returned. */
export type Refusal =
  | { readonly code: 'no-such-lot'; readonly lot: LotId }
  | { readonly code: 'lot-exists'; readonly lot: LotId }
  | { readonly code: 'entry-exists'; readonly entry: EntryId }
  | { readonly code: 'not-a-piece'; readonly lot: LotId }
  | { readonly code: 'closed'; readonly lot: LotId }
  | { readonly code: 'not-closed'; readonly lot: LotId }
  | { readonly code: 'begun'; readonly lot: LotId }
  | { readonly code: 'none-stays'; readonly lot: LotId; readonly wanted: number; readonly there: number }
  | { readonly code: 'in-a-pack'; readonly lot: LotId }
  | { readonly code: 'not-a-pack'; readonly lot: LotId }
  | { readonly code: 'a-pack'; readonly lot: LotId }
  | { readonly code: 'not-thawing'; readonly lot: LotId }
  | { readonly code: 'nothing-left'; readonly lot: LotId }
  | { readonly code: 'too-much'; readonly lot: LotId; readonly wantedDg: MassDg; readonly leftDg: MassDg }
  | {
      readonly code: 'heavier-than-before';
      readonly lot: LotId;
      readonly wantedDg: MassDg;
      readonly leftDg: MassDg;
    }
  | {
      readonly code: 'too-many';
      readonly lot: LotId;
      readonly wanted: number;
      readonly left: number;
      readonly of: 'portions' | 'plates';
    }
  | {
      readonly code: 'net-differs';
      readonly netDg: MassDg;
      readonly grossDg: MassDg;
      readonly tareDg: MassDg;
    }
  | { readonly code: 'twice'; readonly lot: LotId }
  | { readonly code: 'no-such-entry'; readonly entry: EntryId }
  | { readonly code: 'already-undone'; readonly entry: EntryId }
  | { readonly code: 'not-undone'; readonly entry: EntryId }
  | { readonly code: 'cannot-undo'; readonly entry: EntryId }
  | { readonly code: 'written-since'; readonly entry: EntryId }
  | { readonly code: 'cannot-correct'; readonly entry: EntryId; readonly problem: string }
  | { readonly code: 'rests-on'; readonly entries: readonly EntryId[] }
  | { readonly code: 'clock'; readonly year: string }
  | { readonly code: 'malformed'; readonly problem: string };

/** How masses are written, and lots called, in a sentence about the ledger. */
export interface LedgerWords {
  readonly mass: (massDg: MassDg) => string;
  readonly lot: (lot: LotId) => string;
}
type Explanations = {
  [C in Refusal['code']]: (refusal: Extract<Refusal, { code: C }>, words: LedgerWords) => string;
};

const EXPLAIN: Explanations = {
  'no-such-lot': () => 'The journal has no such piece or pack. It may have been undone on another device.',
  'lot-exists': () => 'That was written down already.',
  'entry-exists': () => 'That was written down already.',
  'not-a-piece': (r, w) => `${w.lot(r.lot)} is not a piece that can be drained or closed.`,
  closed: (r, w) => `${w.lot(r.lot)} is closed. Reopen it to take more off.`,
  'not-closed': (r, w) => `${w.lot(r.lot)} is still open.`,
  begun: (r, w) => `Something of ${w.lot(r.lot)} is off already. It can be split until its first cut.`,
  'none-stays': (r, w) =>
    `${w.lot(r.lot)} has ${r.there} in it, so ${r.wanted} cannot go another way: at least one has to stay.`,
  'in-a-pack': (r, w) => `${w.lot(r.lot)} lies in a pack. Undo the pack first.`,
  'not-a-pack': (r, w) => `${w.lot(r.lot)} is not a pack.`,
  'a-pack': (r, w) => `${w.lot(r.lot)} is a pack. Take out of it what you want to cut, grind or pack anew.`,
  'not-thawing': (r, w) => `${w.lot(r.lot)} is not thawing, so it cannot be frozen again.`,
  'nothing-left': (r, w) => `Nothing is left of ${w.lot(r.lot)}.`,
  'too-much': (r, w) =>
    `${w.mass(r.wantedDg)} is more than is left of ${w.lot(r.lot)}: ${w.mass(r.leftDg)}. Weigh again, or correct an earlier weight.`,
  'heavier-than-before': (r, w) =>
    `Drained, ${w.lot(r.lot)} cannot weigh ${w.mass(r.wantedDg)}: it was ${w.mass(r.leftDg)}. Weigh again, or correct the label weight.`,
  'too-many': (r, w) => `${w.lot(r.lot)} has ${r.left} ${r.of} left, not ${r.wanted}.`,
  'net-differs': (r, w) =>
    `${w.mass(r.grossDg)} less a tray of ${w.mass(r.tareDg)} is not ${w.mass(r.netDg)}. Type the weights again.`,
  twice: (r, w) => `${w.lot(r.lot)} is named twice.`,
  'no-such-entry': () => 'The journal has no such entry.',
  'already-undone': () => 'That is undone already.',
  'not-undone': () => 'That is in force already.',
  'cannot-undo': () => 'An undo is taken back with redo.',
  'written-since': () =>
    'Something about the same meat was written down since, so this cannot be done again. Write it down anew.',
  'cannot-correct': (r) => `That cannot be corrected: ${r.problem}.`,
  'rests-on': (r) =>
    `${r.entries.length} later ${r.entries.length === 1 ? 'entry rests' : 'entries rest'} on this. Undo ${r.entries.length === 1 ? 'it' : 'them'} first, or all together.`,
  clock: (r) =>
    `This device’s clock says that it is the year ${r.year}. Set it right first: every date would be wrong. Nothing was written down.`,
  malformed: (r) => `That cannot be written down: ${r.problem}.`,
};

/** A refusal in plain words, with the household's way of writing masses and naming lots. */
export function explainRefusal(refusal: Refusal, words: LedgerWords): string {
  const explain = EXPLAIN[refusal.code] as (refusal: Refusal, words: LedgerWords) => string;
  const sentence = explain(refusal, words);
  return sentence.charAt(0).toUpperCase() + sentence.slice(1);
}
