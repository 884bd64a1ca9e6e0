import { readFileSync } from 'node:fs';
import type { BrowserContext, CDPSession, KeyInput } from 'puppeteer-core';
import { comesTo, freshWindow, Person } from './harness';
import { ADDRESS } from './journeys';
import { story } from './story';

/** Tabs that a patient person would press. */
const MOST_TABS = 40;
const KEYS = [
  'Tab',
  'Enter',
  'Escape',
  'Space',
  'Home',
  'End',
  'ArrowDown',
  'ArrowUp',
  'ArrowRight',
  'ArrowLeft',
];

interface Step {
  readonly press: string;
  readonly hear: string;
}
interface Task {
  readonly name: string;
  readonly steps: readonly Step[];
}

const tasks: readonly Task[] = readFileSync('docs/by-keyboard.md', 'utf8')
  .split(/^## /m)
  .slice(1)
  .map((section) => ({
    name: section.split('\n')[0] ?? '',
    steps: [...section.matchAll(/^\| (.+?) +\| (.+?) +\|$/gm)]
      .map(([, press = '', hear = '']) => ({ press, hear }))
      .filter(({ press }) => press !== 'Press or type' && !press.startsWith('--')),
  }));

// The page that says so is the script: what it promises to a person without a mouse or a screen is done here.
describe('by the keyboard and the screen reader’s tree', () => {
  let browser: BrowserContext;
  let person: Person;
  let tree: CDPSession;

  beforeAll(async () => {
    browser = await freshWindow();
    person = await Person.at(browser, ADDRESS);
    await person.goTo('/home/start');
    tree = await person.page.createCDPSession();
    await tree.send('Accessibility.enable');
  });
  afterAll(() => browser.close());

  /** What a screen reader would tell of an element. */
  async function told(expression: string): Promise<string> {
    const { result } = await tree.send('Runtime.evaluate', { expression });
    if (!result.objectId) return '';
    const { nodes } = await tree.send('Accessibility.getPartialAXTree', {
      objectId: result.objectId,
      fetchRelatives: false,
    });
    const [node] = nodes;
    const has = (name: string): unknown => node?.properties?.find((each) => each.name === name)?.value.value;
    const value = node?.value?.value as string | undefined;
    const states = [
      has('expanded') === undefined ? '' : has('expanded') ? ', expanded' : ', collapsed',
      String(has('checked')) === 'true' ? ', checked' : '',
      String(has('pressed')) === 'true' ? ', pressed' : '',
      String(has('invalid') ?? 'false') === 'false' ? '' : ', invalid',
    ];
    return `${String(node?.role?.value)} “${String(node?.name?.value ?? '').trim()}”${states.join('')}${value ? `: ${value}` : ''}`;
  }

  /** What has the focus, and in a list or a menu also what is gone to in it. */
  const heard = async (): Promise<readonly string[]> => [
    await told('document.activeElement'),
    await told(`document.getElementById(document.activeElement.getAttribute('aria-activedescendant'))`),
  ];

  async function hears(wanted: string): Promise<void> {
    expect(await comesTo(heard, (last) => last.includes(wanted))).toContain(wanted);
  }

  async function tabTo(wanted: string): Promise<void> {
    const passed: string[] = [];
    for (let presses = 0; presses < MOST_TABS; presses++) {
      await person.press('Tab');
      const [now = ''] = await heard();
      if (now === wanted) return;
      passed.push(now);
    }
    throw new Error(`${wanted} is not reached in ${MOST_TABS} tabs:\n${passed.join('\n')}`);
  }

  async function markAll(): Promise<void> {
    await person.page.keyboard.down('Control');
    await person.press('a');
    await person.page.keyboard.up('Control');
  }

  async function does({ press, hear }: Step): Promise<void> {
    if (press === 'Tab') return tabTo(hear);
    if (KEYS.includes(press)) await person.press(press as KeyInput);
    else if (press === 'Control+a') await markAll();
    else await person.type(press);
    const said = /^_(.+)_$/.exec(hear)?.[1];
    return said === undefined ? hears(hear) : person.sees(said);
  }

  async function performs({ steps }: Task): Promise<void> {
    expect(steps.length).toBeGreaterThan(3);
    for (const step of steps) await does(step);
  }

  story(
    'one task after the other',
    Object.fromEntries(tasks.map((task) => [task.name, () => performs(task)])),
  );
});
