import { ADDRESS } from './journeys';
import { weighings } from './torture/trials/screens';

const KILLS = 9;

it(`keeps every weighing that the screen had confirmed, through ${KILLS} kills`, async () => {
  expect(await weighings({ address: ADDRESS, code: '' }, 1, KILLS)).toEqual({ count: KILLS, faults: [] });
});
