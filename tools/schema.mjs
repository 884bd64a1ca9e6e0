// npm run schema: makes docs/household.schema.json again.
import { ensureBundle, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
run(process.execPath, [await ensureBundle('schema')]);
