// npm run demo: makes demo/household.json again from its seed.
import { ensureBundle, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
run(process.execPath, [await ensureBundle('demo'), 'demo/household.json']);
