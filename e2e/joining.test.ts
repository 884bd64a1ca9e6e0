import { mkdtempSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser, ElementHandle } from 'puppeteer-core';
import { writeFile } from '@core/exchange/write-file';
import { largeHousehold } from './bench/large-household';
import { launch, Person, PHONE, profileFolder, saved } from './harness';
import { ADDRESS, answerHowToCount, buy, weigh } from './journeys';

/** A device of the household: a browser with a profile of its own, and a folder for its files. */
class Device {
  private constructor(
    readonly browser: Browser,
    readonly person: Person,
    private readonly folder: string,
    private readonly profile: ReturnType<typeof profileFolder>,
  ) {}

  static async at(viewport?: typeof PHONE): Promise<Device> {
    const [profile, folder] = [profileFolder(), mkdtempSync(join(tmpdir(), 'vendicus-device-'))];
    const browser = await launch({ userDataDir: profile.path });
    const person = await Person.at(browser, ADDRESS, viewport);
    await person.savesTo(folder);
    return new Device(browser, person, folder, profile);
  }

  /** The household's file, as it is saved from the page. */
  async export(): Promise<string> {
    const { person, folder } = this;
    await person.goTo('/home/books/household');
    await person.click('Export the household');
    const name = await saved(folder, (each) => each.endsWith('.json'));
    const path = this.pathOf(name);
    renameSync(join(folder, name), path);
    return path;
  }

  /** Where a file of this name can lie, beside others of the same name. */
  pathOf(name: string): string {
    return join(mkdtempSync(join(this.folder, 'file-')), name);
  }

  async choose(label: string, path: string): Promise<void> {
    await this.person.acts();
    const input = await this.person.page.waitForSelector(`input[aria-label="${label}"]`);
    await (input as ElementHandle<HTMLInputElement>).uploadFile(path);
  }

  async merge(path: string): Promise<void> {
    await this.person.goTo('/home/books/household');
    await this.choose('File to merge', path);
  }

  async end(): Promise<void> {
    await this.browser.close();
    this.profile.remove();
    rmSync(this.folder, { recursive: true, force: true });
  }
}

interface Answers {
  readonly system: 'metric' | 'imperial';
  readonly currency: string;
  readonly eater: string;
}

/** The first page, answered. */
async function answer({ person }: Device, { system, currency, eater }: Answers): Promise<void> {
  await answerHowToCount(person, { currency, system });
  await person.fill('Name of eater 1', eater);
  await person.press('Enter');
  await person.sees('Is it worth it?');
}

const at = async (path: string): Promise<string> => readFileSync(path, 'utf8');

