import { ADDRESS } from './journeys';
import type { Ground } from './torture/device';
import { insideCode } from './torture/inside-code';
import { devices } from './torture/trials/devices';
import { files } from './torture/trials/files';
import { hand } from './torture/trials/hand';
import { kills, thrownAway, updates } from './torture/trials/kills';
import { pageFiles } from './torture/trials/page-files';
import { cleared, copies, full, spoilt } from './torture/trials/storage';
import type { Trial } from './torture/trials/trial';

/** A short run of `npm run torture`: the same trials, always the same. */
describe('whatever happens', () => {
  let ground: Ground;
  beforeAll(async () => {
    ground = { address: ADDRESS, code: await insideCode() };
  });

  it.each<[what: string, trial: Trial, amount: number]>([
    ['kills in the middle of deeds lose nothing', kills, 3],
    ['kills while an older base is opened lose nothing', updates, 2],
    ['a database that the browser throws away comes back', thrownAway, 1],
    ['tabs on two devices at once lose nothing, and end the same', devices, 2],
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

  it('an entry that is dropped in a merge would be found', async () => {
    expect((await devices(ground, 5, 1, 'dropped-in-merge')).faults).not.toEqual([]);
  });

  it('a copy that is not read back would be found', async () => {
    expect((await copies(ground, 6, 12, 'copy-not-read-back')).faults).not.toEqual([]);
  });
});
