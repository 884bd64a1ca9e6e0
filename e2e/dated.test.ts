import { readdirSync } from 'node:fs';
import dated from './dated.json';

it('every browser test is tried on other days, or says why not', () => {
  const files = readdirSync('e2e', { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.test.ts') && file !== 'dated.test.ts')
    .map((file) => file.replace('.test.ts', ''));
  const named = [...Object.keys(dated['shows a day']), ...Object.keys(dated['shows none'])];
  expect(named.sort()).toEqual(files.sort());
});
