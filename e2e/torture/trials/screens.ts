import type { Browser } from 'puppeteer-core';
import { launch, Person, profileFolder } from '../../harness';
import { begin, buy, weigh } from '../../journeys';
import type { Trial } from './trial';

/** Where the household is when the browser is started the next time. */
const ZONES = ['Etc/UTC', 'Pacific/Kiritimati', 'America/St_Johns', 'Asia/Kathmandu', 'Pacific/Pago_Pago'];

/**
 * Weighings at the Block, through the screens, in another zone at every start; the browser's processes
 * are killed at a moment of no one's choosing. What the screen had confirmed by then must be in the
 * household when it is opened again.
 */
export const weighings: Trial = async ({ address }, seed, amount) => {
  const profile = profileFolder();
  const confirmed: number[] = [];
  const faults: string[] = [];
  let weight = 11;
  let browser: Browser | undefined;
  const start = async (at: number): Promise<Person> => {
    const TZ = ZONES[(seed + at) % ZONES.length];
    browser = await launch({ userDataDir: profile.path, env: { ...process.env, TZ } });
    return Person.at(browser, address);
  };
  const look = async (person: Person): Promise<void> => {
    const stored = await storedWeights(person);
    for (const each of confirmed) if (!stored.includes(each)) faults.push(`lost: a weighing of ${each} dg`);
    if (new Set(stored).size < stored.length) faults.push('a weighing is there twice');
  };
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
  try {
    const first = await start(0);
    await begin(first);
    await buy(first, 'Strip loin', '8 kg', '10');
    await weigh(first, '7.9 kg');
    await first.sees('100 g of liquid');
    await browser?.close();
    for (let kill = 0; kill < amount; kill++) {
      const person = await start(kill);
      await person.goTo('/home/block');
      await person.page.waitForSelector('input.num:focus');
      await look(person);
      const gone = new Promise<void>((done) => browser?.once('disconnected', () => done()));
      // Of three kills one comes while the first weight is on its way; the others once one was confirmed, however slow the machine.
      let fuse: NodeJS.Timeout | undefined;
      const light = (): void => {
        fuse ??= setTimeout(() => browser?.process()?.kill('SIGKILL'), 20 + (((seed + kill) * 37) % 600));
      };
      if (kill % 3 === 0) light();
      await Promise.race([gone, weighOnAndOn(person, light)]);
      await gone;
      weight += 1;
    }
    const last = await start(amount);
    await last.goTo('/home/block');
    await look(last);
    if (confirmed.length < Math.floor((amount * 2) / 3))
      faults.push(`only ${confirmed.length} weighings in ${amount} kills`);
    return { count: amount, faults };
  } finally {
    await browser?.close().catch(() => undefined);
    profile.remove();
  }
};

async function storedWeights(person: Person): Promise<number[]> {
  const { entries } = await person.stored();
  return entries.flatMap(({ entry }) =>
    entry.type === 'cut' ? [(entry as unknown as { massDg: number }).massDg] : [],
  );
}
