// npm run answers: asks solvers from outside anew, and tells what differs from what the tests hold ours against.
import { ensureBundle, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
process.exitCode = run(process.execPath, [await ensureBundle('answers'), ...process.argv.slice(2)], {
  mayFail: true,
});
