// npm run -s vendicus -- …: the core at a command line.
import { ensureBundle, ensureInstalled, run } from './setup.mjs';

ensureInstalled();
process.exitCode = run(
  process.execPath,
  ['--enable-source-maps', await ensureBundle('cli'), ...process.argv.slice(2)],
  { mayFail: true, cwd: process.cwd() },
);
