import type { Deed } from '@core/deeds/deed';
import type { Household } from '@core/records/household';
import { settingsChange } from '@core/records/change';
import { chance, type Chance } from '../chance';
import type { Fault } from '../fault';
import { beginDeed, jump, outside, tab } from './tab';
import { factAt, priceOf, withDeed } from './whole';

/** Of so many deeds one is a clock that jumps; and one takes in a whole household. */
const [JUMPS_IN, WHOLE_IN] = [20, 12];
/** So many entries are tried in a household that is taken in. */
const WHOLE = 40;

/** How a tab is to work. */
export interface Work {
  readonly seed: number;
  readonly name: string;
  readonly count: number;
  /** Whether whole households are merged and put in the place of this one, too. */
  readonly whole?: boolean;
  readonly fault?: Fault;
}

/**
 * Writes random deeds, each with one to three entries and a register.
 *
 * @returns how many were written; what the disk was too full for is not among them
 */
export async function deeds({ seed, name, count, whole = false, fault = 'none' }: Work): Promise<number> {
  const number = chance(seed);
  let written = 0;
  for (let n = 0; n < count; n++) {
    if (number(JUMPS_IN) === 0) jump(number);
    const deed = `${name}x${n}`;
    beginDeed(deed);
    const isWhole = whole && n > 1 && number(WHOLE_IN) === 0;
    const isDone = await (isWhole ? takeIn(deed, number) : write(deed, n, number, fault)).catch(ifFull);
    if (!isDone) continue;
    written += 1;
    await outside.tortureConfirms(deed);
  }
  return written;
}

async function write(deed: string, n: number, number: Chance, fault: Fault): Promise<boolean> {
  const { repository } = tab;
  const { journal } = repository.standing.now.household;
  const facts = Array.from({ length: 1 + number(3) }, (_, at) =>
    factAt(journal, n, number, `${deed}-lot${at}`),
  );
  const { type, key, value } = priceOf(deed);
  const records: Deed['records'] = [
    { type, key, change: () => value },
    settingsChange('room', () => ({ freezerL: 1 + number(500) })),
  ];
  await outside.torturePlans(deed, facts.length);
  if (fault === 'told-early') await outside.tortureConfirms(deed);
  if (fault === 'two-transactions')
    return (await repository.write({ facts })).ok && (await repository.write({ records })).ok;
  return (await repository.write({ facts, records })).ok;
}

/** Another device's file comes, and is merged or put in the place of what is here. */
async function takeIn(deed: string, number: Chance): Promise<boolean> {
  const { repository, joining } = tab;
  const { after, entries } = withDeed(repository.standing.now.household, deed, WHOLE, number);
  if (entries === 0) return false;
  await outside.torturePlans(deed, entries);
  if (number(2) === 0) return (await joining.merge(after, 'phone.json')).ok;
  await joining.replace(after);
  await letGo(after);
  return true;
}

/** The household that was replaced is all in the one that came: it is let go. */
async function letGo({ journal }: Household): Promise<void> {
  const all = new Set(journal.entries.map(({ id }) => id));
  for (const { n, why, text } of await tab.joining.kept()) {
    if (why !== 'replaced') continue;
    const { entries } = JSON.parse(text) as { entries: { id: string }[] };
    if (entries.every(({ id }) => all.has(id))) await tab.joining.letGo(n);
  }
}

let full = 0;
/** How many deeds found no room so far. */
export const foundNoRoom = (): number => full;

/** A deed for which there was no room is told as such, and is no deed. */
function ifFull(error: unknown): false {
  const names = [error, (error as { inner?: unknown }).inner].map(
    (each) => (each as Error | undefined)?.name,
  );
  if (!names.includes('QuotaExceededError')) throw error;
  full += 1;
  return false;
}
