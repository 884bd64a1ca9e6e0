// npm test: installs and builds what is missing, then lint, types, unit and interface tests.
// npm test core app e2e: only these suites. npm test core week: of them, only the files named so, told test by
// test, without the checks; nothing is built, and no browser is asked for, where none of them needs it.
// Ends with one line over all of them: N passed, N failed.
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { CHECKS, FORMS } from './checks.mjs';
import { bin, ensureApp, ensureBundle, ensureChromium, ensureInstalled, ROOT, say } from './setup.mjs';

const PROJECTS = ['core', 'app', 'e2e'];
const wanted = process.argv.slice(2);
const names = wanted.filter((each) => !PROJECTS.includes(each));
const chosen = PROJECTS.filter((project) => wanted.includes(project));
const asked = chosen.length > 0 ? chosen : PROJECTS;
const hasBrowserTests =
  names.length === 0 ||
  readdirSync(join(ROOT, 'e2e'), { recursive: true }).some(
    (file) => file.endsWith('.test.ts') && names.some((name) => `e2e/${file}`.includes(name)),
  );
const projects = asked.filter((project) => project !== 'e2e' || hasBrowserTests);

let passed = 0;
let failed = 0;

async function check([name, program, ...args]) {
  const running = spawn(process.execPath, [program, ...args], { cwd: ROOT, stdio: 'inherit' });
  const [status] = await once(running, 'close');
  if (status === 0) passed += 1;
  else failed += 1;
  say(`${name}: ${status === 0 ? 'ok' : 'failed'}`);
}

/** One after the other: the build has the other core. */
async function checkAll() {
  for (const each of CHECKS) await check(each);
}

/** All suites in one pool, so that no core waits for the last file of one of them. */
function jest() {
  const result = join(ROOT, 'dist', 'jest.json');
  rmSync(result, { force: true });
  const files =
    names.length > 0 ? ['--verbose', '--passWithNoTests', '--testPathPatterns', names.join('|')] : [];
  spawnSync(
    process.execPath,
    [
      bin('jest'),
      ...['--selectProjects', ...projects, '--json', `--outputFile=${result}`],
      // In an order of its own: a test that needs another before it fails.
      ...['--maxWorkers=3', '--forceExit', '--randomize', '--seed=30', ...files],
    ],
    { cwd: ROOT, stdio: ['ignore', 'ignore', 'inherit'] },
  );
  if (!existsSync(result)) return void (failed += 1);
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(
    readFileSync(result, 'utf8'),
  );
  passed += numPassedTests;
  failed += numFailedTests + numRuntimeErrorTestSuites;
}

ensureInstalled();
const isWhole = names.length === 0;
if (projects.includes('e2e')) process.env.CHROMIUM_PATH = ensureChromium();
// None of the checks reads what is built.
const checks = isWhole ? checkAll() : undefined;
if (projects.includes('e2e')) {
  await ensureApp();
  for (const bundle of ['server', 'cli']) await ensureBundle(bundle);
}
await checks;
rmSync(join(ROOT, 'dist', 'filled'), { recursive: true, force: true });
jest();
if (isWhole && projects.includes('e2e')) await check(FORMS);

console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
