// npm run demo: writes the demo household, and the lists of its shops beside it.
import { writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { demoFiles } from './demo-files';

const file = process.argv[2] ?? 'demo/household.json';
const { household, shopLists } = demoFiles();
writeFileSync(file, household);
writeFileSync(join(dirname(file), 'shop-lists.json'), shopLists);
