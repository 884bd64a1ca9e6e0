// npm run bench: the benchmark table.
import { ensureApp, ensureBarePage, ensureBundle, ensureChromium, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
process.env.CHROMIUM_PATH = ensureChromium();
await ensureApp();
await ensureBundle('server');
ensureBarePage();
process.exitCode = run(process.execPath, [await ensureBundle('bench')], { mayFail: true });
