import { readFile } from '@core/exchange/read-file';
import { writeFile } from '@core/exchange/write-file';
import { chance, mangledBy } from '../chance';
import { isLawful } from './look';
import { tab } from './tab';

/** So many mangled files through the reader: what it answered wrongly is neither a household nor a sentence, or makes mass. */
export function files(seed: number, count: number): string[] {
  const number = chance(seed);
  const good = writeFile(tab.repository.standing.now.household);
  return Array.from({ length: count }, (_, n) => faultsOf(mangledBy(number, good, n), n)).flat();
}

function faultsOf(text: string, n: number): string[] {
  try {
    const { value, problem } = readFile(text);
    const isRight = value ? isLawful(value) : /\.$/.test(problem ?? '');
    return isRight ? [] : [`file ${n}: ${problem ?? 'mass'}`];
  } catch (error) {
    return [`file ${n}: ${String(error)}`];
  }
}
