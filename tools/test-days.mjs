// npm run test:days: the unit tests, and the browser tests that show a day, at moments at which something could
// break; and the demo household at four hundred more. Which they are, e2e/dated.json says. A pattern may be
// given, to try some files only.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { bin, ensureApp, ensureBundle, ensureChromium, ensureInstalled, ROOT, say } from './setup.mjs';

const inAYear = new Date(Date.now() + 365 * 86_400_000).toISOString();
/** A leap day's last minutes, the year's, both changes of the clock, a Sunday, and a year from now. */
const MOMENTS = [
  ['a leap day, late', '2028-02-29T23:40:00.000Z', 'Etc/UTC'],
  ['the last of the year', '2026-12-31T17:00:00.000Z', 'America/New_York'],
  ['the day the clock goes on', '2027-03-28T09:00:00.000Z', 'Europe/Paris'],
  ['the day the clock goes back', '2027-10-31T09:00:00.000Z', 'Europe/Paris'],
  ['a Sunday', '2026-11-29T10:00:00.000Z', 'Etc/UTC'],
  ['a year from now', inAYear, 'Etc/UTC'],
];

ensureInstalled();
process.env.CHROMIUM_PATH = ensureChromium();
await ensureApp();
for (const bundle of ['server', 'cli']) await ensureBundle(bundle);

const { 'shows a day': shown } = JSON.parse(readFileSync(join(ROOT, 'e2e', 'dated.json'), 'utf8'));
const [pattern] = process.argv.slice(2);
const files = pattern
  ? [pattern]
  : ['^(?!(.*/)?e2e/)', ...Object.keys(shown).map((name) => `/e2e/${name}\\.test`)];
let failed = 0;

/** Runs what matches, and says how it went. */
function trial(name, patterns, env) {
  say(`\n${name} …`);
  const { status } = spawnSync(
    process.execPath,
    [bin('jest'), '--maxWorkers=3', '--forceExit', '--testPathPatterns', patterns.join('|')],
    { cwd: ROOT, env: { ...process.env, ...env }, stdio: ['ignore', 'ignore', 'inherit'] },
  );
  if (status !== 0) failed += 1;
  say(`${name}: ${status === 0 ? 'ok' : 'failed'}`);
}

for (const [name, begins, zone] of MOMENTS)
  trial(`${name}, ${begins}, ${zone}`, files, {
    TZ: zone,
    VENDICUS_CLOCK_AHEAD_MS: String(Date.parse(begins) - Date.now()),
    VENDICUS_ZONE: zone,
  });
const households = pattern === undefined ? ['demo/household'] : [];
for (const household of households)
  trial('the demo household at four hundred moments', [household], { DEMO_MOMENTS: '400' });
const tried = MOMENTS.length + households.length;
console.log(`${tried - failed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
