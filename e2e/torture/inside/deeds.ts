import type { Deed } from '@core/deeds/deed';
import type { Household } from '@core/records/household';
import { settingsChange } from '@core/records/change';
import { registerOf } from '@core/records/record';
import { canonicalJson } from '@core/units/canonical-json';
import { chance, type Chance } from '../chance';
import type { Fault } from '../fault';
import { beginDeed, jump, outside, tab } from './tab';
import { textsOf, type Values } from './texts';
import { factAt, priceAt, priceOf, withDeed } from './whole';

/** Of so many deeds one is a clock that jumps; and one takes in a whole household. */
const [JUMPS_IN, WHOLE_IN] = [20, 12];
/** So many entries are tried in a household that is taken in. */
const WHOLE = 40;
/** So many prices a tab notes over and over; of so many deeds one deletes one, and one corrects what is known. */
const [OWN, DELETES_IN, CORRECTS_IN] = [3, 7, 4];

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
    const done = await (isWhole ? takeIn(deed, number) : write({ deed, name, n }, number, fault)).catch(
      ifFull,
    );
    if (!done) continue;
    written += 1;
    await outside.tortureConfirms(deed, done);
  }
  return written;
}

/** @returns the entries that were written; null where it was refused */
async function write(
  { deed, name, n }: { readonly deed: string; readonly name: string; readonly n: number },
  number: Chance,
  fault: Fault,
): Promise<Values | null> {
  const { repository } = tab;
  const { journal } = repository.standing.now.household;
  const facts = Array.from({ length: 1 + number(3) }, (_, at) =>
    factAt(journal, n, number, `${deed}-lot${at}`),
  );
  const own = noted(name, n);
  const records: Deed['records'] = [
    priceOf(deed),
    own.record,
    settingsChange('room', () => ({ freezerL: 1 + number(500) })),
  ];
  await outside.torturePlans(deed, { entries: facts.length, registers: own.registers });
  if (fault === 'told-early') await outside.tortureConfirms(deed, {});
  const isTwice = fault === 'two-transactions';
  const written = await repository.write(isTwice ? { facts } : { facts, records });
  if (!written.ok || (isTwice && !(await repository.write({ records })).ok)) return null;
  const ids = new Set(written.value.entries);
  return textsOf(written.value.household.journal.entries.filter(({ id }) => ids.has(id)));
}

type PriceRecord = NonNullable<Deed['records']>[number];

/** One of this tab's own prices: noted anew, corrected from what is known, or deleted. */
function noted(name: string, n: number): { readonly record: PriceRecord; readonly registers: Values } {
  const [type, key] = ['price', `${name}-p${n % OWN}`] as const;
  const register = registerOf({ type, key });
  const known = tab.repository.standing.now.household.records.get(register)?.value;
  const value = n % DELETES_IN === DELETES_IN - 1 ? null : priceAt(n);
  if (value === null || n % CORRECTS_IN > 0 || !isPrice(known))
    return { record: { type, key, change: () => value }, registers: { [register]: canonicalJson(value) } };
  const change = (price: typeof known): typeof known => ({ ...price, perKgMinor: price.perKgMinor + 1 });
  return {
    record: { type, key, change: (there) => (isPrice(there) ? change(there) : value) },
    registers: { [register]: canonicalJson(change(known)) },
  };
}

const isPrice = (value: unknown): value is ReturnType<typeof priceAt> =>
  typeof value === 'object' && value !== null && 'perKgMinor' in value;

/** Another device's file comes, and is merged or put in the place of what is here. */
async function takeIn(deed: string, number: Chance): Promise<Values | null> {
  const { repository, joining } = tab;
  const { after, entries } = withDeed(repository.standing.now.household, deed, WHOLE, number);
  if (entries === 0) return null;
  await outside.torturePlans(deed, { entries, registers: {} });
  const came = textsOf(after.journal.entries.slice(-entries));
  if (number(2) === 0) return (await joining.merge(after, 'phone.json')).ok ? came : null;
  await joining.replace(after);
  await letGo(after);
  return came;
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
function ifFull(error: unknown): null {
  const names = [error, (error as { inner?: unknown }).inner].map(
    (each) => (each as Error | undefined)?.name,
  );
  if (!names.includes('QuotaExceededError')) throw error;
  full += 1;
  return null;
}
