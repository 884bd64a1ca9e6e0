import { writeFile } from '@core/exchange/write-file';
import { EMPTY_HOUSEHOLD } from '@core/records/household';
import { chance } from '../chance';
import { beginDeed, tab } from './tab';
import { withDeed } from './whole';

/**
 * Puts a stranger's household in the place of this one.
 *
 * @returns the file of what was there, which is kept
 */
export async function replaceAll(seed: number, name: string): Promise<string> {
  beginDeed(name);
  const before = writeFile(await tab.repository.load());
  await tab.joining.replace(withDeed(EMPTY_HOUSEHOLD, name, 10, chance(seed)).after);
  return before;
}

/**
 * Puts the household back that was replaced last; whatever else is kept is let go.
 *
 * @returns the file of what is here then
 */
export async function putBack(name: string): Promise<string> {
  beginDeed(name);
  const kept = await tab.joining.kept();
  const last = kept.find(({ why }) => why === 'replaced');
  if (last) await tab.joining.putBack(last);
  for (const { n, why } of await tab.joining.kept()) if (why === 'replaced') await tab.joining.letGo(n);
  return writeFile(tab.repository.standing.now.household);
}
