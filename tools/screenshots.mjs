// npm run screenshots [-- FOLDER NAME… dim]: pictures of each place from the demo household.
import { ensureApp, ensureBundle, ensureChromium, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
process.env.CHROMIUM_PATH = ensureChromium();
await ensureApp();
await ensureBundle('server');
run(process.execPath, [await ensureBundle('screenshots'), ...process.argv.slice(2)]);
