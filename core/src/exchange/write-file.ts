import type { Household } from '../records/household';
import { registerOf } from '../records/record';
import { canonicalJson } from '../units/canonical-json';
import { FILE_FORMAT, FILE_VERSION } from './household-file';

/**
 * The export file of a household: one entry a line, entries in the journal's order, records by
 * register, keys sorted, no time of writing. Equal households give equal bytes.
 */
export function writeFile(household: Household): string {
  const records = [...household.records.values()].sort((a, b) => (registerOf(a) < registerOf(b) ? -1 : 1));
  return [
    `{"format":"${FILE_FORMAT}","version":${FILE_VERSION},`,
    `"entries":[${lines(household.journal.entries)}],`,
    `"records":[${lines(records)}]}`,
    '',
  ].join('\n');
}

function lines(values: readonly unknown[]): string {
  return values.length === 0 ? '' : `\n${values.map(canonicalJson).join(',\n')}\n`;
}
