import { ADDRESS } from './journeys';
import type { Ground } from './torture/device';
import type { Fault } from './torture/fault';
import { insideCode } from './torture/inside-code';
import { devices } from './torture/trials/devices';
import { files } from './torture/trials/files';
import { hand } from './torture/trials/hand';
import { kills, thrownAway, updates } from './torture/trials/kills';
import { pageFiles } from './torture/trials/page-files';
import { cleared, copies, full, spoilt } from './torture/trials/storage';
import type { Trial } from './torture/trials/trial';
import { twins } from './torture/trials/twins';
import { undoings } from './torture/trials/undoings';

/** A short run of `npm run torture`: the same trials, always the same. */
describe('whatever happens', () => {
  let ground: Ground;
  beforeAll(async () => {
    ground = { address: ADDRESS, code: await insideCode() };
  });

  it.each<[what: string, trial: Trial, amount: number]>([
    ['kills in the middle of deeds lose nothing', kills, 3],
    ['kills while an older base is opened lose nothing', updates, 2],
    ['a database that the browser throws away comes back, and what is kept beside it', thrownAway, 2],
    ['tabs on two devices at once lose nothing, and end the same', devices, 2],
    ['two copies of one profile are one household', twins, 1],
    ['what is undone and done again on the screen stands so on the disk', undoings, 2],
    ['mutated files are read whole or refused in a sentence', files, 300],
    ['mutated files are answered on the page, and nothing is lost', pageFiles, 12],
    ['data that are cleared under the page come back', cleared, 2],
    ['rows that a bad disk has spoilt come back', spoilt, 2],
    ['a disk that fills up refuses deeds, and loses none', full, 1],
    ['copies that a bad disk has spoilt do not count', copies, 6],
    ['a hand that does whatever comes to it loses nothing, and writes nothing unasked', hand, 100],
  ])('%s', async (_what, trial, amount) => {
    const { count, faults } = await trial(ground, 1, amount);
    expect(count).toBeGreaterThan(0);
    expect(faults).toEqual([]);
  });

  it.each<[what: string, fault: Fault, trial: Trial, amount: number]>([
    ['an entry that is dropped in a merge', 'dropped-in-merge', devices, 1],
    ['a copy that is not read back', 'copy-not-read-back', copies, 12],
    ['a register that is never overwritten', 'never-overwritten', devices, 1],
    ['a transaction that is told before it is on the disk', 'durability-relaxed', devices, 1],
    ['a note in the second place that is a gram heavier', 'heavier-note', thrownAway, 1],
    ['a household that is replaced and not kept', 'replaced-not-kept', thrownAway, 2],
  ])('%s would be found', async (_what, fault, trial, amount) => {
    expect((await trial(ground, 5, amount, fault)).faults).not.toEqual([]);
  });
});
