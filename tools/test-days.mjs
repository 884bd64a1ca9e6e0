// npm run test:days: the interface tests on days on which something could break, each with the tests' own clock.
import { spawnSync } from 'node:child_process';
import { bin, ensureApp, ensureBundle, ensureChromium, ensureInstalled, ROOT, say } from './setup.mjs';

/** A working week and its end, the last of a month, a leap day, and both changes of the clock. */
const DAYS = [
  ['a Monday', '2026-11-23T10:00:00.000Z', 'Etc/UTC'],
  ['a Tuesday', '2026-11-24T10:00:00.000Z', 'Etc/UTC'],
  ['a Wednesday', '2026-11-25T10:00:00.000Z', 'Etc/UTC'],
  ['a Thursday', '2026-11-26T10:00:00.000Z', 'Etc/UTC'],
  ['a Friday', '2026-11-27T10:00:00.000Z', 'Etc/UTC'],
  ['a Saturday', '2026-11-28T10:00:00.000Z', 'Etc/UTC'],
  ['a Sunday', '2026-11-29T10:00:00.000Z', 'Etc/UTC'],
  ['the end of a month', '2027-01-31T10:00:00.000Z', 'Etc/UTC'],
  ['a leap day', '2028-02-29T10:00:00.000Z', 'Etc/UTC'],
  ['the day the clock goes on', '2027-03-28T09:00:00.000Z', 'Europe/Paris'],
  ['the day the clock goes back', '2027-10-31T09:00:00.000Z', 'Europe/Paris'],
  ['the eve of the clock going on', '2027-03-13T18:00:00.000Z', 'America/New_York'],
];

ensureInstalled();
process.env.CHROMIUM_PATH = ensureChromium();
await ensureApp();
for (const bundle of ['server', 'cli', 'demo']) await ensureBundle(bundle);

/** A pattern of test files may be given, to try some of them only. */
const [pattern = ''] = process.argv.slice(2);
let failed = 0;
for (const [name, begins, zone] of DAYS) {
  say(`\n${name}, ${begins}, ${zone} …`);
  const { status } = spawnSync(
    process.execPath,
    [bin('jest'), '--selectProjects', 'e2e', '--maxWorkers=3', '--forceExit', '--testPathPatterns', pattern],
    {
      cwd: ROOT,
      env: { ...process.env, VENDICUS_CLOCK: begins, VENDICUS_ZONE: zone },
      stdio: ['ignore', 'ignore', 'inherit'],
    },
  );
  if (status !== 0) failed += 1;
  say(`${name}: ${status === 0 ? 'ok' : 'failed'}`);
}
console.log(`${DAYS.length - failed} days passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