describe('a second device', () => {
  const devices: Device[] = [];
  const device = async (viewport?: typeof PHONE): Promise<Device> => {
    const one = await Device.at(viewport);
    devices.push(one);
    return one;
  };
  let tablet: Device;

  beforeAll(async () => {
    tablet = await device();
    const { person } = tablet;
    await answer(tablet, { system: 'imperial', currency: 'USD', eater: 'Odile' });
    await buy(person, 'Strip loin', '11 lb', '6', {}, 'lb');
    await person.goOn('/home/books/household');
    await person.fill('A bag or wrapping', '0.20');
    await person.click('Save costs');
    await person.sees('What the work costs is saved');
    await person.goOn('/home/freezer/places');
    await person.click('Add a freezer or refrigerator');
    await person.fill('Called', 'Chest in the cellar');
    await person.click('Add it');
    await person.sees('Chest in the cellar is saved');
  });
  afterAll(async () => {
    for (const each of devices) {
      expect(each.person.complaints).toEqual([]);
      await each.end();
    }
  });

  /** The household as the first page's answers, costs and places have it. */
  async function isTheTablets({ person }: Device): Promise<void> {
    await person.goOn('/home/books/household');
    await person.page.waitForSelector('::-p-called([name="pounds"][role="button"])[aria-pressed=true]');
    await person.shows('Currency', 'USD, US Dollar');
    await person.shows('Name of eater 1', 'Odile');
    await person.shows('A bag or wrapping', '0.20');
    expect(await person.page.$('::-p-called(Name of eater 2)')).toBeNull();
    await person.goOn('/home/freezer/places');
    await person.reads('Chest in the cellar');
  }

  it('joins by the file on its first page, and answers nothing', async () => {
    const phone = await device(PHONE);
    const file = await tablet.export();
    await phone.person.goTo('/home');
    await phone.person.reads('Is it on another device already?');
    await phone.choose('The household’s file', file);
    await phone.person.sees('Nothing in the cold yet');
    await isTheTablets(phone);
    expect(await at(await phone.export())).toBe(await at(file));
    await phone.person.goTo('/home/block');
    await phone.person.reads('this is the true start');
  });

  it('that has answered the first page otherwise comes to count as the first does, whichever way and however often', async () => {
    const laptop = await device();
    await answer(laptop, { system: 'metric', currency: 'EUR', eater: 'Somebody' });
    for (let round = 0; round < 2; round++) {
      await laptop.merge(await tablet.export());
      if (round === 0) {
        await laptop.person.sees('This is another household’s file');
        await laptop.person.click('Make them one');
        await laptop.person.sees('merged; shown after');
      } else await laptop.person.sees('Nothing new in that file');
      await isTheTablets(laptop);
      await tablet.merge(await laptop.export());
      await tablet.person.sees('Nothing new in that file');
      await isTheTablets(tablet);
    }
    expect(await at(await laptop.export())).toBe(await at(await tablet.export()));
  });

  it('whose first file reaches the first household before it joins changes nothing there either', async () => {
    const other = await device();
    await answer(other, { system: 'metric', currency: 'EUR', eater: 'Somebody' });
    await tablet.merge(await other.export());
    await tablet.person.sees('This is another household’s file');
    await tablet.person.click('Make them one');
    await tablet.person.sees('Nothing new in that file');
    await isTheTablets(tablet);
  });

  it('with prices in another currency is refused before anything is written', async () => {
    const other = await device();
    await answer(other, { system: 'metric', currency: 'EUR', eater: 'Somebody' });
    await buy(other.person, 'Strip loin', '5 kg', '12');
    const [theirs, ours] = [await other.export(), await tablet.export()];
    await tablet.merge(theirs);
    await tablet.person.sees('The one household counts in USD, the other in EUR');
    expect(await at(await tablet.export())).toBe(await at(ours));
    await other.merge(ours);
    await other.person.sees('what was paid cannot be added up. Nothing was written');
    expect(await at(await other.export())).toBe(await at(theirs));
  });

  it('what came is listed, and is taken out again as one', async () => {
    const phone = await device();
    await phone.person.goTo('/home/start');
    await phone.choose('The household’s file', await tablet.export());
    await phone.person.sees('Nothing in the cold yet');
    await phone.person.goTo('/home/block');
    await weigh(phone.person, '10.8 lb');
    await phone.person.sees('of liquid');
    const before = await tablet.export();
    await tablet.merge(await phone.export());
    await tablet.person.sees('1 new entry merged');
    await tablet.person.reads('What came, and what was replaced');
    await tablet.person.reads('1 weighing.');
    await tablet.person.click('Take it out again');
    await tablet.person.sees('Taken out again');
    expect(await at(await tablet.export())).toBe(await at(before));
  });
});

describe('a large file', () => {
  it('is read with its progress shown, can be called off, and nothing is written then', async () => {
    const one = await Device.at();
    try {
      const path = one.pathOf('large.json');
      writeFileSync(path, writeFile(largeHousehold(20_000)));
      await one.person.goTo('/home/start');
      await one.choose('The household’s file', path);
      await one.person.sees('Reading large.json …');
      await one.person.click('Call it off');
      await one.person.sees('Called off. Nothing was written.');
      await one.choose('The household’s file', path);
      // What waits to be cut, and what lies there, is many.
      await one.person.sees('packs,', 60_000);
      expect(one.person.complaints).toEqual([]);
    } finally {
      await one.end();
    }
  });
});

describe('a household that is replaced', () => {
  it('stays in the browser until its file was seen, also where the download is blocked', async () => {
    const one = await Device.at();
    const { person } = one;
    try {
      await answer(one, { system: 'metric', currency: 'EUR', eater: 'Odile' });
      const empty = await one.export();
      await buy(person, 'Strip loin', '5 kg', '12');
      await person.savesTo(null);
      await person.goTo('/home/books/household');
      await one.choose('File to put in place', empty);
      await person.sees('Replace the whole household?');
      await person.click('Keep as it is');
      await person.page.waitForFunction(() => document.querySelector('[role="alertdialog"]') === null);
      await person.reads('1 entry');
      await one.choose('File to put in place', empty);
      await person.sees('Replace the whole household?');
      await person.click('Save a file, then replace');
      await person.sees('What was here before is kept below');
      await person.reload();
      await person.reads('is kept in this browser');
      await person.click('Put it back');
      await person.sees('It is back');
      await person.goTo('/home/block');
      await person.reads('this is the true start');
    } finally {
      await one.end();
    }
  });
});
