import { cpSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DINNER } from '../demo/story/now';
import { comesTo, freshWindow, Person, serveApp } from './harness';
import { ADDRESS } from './journeys';
import { story } from './story';

/** So many minutes from the end of a dinner, on the day that it is in a window. */
async function opensIt(person: Person, minutes: number): Promise<void> {
  await person.page.emulateTimezone('Europe/Paris');
  await person.setClock(Date.parse(`2027-10-30T${DINNER.over}:00+02:00`) + minutes * 60_000);
}

// The household that ships: told as it is at the moment at which somebody opens it.
describe('the demo household', () => {
  it('is looked at before it is on the disk, takes a deed at once, and has it when it is loaded anew', async () => {
    const browser = await freshWindow();
    const person = await Person.at(browser, ADDRESS);
    await person.goTo('/demo/books');
    await person.sees('Pork belly, boneless');
    expect(await person.text()).not.toContain('own-pork');
    await person.goOn('/demo/wrap');
    await person.click('Freeze 2 packs');
    await person.sees('2 packs wrapped');
    await person.reload();
    await person.goOn('/demo/freezer');
    await person.fill('Find a pack', '3 chops', 'searchbox');
    await person.reads('3 chops, dinner for all Chest freezer, top basket');
    expect(await person.text()).not.toContain('not written down');
    expect(person.complaints).toEqual([]);
    await browser.close();
  });

  it('is one household in two windows that are opened at the same time', async () => {
    const browser = await freshWindow();
    const both = [await Person.at(browser, ADDRESS), await Person.at(browser, ADDRESS)] as const;
    await Promise.all(both.map((each) => each.goTo('/demo/books/household')));
    for (const each of both) {
      await each.page.bringToFront();
      await each.sees('entries. This browser');
      expect(await each.text()).not.toContain('Replaced');
      expect(each.complaints).toEqual([]);
    }
    await browser.close();
  });

  it('is told anew to whoever comes back a day later, and stays as it is where somebody has touched it', async () => {
    const browser = await freshWindow();
    const person = await Person.at(browser, ADDRESS);
    const later = async (days: number): Promise<void> => {
      await person.setClock(Date.parse('2027-03-10T10:00:00Z') + days * 86_400_000);
      await person.goTo('/demo/block');
      await person.sees('Strip loin');
    };
    await later(0);
    await person.sees('20 min');
    await later(1);
    await person.sees('20 min');
    await person.sees('1 day ago');
    await person.goOn('/demo/wrap');
    await person.click('Freeze 2 packs');
    await person.sees('2 packs wrapped');
    await later(2);
    await person.goOn('/demo/books');
    await person.sees('in work 10 Mar');
    expect(await person.text()).not.toContain('11 Mar');
    expect(person.complaints).toEqual([]);
    await browser.close();
  });

  it('is looked at as it was told before, where it cannot be told anew', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'vendicus-story-'));
    cpSync('dist/app', folder, { recursive: true });
    const { address, stop } = await serveApp(folder);
    const [known, unknown] = [await freshWindow(), await freshWindow()];
    try {
      const person = await Person.at(known, address);
      await person.setClock(Date.parse('2027-03-10T10:00:00Z'));
      await person.goTo('/demo/books/household');
      await person.sees('entries. This browser');
      // On the disk it is once the worker that writes it is gone.
      await comesTo(
        () => Promise.resolve(person.page.workers().length),
        (many) => many === 0,
      );
      for (const file of readdirSync(join(folder, 'demo')).filter((name) => name.startsWith('story.json')))
        rmSync(join(folder, 'demo', file));
      await person.setClock(Date.parse('2027-03-11T10:00:00Z'));
      await person.goTo('/demo/books');
      await person.sees('in work 9 Mar');
      const stranger = await Person.at(unknown, address);
      await stranger.goTo('/demo/books');
      await stranger.sees('The demo household did not come');
    } finally {
      await Promise.all([known.close(), unknown.close()]);
      stop();
      rmSync(folder, { recursive: true });
    }
  });

  story('is about to have its dinner, or has had it', {
    'before, tonight’s has thawed, and is not for the freezer': async () => {
      const browser = await freshWindow();
      const person = await Person.at(browser, ADDRESS);
      await opensIt(person, -90);
      await person.goTo('/demo/freezer/batch');
      await person.sees('Left out, to eat fresh');
      await person.sees('planned for Sat 30 Oct');
      await person.goOn('/demo/freezer/week');
      await person.page.waitForFunction(() =>
        /Sat 30 Oct, today.*steaks.*out/s.test(document.body.innerText),
      );
      await browser.close();
    },

    'after, it is tomorrow’s, though the clocks are changed at night': async () => {
      const browser = await freshWindow();
      const person = await Person.at(browser, ADDRESS);
      await opensIt(person, 1);
      await person.goTo('/demo/freezer/week');
      await person.page.waitForFunction(() =>
        /Sat 30 Oct, today.*eaten.*Sun 31 Oct.*steaks.*out/s.test(document.body.innerText),
      );
      await person.goOn('/demo/block');
      await person.sees('20 min');
      expect(person.complaints).toEqual([]);
      await browser.close();
    },
  });
});
