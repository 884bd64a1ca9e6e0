import { RuleTester } from 'eslint';
import { standsAlone } from './stands-alone.mjs';

const shared = (...tests) => `
  describe('a household', () => {
    let person;
    let name;
    beforeAll(async () => {
      person = await Person.at(browser, ADDRESS);
    });
    ${tests.join('\n')}
  });`;
const GOES = `it('is bought', async () => { await person.goOn('/home/counter'); });`;
const STAYS = `it('is drained', async () => { await person.click('Drain it'); });`;
const STORY = `story('is bought and drained', { 'is drained': async () => { await person.click('Drain it'); } });`;
const stays = [{ messageId: 'stays' }];

new RuleTester({ languageOptions: { ecmaVersion: 2024, sourceType: 'module' } }).run(
  'stands-alone',
  standsAlone,
  {
    valid: [
      { name: 'each goes somewhere', code: shared(GOES, GOES) },
      { name: 'one begins where its own beforeAll has brought it', code: shared(STAYS) },
      { name: 'a story, too', code: shared(STORY) },
      {
        name: 'a beforeEach goes somewhere for all',
        code: shared(`beforeEach(() => person.goOn('/home/counter'));`, STAYS, STAYS),
      },
      {
        name: 'nothing is done to the page',
        code: shared(GOES, `it('says nothing', () => { expect(person.complaints).toEqual([]); });`),
      },
      {
        name: 'what is kept is its own',
        code: `it('counts', async () => { let n = 0; await person.click('One'); n = 1; expect(n).toBe(1); });`,
      },
    ],
    invalid: [
      { name: 'one goes on where another was', code: shared(GOES, STAYS), errors: stays },
      { name: 'a story goes on where another was', code: shared(GOES, STORY), errors: stays },
      {
        name: 'a row of them',
        code: shared(GOES, `it.each([1, 2])('%d', async () => { await person.press('Enter'); });`),
        errors: stays,
      },
      {
        name: 'what is handed back to be awaited',
        code: shared(GOES, `it('is drained', () => person.click('Drain it'));`),
        errors: stays,
      },
      {
        name: 'a beforeEach goes nowhere',
        code: shared(`beforeEach(() => { name = ''; });`, GOES, STAYS),
        errors: stays,
      },
      {
        name: 'in a block within',
        code: shared(GOES, `describe('then', () => { ${STAYS} });`),
        errors: stays,
      },
      {
        name: 'something is kept for the next',
        code: shared(
          GOES,
          `it('keeps', async () => { await person.goTo('/home'); name = await person.text(); });`,
        ),
        errors: [{ messageId: 'kept', data: { name: 'name' } }],
      },
    ],
  },
);
