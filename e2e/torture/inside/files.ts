import { readFile } from '@core/exchange/read-file';
import { writeFile } from '@core/exchange/write-file';
import { append, stampOfNext } from '@core/ledger/journal';
import type { Entry } from '@core/ledger/entry';
import { EMPTY_HOUSEHOLD, type Household } from '@core/records/household';
import { received } from '@core/testing/facts';
import { chance, mangledBy } from '../chance';
import { isLawful } from './look';
import { moments, tab } from './tab';

/** No sentence to a person is longer, whatever a file says. */
const LONGEST = 200;

/**
 * So many mangled files through the reader: what it answered wrongly is neither a sentence nor a household, makes
 * mass, says something else once it was written, or takes no further deed.
 */
export function files(seed: number, count: number): string[] {
  const number = chance(seed);
  const good = writeFile(tab.repository.standing.now.household);
  return Array.from({ length: count }, (_, n) => faultsOf(mangledBy(number, good, n), n)).flat();
}

function faultsOf(text: string, n: number): string[] {
  try {
    const { value, problem } = readFile(text);
    const wrong = value ? wrongWith(value) : isSentence(problem ?? '') ? null : `“${problem ?? ''}”`;
    return wrong === null ? [] : [`file ${n}: ${wrong}`];
  } catch (error) {
    return [`file ${n}: ${String(error)}`];
  }
}

const isSentence = (text: string): boolean => text.length <= LONGEST && /\.$/.test(text);

function wrongWith(household: Household): string | null {
  if (!isLawful(household)) return 'mass is lost or made';
  const text = writeFile(household);
  if (writeFile(readFile(text, { ownCopy: true }).value ?? EMPTY_HOUSEHOLD) !== text)
    return 'it says something else once it was written and read';
  const { journal } = household;
  const stamp = stampOfNext(journal, moments.instant(), 'tablet');
  const next = append(journal, { ...received('next'), id: 'next', ...stamp } as Entry);
  return next.ok ? null : `nothing can be written after it: ${next.problem.code}`;
}
