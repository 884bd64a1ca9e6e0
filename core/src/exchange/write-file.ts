import type { Household } from '../records/household';
import { registerOf } from '../records/record';
import { canonicalJson } from '../units/canonical-json';
import { FILE_FORMAT, FILE_VERSION } from './household-file';

/**
 * The export file of a household: one entry a line, entries in the journal's order, records by
 * register, keys sorted, no time of writing. Equal households give equal bytes.
 */
export function writeFile({ journal, records, identity }: Household): string {
  const registers = [...records.values()].sort((a, b) => (registerOf(a) < registerOf(b) ? -1 : 1));
  return [
    `{"format":"${FILE_FORMAT}","version":${FILE_VERSION},`,
    ...(identity ? [`"household":${canonicalJson(identity)},`] : []),
    `"entries":[${lines(journal.entries)}],`,
    `"records":[${lines(registers)}]}`,
    '',
  ].join('\n');
}

function lines(values: readonly unknown[]): string {
  return values.length === 0 ? '' : `\n${values.map(canonicalJson).join(',\n')}\n`;
}
