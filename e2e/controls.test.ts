import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { AxeResults } from 'axe-core';
import type { BrowserContext, CDPSession } from 'puppeteer-core';
import { comesTo, DESK, freshWindow, Person, PHONE } from './harness';
import { ADDRESS } from './journeys';

const AXE = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

// The page on which every control stands in every state.
describe('every control', () => {
  let browser: BrowserContext;
  let person: Person;
  let session: CDPSession;
  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.page.evaluateOnNewDocument(() => sessionStorage.setItem('vendicus-for-builders', 'yes'));
    await person.goTo('/ui');
    session = await person.page.createCDPSession();
  });
  beforeEach(async () => {
    await person.goOn('/ui');
    await person.page.setViewport(DESK);
  });
  afterAll(() => browser.close());

  /** Where the system forces its colours, their contrast is its own affair. */
  async function violations(isForced = false): Promise<string[]> {
    await person.page.evaluate(AXE);
    const { violations } = (await person.page.evaluate(
      (isForced) =>
        (globalThis as unknown as { axe: { run: (options: object) => Promise<unknown> } }).axe.run({
          resultTypes: ['violations'],
          // What opens stands beside the page, as it lies above it.
          rules: { region: { enabled: false }, 'color-contrast': { enabled: !isForced } },
        }),
      isForced,
    )) as AxeResults;
    return violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 200)).join(' | ')}`,
    );
  }

  /** Also what puppeteer has no word for: forced colours. */
  async function media(...features: { name: string; value: string }[]): Promise<void> {
    await session.send('Emulation.setEmulatedMedia', {
      features: [{ name: 'prefers-reduced-motion', value: 'reduce' }, ...features],
    });
  }

  /** What opens has come to rest. */
  async function rests(): Promise<void> {
    for (let frames = 0; frames < 4; frames++) await person.page.evaluate(() => vendicusFinding.drawn());
  }

  /** What a screen reader is told of a control: its role, its name, what it shows and its state. */
  async function heard(name: string, role: string): Promise<Record<string, unknown>> {
    const element = await person.page.waitForSelector(`::-p-called([name="${name}"][role="${role}"])`);
    const told = await person.page.accessibility.snapshot({ root: element!, interestingOnly: false });
    return { ...told, children: undefined };
  }

  it('is there for builders only', async () => {
    const stranger = await Person.at(browser, ADDRESS);
    await stranger.goTo('/ui');
    await stranger.reads('There is nothing at this address');
    await stranger.click('To the household', 'link');
    await stranger.page.close();
  });

  it.each([
    ['in the light', { name: 'prefers-color-scheme', value: 'light' }],
    ['in the dim', { name: 'prefers-color-scheme', value: 'dark' }],
    ['in forced colours', { name: 'forced-colors', value: 'active' }],
  ])('is clean %s, closed and open', async (_name, feature) => {
    await media(feature);
    const isForced = feature.value === 'active';
    expect(await violations(isForced)).toEqual([]);
    for (const [name, role] of [
      ['Animal', 'combobox'],
      ['One of forty', 'combobox'],
      ['More', 'button'],
      ['Calendar: Bought on', 'button'],
      ['Ask something', 'button'],
    ] as const) {
      await person.click(name, role);
      await person.page.waitForSelector(
        '.p-select-overlay, .p-menu-overlay, .p-datepicker-day, .p-dialog, .p-popover',
      );
      await rests();
      expect([name, await violations(isForced)]).toEqual([name, []]);
      await person.press('Escape');
      await person.page.waitForFunction(
        () => !document.querySelector('.p-select-overlay, .p-menu-overlay, .p-popover, .p-dialog'),
      );
    }
    await media();
  });

  it('is named, and says what it shows and what is wrong', async () => {
    await person.goTo('/ui');
    expect(await heard('Animal', 'combobox')).toMatchObject({ role: 'combobox', value: 'beef' });
    expect(await heard('Wrong', 'textbox')).toMatchObject({
      invalid: 'true',
      description: '“seven” is no weight. Write it like 1.2 kg.',
    });
    expect(await heard('Not now', 'combobox')).toMatchObject({ disabled: true });
    expect(await heard('frost-free, with a fan', 'checkbox')).toMatchObject({ checked: true });
    expect(await heard('kg', 'button')).toMatchObject({ pressed: true });
  });

  /** Types the letters, and waits until the option is the one in the hand. */
  async function looksFor(letters: string, option: string): Promise<void> {
    await person.type(letters);
    await person.page.waitForFunction(
      (wanted) => document.querySelector('.p-select-option.p-focus')?.textContent?.trim() === wanted,
      { polling: 50 },
      option,
    );
  }

  it('a choice goes by keys: opened, looked for by letter, taken, left', async () => {
    await person.goTo('/ui');
    const box = '::-p-called([name="Animal"][role="combobox"])';
    await person.page.focus(box);
    const opens = (): Promise<unknown> => person.page.waitForSelector('.p-select-option.p-focus');
    await person.press('ArrowDown');
    await opens();
    await person.press('End', 'Enter');
    await person.shows('Animal', 'turkey');
    await person.page.waitForFunction(() => document.querySelector('.p-select-overlay') === null);
    await person.press('Space');
    await opens();
    await looksFor('la', 'lamb');
    await person.press('Enter');
    await person.shows('Animal', 'lamb');
    await person.page.waitForFunction(() => document.querySelector('.p-select-overlay') === null);
    await person.press('ArrowDown');
    await opens();
    await person.press('Home', 'Escape');
    await person.page.waitForFunction(() => document.querySelector('.p-select-overlay') === null);
    await person.shows('Animal', 'lamb');
  });

  it('in a long one that is looked through Enter takes what was found first; opened again it is in sight', async () => {
    await person.page.focus('::-p-called([name="One of forty"][role="combobox"])');
    await person.press('Space');
    await person.type('37');
    await person.page.waitForFunction(() => document.querySelectorAll('.p-select-option').length === 1);
    await person.press('Enter');
    await person.page.waitForFunction(() => document.querySelector('.p-select-overlay') === null);
    await person.shows('One of forty', /37/);
    // A long list has its height late on a slow machine.
    await person.page.emulateCPUThrottling(10);
    await person.press('Space');
    await person.page.waitForFunction(() => {
      const chosen = document.querySelector('.p-select-option-selected')?.getBoundingClientRect();
      const list = document.querySelector('.p-select-overlay')?.getBoundingClientRect();
      return chosen && list && chosen.top >= list.top && chosen.bottom <= list.bottom;
    });
    await person.page.emulateCPUThrottling(null);
    await person.press('Escape');
    await person.page.waitForFunction(() => document.querySelector('.p-select-overlay') === null);
  });

  it('one of a few goes by arrows', async () => {
    await person.page.focus('::-p-called([name="kg"][role="button"])');
    const isIn = ({ pressed, focused }: Record<string, unknown>): boolean => Boolean(pressed && focused);
    await person.press('ArrowRight');
    expect(isIn(await comesTo(() => heard('lb', 'button'), isIn))).toBe(true);
    await person.press('ArrowLeft', 'ArrowLeft');
    expect(isIn(await comesTo(() => heard('each', 'button'), isIn))).toBe(true);
  });

  it('a day is typed as people write one, or picked; what is no day does not count', async () => {
    await person.write('Bought on', 'yesterday');
    await person.shows('Bought on', '25 Nov');
    await person.write('Bought on', '3/4/2026');
    await person.sees('Is 3 Apr 2026 meant, or 4 Mar 2026? Write it so. 25 Nov stands.');
    await person.write('Bought on', '27 Nov 2026');
    await person.sees('27 Nov 2026 is still to come. 25 Nov stands.');
    await person.page.focus('::-p-called([name="Bought on"][role="textbox"])');
    await person.press('Escape');
    await person.shows('Bought on', '25 Nov');
    await person.click('Calendar: Bought on');
    await person.click('Today');
    await person.shows('Bought on', '26 Nov');
    await person.page.waitForSelector('[aria-label="Calendar: Bought on"][aria-expanded=false]:focus');
    await person.click('Calendar: Any day');
    await person.page.locator('.p-datepicker-day:not(.p-disabled) ::-p-text(15)').click();
    await person.shows('Any day', /^15 /);
  });

  it('2,000 shops are looked through while typing, whatever they are called', async () => {
    await person.fill('Shop', 'aero', 'combobox');
    await person.press('Backspace', 'Backspace', 'Backspace', 'Backspace');
    await person.type('kod');
    await person.page.waitForFunction(
      () => document.querySelector('.p-autocomplete-option')?.textContent?.trim() === 'Ærø Kød 🥩',
    );
    // Emptied and begun again with the same letter, as fast as a busy machine hands keys on.
    for (const frames of [0, 1]) {
      await person.page.evaluate(async (frames) => {
        document.execCommand('selectAll');
        document.execCommand('delete');
        for (let each = 0; each < frames; each++) await new Promise(requestAnimationFrame);
        document.execCommand('insertText', false, 'k');
      }, frames);
      await rests();
      await person.page.waitForSelector('.p-autocomplete-option');
    }
    await person.fill('Shop', 'shop 1997', 'combobox');
    await person.page.waitForFunction(
      () => document.querySelector('.p-autocomplete-option')?.textContent?.trim() === 'Shop 1997',
    );
    await person.press('ArrowDown', 'Enter');
    await person.page.waitForFunction(
      (selector) => (document.querySelector(selector) as HTMLInputElement | null)?.value === 'Shop 1997',
      {},
      'v-pick input',
    );
  });

  it('a form in which something cannot be read is not sent, and the focus goes there', async () => {
    await person.fill('Weight of it', 'heavy');
    await person.click('Save it');
    await person.sees('“heavy” is no weight. 1.200 kg stands.');
    expect(await heard('Weight of it', 'textbox')).toMatchObject({ focused: true, invalid: 'true' });
    await person.reads('Sent 0 times, with 1.200 kg.');
    await person.fill('Weight of it', '1.5 kg');
    await person.press('Enter');
    await person.sees('Sent 1 times, with 1.500 kg.');
  });

  it('a menu goes by keys, and a question is left by Escape', async () => {
    await person.page.focus('::-p-called([name="More"][role="button"])');
    await person.press('Enter');
    await person.page.waitForSelector('.p-menu-overlay');
    await person.press('ArrowDown', 'ArrowDown', 'Enter');
    await person.sees('saved');
    await person.click('Ask something');
    await person.sees('A warm freezer');
    await person.click('Save it all the same');
    await person.sees('Answered: yes');
    await person.click('Ask something');
    await person.page.waitForSelector('.p-dialog :focus');
    await person.press('Escape');
    await person.sees('Answered: no');
  });

  it.each([
    ['on a phone', PHONE],
    ['at 320', { ...PHONE, width: 320 }],
    ['at 1280, enlarged twice', { width: 640, height: 400, deviceScaleFactor: 2 }],
  ])('nothing is wider than the screen %s, also what opens', async (_name, viewport) => {
    await person.page.setViewport(viewport);
    await person.goTo('/ui');
    const width = (): Promise<number> => person.page.evaluate(() => document.documentElement.scrollWidth);
    expect(await width()).toBe(viewport.width);
    for (const [name, role] of [
      ['One of forty', 'combobox'],
      ['Calendar: Bought on', 'button'],
      ['More', 'button'],
    ] as const) {
      await person.click(name, role);
      await person.page.waitForSelector('.p-select-overlay, .p-datepicker-day, .p-menu-overlay');
      await rests();
      expect([name, await width()]).toEqual([name, viewport.width]);
      await person.press('Escape');
      await person.page.waitForFunction(
        () => !document.querySelector('.p-select-overlay, .p-menu-overlay, .p-popover'),
      );
    }
  });

  it('a list that is open holds while the window becomes a phone', async () => {
    await person.page.setViewport({ width: 1920, height: 1080 });
    await person.goTo('/ui');
    await person.click('Animal', 'combobox');
    await person.page.waitForSelector('.p-select-overlay');
    await person.page.setViewport({ width: 320, height: 640 });
    await person.press('Escape');
    await person.choose('Animal', 'pork');
    await person.shows('Animal', 'pork');
    expect(person.complaints).toEqual([]);
  });

  it('what is wrong with a field is read beside it, enlarged twice and with the keyboard open', async () => {
    // Half of a tablet, at twice the size.
    await person.page.setViewport({ width: 410, height: 300, deviceScaleFactor: 2, hasTouch: true });
    await person.goTo('/ui');
    await person.fill('Weight of it', 'heavy');
    await person.press('Enter');
    await person.sees('“heavy” is no weight');
    const boxes = await person.page.evaluate(() => {
      const field = document.activeElement;
      const why = document.getElementById(field?.getAttribute('aria-describedby') ?? '');
      return [field, why].map((each) => {
        const { left, right, top, bottom } = each!.getBoundingClientRect();
        const at = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
        return {
          isOnScreen: top >= 0 && bottom <= innerHeight && left >= 0 && right <= innerWidth,
          isFree: each!.contains(at) || at?.contains(each) === true,
        };
      });
    });
    expect(boxes).toEqual(boxes.map(() => ({ isOnScreen: true, isFree: true })));
  });

  it('is read all the same where the typefaces do not come', async () => {
    const plain = await Person.at(browser, ADDRESS, PHONE);
    // Nothing is held up: a worker whose script is looked at on its way may never start.
    const network = await plain.page.createCDPSession();
    await network.send('Network.enable');
    await network.send('Network.setBlockedURLs', { urls: ['*/media/*'] });
    await plain.goTo('/demo/freezer');
    await plain.reads('Pack, oldest first');
    const { faces, wide } = await plain.page.evaluate(() => ({
      faces: [...document.fonts].filter((face) => face.status === 'loaded').length,
      wide: document.documentElement.scrollWidth - innerWidth,
    }));
    expect({ faces, wide }).toEqual({ faces: 0, wide: 0 });
    // A sign that has not come leaves its button’s name.
    await plain.click('More: weights, light, file and settings');
    await plain.page.waitForSelector('.p-menu-overlay [role=menuitem]');
    await plain.page.close();
  });
});
