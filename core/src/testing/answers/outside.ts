import { readFileSync } from 'node:fs';

/** Which solver from outside answered. */
export const HIGHS = {
  solver: 'highs',
  version: (JSON.parse(readFileSync('node_modules/highs/package.json', 'utf8')) as { version: string })
    .version,
};
