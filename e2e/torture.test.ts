import { ADDRESS } from './journeys';
import { insideCode } from './torture/inside-code';
import { cleared, devices, files, kills, type Ground, type Outcome } from './torture/trials';

/** A short run of `npm run torture`: the same trials, always the same. */
describe('whatever happens', () => {
  let ground: Ground;
  beforeAll(async () => {
    ground = { address: ADDRESS, code: await insideCode() };
  });

  it.each<[what: string, trial: (ground: Ground) => Promise<Outcome>]>([
    ['kills in the middle of deeds lose nothing', (on) => kills(on, 1, 3)],
    ['tabs on two devices at once lose nothing, and end the same', (on) => devices(on, 2, 2)],
    ['mutated files are read whole or refused in a sentence', (on) => files(on, 3, 300)],
    ['data that are cleared under the page come back', (on) => cleared(on, 4, 2)],
  ])('%s', async (_what, trial) => {
    const { count, faults } = await trial(ground);
    expect(count).toBeGreaterThan(0);
    expect(faults).toEqual([]);
  });

  it('an entry that is dropped in a merge would be found', async () => {
    expect((await devices(ground, 5, 1, 'dropped-in-merge')).faults).not.toEqual([]);
  });
});
