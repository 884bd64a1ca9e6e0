import { proxy, wrap } from 'comlink';
import { registerOwnKinds } from '@core/catalogue/own-kinds';
import type { Entry } from '@core/ledger/entry';
import { householdOf, ownKinds, type Household } from '@core/records/household';
import type { HouseholdRecord } from '@core/records/record';
import type { Now } from '@core/story/bring-to-now';
import { minutesBetween, type Instant } from '@core/units/date';
import { isUntouched } from './demo-untouched';
import { isKeptHere, keepHere } from './kept-here';
import type { DemoWorker } from './workers/demo.worker';
import type { FileWorker } from './workers/file.worker';
import { startDemoWorker } from './workers/start-demo-worker';
import { startFileWorker } from './workers/start-file-worker';

/** The demo household as it is told to whoever opens it. */
export interface Opened {
  readonly household: Household;
  /** Lays its trays on the table. */
  readonly lay: () => void;
  /** Writes it down, as a file that is taken in: it can be looked at before. */
  readonly write: () => Promise<void>;
}

/**
 * Tells the demo household as it is at a moment.
 *
 * @param base what addresses count from
 */
export async function openDemo(base: string, now: Now): Promise<Opened> {
  const worker = startDemoWorker();
  const address = new URL('demo/story.json', base).href;
  const { text, table } = await Promise.race([wrap<DemoWorker>(worker).tell(address, now), broken(worker)])
    .catch((cause: unknown) => {
      throw new Error('DemoUntold', { cause });
    })
    .finally(() => worker.terminate());
  const { entries, records } = JSON.parse(text) as { entries: Entry[]; records: HouseholdRecord[] };
  const household = householdOf(entries, records);
  registerOwnKinds(ownKinds(household));
  const lay = (): void => keepHere('table', 'demo', { trays: table, cuts: [] });
  return { household, lay, write: () => write(text, now.instant) };
}

/** A worker that does not come answers nothing: it says so itself. */
function broken(worker: Worker): Promise<never> {
  return new Promise((_, failed) =>
    worker.addEventListener('error', () => failed(new Error('The worker did not come.'))),
  );
}

/** What was begun twenty minutes ago stays plausible for so long. */
const GOOD_FOR_MINUTES = 45;

/** Whether it is told anew: it is not there, or was told a while ago and nobody has written anything in it since. */
export function isToldAnew(there: Household, now: Instant): boolean {
  const last = there.journal.entries.at(-1);
  if (!last) return true;
  return isUntouched(there) && Math.abs(minutesBetween(last.at, now)) > GOOD_FOR_MINUTES;
}

/** Whether it has never been opened here, as far as one can tell without looking at the disk. */
export function isNewHere(): boolean {
  return !isKeptHere('table', 'demo');
}

/** In the place of what was told before; where somebody has touched that, it stays. */
async function write(text: string, now: string): Promise<void> {
  const worker = startFileWorker();
  try {
    const api = wrap<FileWorker>(worker);
    const [file, nobody] = [new File([text], 'demo.json'), proxy(() => undefined)];
    const looked = await api.look('demo', file, now, false, nobody);
    if (!looked.ok) throw new Error(looked.problem);
    const taken = await api.take('demo', 'renew', now);
    if (!taken.ok) throw new Error(taken.problem);
    await api.renewSecondPlace('demo', now);
  } finally {
    worker.terminate();
  }
}
