import { launch, Person, profileFolder } from './harness';
import { ADDRESS, beginByHand, buy, weigh } from './journeys';
import { tearLog } from './torture/device';
import { weighings } from './torture/trials/screens';

const KILLS = 6;

it(`keeps every weighing that the screen had confirmed, through ${KILLS} kills`, async () => {
  expect(await weighings({ address: ADDRESS, code: '' }, 1, KILLS)).toEqual({ count: KILLS, faults: [] });
});

it('puts the household back that the browser has thrown away after a kill, and says so', async () => {
  const profile = profileFolder();
  /** A visit that ends with the log as a kill at a bad moment leaves it. */
  const visit = async (work: (person: Person) => Promise<void>, isTorn = false): Promise<void> => {
    const browser = await launch({ userDataDir: profile.path });
    try {
      await work(await Person.at(browser, ADDRESS));
    } finally {
      await browser.close();
    }
    if (isTorn) tearLog(profile.path);
  };
  try {
    await visit(async (person) => {
      await beginByHand(person);
      await buy(person, 'Strip loin', '5 kg', '12');
    }, true);
    await visit(async (person) => {
      await person.goTo('/home/block');
      await weigh(person, '4.9 kg');
      await person.sees('100 g of liquid');
    });
    await visit(async (person) => {
      await person.goTo('/home/block');
      await person.reads('This browser had lost the household, or a part of it');
      await person.reads('4.900 kg still on the board');
      await weigh(person, '1 kg');
      await person.sees('3.900 kg still on the board');
    });
    await visit(async (person) => {
      await person.goTo('/home/block');
      await person.reads('3.900 kg still on the board');
      expect(await person.text()).not.toContain('was lost');
    });
  } finally {
    profile.remove();
  }
});
