// npm run torture [-- --minutes N] [-- --seed S]: what the screen confirmed is there, whatever happens.
import { ensureApp, ensureBundle, ensureChromium, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
process.env.CHROMIUM_PATH = ensureChromium();
await ensureApp();
await ensureBundle('server');
process.exitCode = run(process.execPath, [await ensureBundle('torture'), ...process.argv.slice(2)], {
  mayFail: true,
});
