// npm run bench: the benchmark table.
import { ensureApp, ensureBundle, ensureChromium, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
process.env.CHROMIUM_PATH = ensureChromium();
await ensureApp();
await ensureBundle('server');
process.exitCode = run(process.execPath, [await ensureBundle('bench')], { mayFail: true });
