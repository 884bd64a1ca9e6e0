import type { Entry } from '@core/ledger/entry';
import { canonicalJson } from '@core/units/canonical-json';

/** What is said, as text, by what it is called. */
export type Values = Readonly<Record<string, string>>;

/** Entries as text by their ids, to the letter. */
export function textsOf(entries: readonly Entry[]): Values {
  return Object.fromEntries(entries.map((entry) => [entry.id, canonicalJson(entry)]));
}
