import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const CORE = __dirname;
const map = readFileSync(join(CORE, 'index.ts'), 'utf8');
const listed = [...map.matchAll(/^export \* from '\.\/(.+)';$/gm)].map(([, file]) => file);

/** Everything but tests, their helpers and the catalogue's data. */
const files = readdirSync(CORE, { recursive: true, encoding: 'utf8' })
  .map((file) => file.replaceAll('\\', '/'))
  .filter((file) => /^[^/]+\/.*\.ts$/.test(file) && !/\.(test|d)\.ts$/.test(file))
  .filter((file) => !/^(testing|catalogue\/(kinds|drawings))\//.test(file))
  .map((file) => file.replace(/\.ts$/, ''));

describe('the map of the core on one page', () => {
  it('names every file once, and nothing that is not there', () => {
    expect([...listed].sort()).toEqual([...files].sort());
  });

  it('names the rooms in the order in which they stand on each other', () => {
    const rooms = [...map.matchAll(/^\/\/ (\w+): /gm)].map(([, room]) => room);
    const order = [...new Set(listed.map((file) => file?.split('/')[0]))];
    expect(order).toEqual(rooms);
  });
});
