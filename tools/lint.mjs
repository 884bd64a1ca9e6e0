// npm run lint: ESLint over everything, with the import boundaries.
import { bin, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
run(process.execPath, [bin('eslint'), '.', '--max-warnings=0']);
