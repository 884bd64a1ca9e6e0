import type { Amount, Entry, EntryOf, EntryType } from '../ledger/entry';
import type { LedgerWords } from '../ledger/refusal';

type Describe = { [T in EntryType]: (entry: Extract<Entry, { type: T }>, words: LedgerWords) => string };

const DESCRIBE: Describe = {
  received: (e, w) => `Bought ${w.lot(e.lot)}, ${w.mass(e.massDg)}`,
  acquired: (e, w) => `Entered ${e.name}, ${w.mass(e.massDg)}`,
  drained: (e, w) => `Drained ${w.lot(e.lot)} to ${w.mass(e.massDg)}`,
  opened: (e, w) =>
    `${e.found === 'leaking' ? 'Found the bag of' : 'Opened'} ${w.lot(e.lot)}${e.found ? ' leaking' : ''}`,
  cut: (e, w) => `Weighed ${e.part}, ${w.mass(e.massDg)}`,
  split: (e, w) => `Split ${e.count} off ${w.lot(e.from)}, ${w.mass(e.massDg)}`,
  changed: (e, w) => `Changed what ${w.lot(e.lot)} is`,
  corrected: () => 'Corrected a figure',
  closed: (e, w) => `Closed ${w.lot(e.lot)}`,
  reopened: (e, w) => `Reopened ${w.lot(e.lot)}`,
  combined: (e) => `Combined ${e.from.length} lots into ${e.name}`,
  packed: (e) => `Packed ${e.name}`,
  halved: (e, w) => `Cut ${e.portions === 1 ? 'one' : e.portions} of ${w.lot(e.lot)} in two`,
  unpacked: (e, w) => `Took ${amountOf(e.amount, w)} out of ${w.lot(e.from)}`,
  placed: (e, w) => `Moved ${w.lot(e.lot)}`,
  thawing: (e, w) => `Began to thaw ${amountOf(e.amount, w)} of ${w.lot(e.lot)}`,
  refrozen: (e, w) => `Froze ${w.lot(e.lot)} again`,
  checked: (e, w) => `Looked at ${w.lot(e.lot)}: ${FOUND[e.found]}`,
  eaten: (e, w) => `Ate ${amountOf(e.amount, w)} of ${w.lot(e.lot)}`,
  given: (e, w) => `Gave away ${amountOf(e.amount, w)} of ${w.lot(e.lot)}`,
  discarded: (e, w) => `Threw away ${amountOf(e.amount, w)} of ${w.lot(e.lot)}`,
  counted: (e, w) => `Counted ${w.lot(e.lot)}: ${w.mass(e.massDg)}`,
  undone: (e) => `Undid ${e.entries.length === 1 ? 'an entry' : `${e.entries.length} entries`}`,
  redone: (e) => `Redid ${e.entries.length === 1 ? 'an entry' : `${e.entries.length} entries`}`,
};

/** What somebody found who looked at something cold. */
const FOUND: Readonly<Record<EntryOf<'checked'>['found'], string>> = {
  ice: 'still ice in it',
  soft: 'soft through',
  cold: 'at 4 °C or below',
  warm: 'above 4 °C',
};

function amountOf(amount: Amount, words: LedgerWords): string {
  if (amount === 'all') return 'all';
  if ('massDg' in amount) return words.mass(amount.massDg);
  if ('plates' in amount) return amount.plates === 1 ? 'one plate' : `${amount.plates} plates`;
  return amount.count === 1 ? 'one' : String(amount.count);
}

/** What an entry says, in a few plain words. */
export function describeEntry(entry: Entry, words: LedgerWords): string {
  return (DESCRIBE[entry.type] as (entry: Entry, words: LedgerWords) => string)(entry, words);
}
