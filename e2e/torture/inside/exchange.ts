import { readFile } from '@core/exchange/read-file';
import { writeFile } from '@core/exchange/write-file';
import type { Fault } from '../fault';
import { beginDeed, moments, tab } from './tab';

/** The file of this device, as another takes it. */
export async function file(): Promise<string> {
  await tab.repository.load();
  return writeFile(tab.repository.standing.now.household);
}

export async function merge(text: string, fault: Fault): Promise<void> {
  beginDeed(moments.newId());
  const read = readFile(text, { ownCopy: true });
  if (!read.ok) throw new Error(read.problem);
  const { journal } = read.value;
  const entries = fault === 'dropped-in-merge' ? journal.entries.slice(0, -1) : journal.entries;
  const merged = await tab.joining.merge({ ...read.value, journal: { ...journal, entries } }, 'phone.json');
  if (!merged.ok && fault === 'none') throw new Error(merged.problem.reason);
}
