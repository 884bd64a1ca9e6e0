import type { Browser } from 'puppeteer-core';
import { launch, Person, profileFolder } from './harness';
import { ADDRESS, begin, buy, weigh } from './journeys';

const KILLS = 9;

// The browser's processes are killed, not closed, at a moment of no one's choosing. What the
// screen had confirmed by then must be in the household when it is opened again.
it(`keeps every weighing that the screen had confirmed, through ${KILLS} kills`, async () => {
  const profile = profileFolder();
  const confirmed: number[] = [];
  let weight = 11;
  let browser: Browser | undefined;
  try {
    browser = await launch({ userDataDir: profile.path });
    const first = await Person.at(browser, ADDRESS);
    await begin(first);
    await buy(first, 'Strip loin', '8 kg', '10');
    await weigh(first, '7.9 kg');
    await first.sees('100 g of liquid');
    await browser.close();
    const weighOnAndOn = async (person: Person, begun: () => void): Promise<void> => {
      try {
        for (;;) {
          await person.type(`${weight} g`);
          await person.press('Enter');
          await person.page.waitForFunction(
            (text) => document.body.innerText.includes(text),
            { polling: 5 },
            `: ${weight} g`,
          );
          confirmed.push(weight * 10);
          begun();
          weight += 1;
        }
      } catch {
        // The page is gone, in the middle of something.
      }
    };
    for (let kill = 0; kill < KILLS; kill++) {
      browser = await launch({ userDataDir: profile.path });
      const person = await Person.at(browser, ADDRESS);
      await person.goTo('/home/block');
      await person.page.waitForSelector('input.num:focus');
      expect(await storedWeights(person)).toEqual(expect.arrayContaining(confirmed));
      const gone = new Promise<void>((done) => browser?.once('disconnected', () => done()));
      // Of three kills one comes while the first weight is on its way; the others once one was confirmed, however slow the machine.
      let fuse: NodeJS.Timeout | undefined;
      const light = (): void => {
        fuse ??= setTimeout(() => browser?.process()?.kill('SIGKILL'), 20 + ((kill * 37) % 600));
      };
      if (kill % 3 === 0) light();
      await Promise.race([gone, weighOnAndOn(person, light)]);
      await gone;
      weight += 1;
    }
    browser = await launch({ userDataDir: profile.path });
    const last = await Person.at(browser, ADDRESS);
    await last.goTo('/home/block');
    const stored = await storedWeights(last);
    expect(stored).toEqual(expect.arrayContaining(confirmed));
    expect(confirmed.length).toBeGreaterThanOrEqual(Math.floor((KILLS * 2) / 3));
    // And nothing is there twice.
    expect(new Set(stored).size).toBe(stored.length);
  } finally {
    await browser?.close().catch(() => undefined);
    profile.remove();
  }
}, 240_000);

async function storedWeights(person: Person): Promise<number[]> {
  const { entries } = await person.stored();
  return entries.flatMap(({ entry }) =>
    entry.type === 'cut' ? [(entry as unknown as { massDg: number }).massDg] : [],
  );
}
