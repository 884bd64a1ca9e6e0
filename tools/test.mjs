// npm test: installs and builds what is missing, then lint, types, unit and interface tests.
// Ends with one line over all of them: N passed, N failed.
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { bin, ensureApp, ensureBundle, ensureChromium, ensureInstalled, ROOT, say } from './setup.mjs';

ensureInstalled();
process.env.CHROMIUM_PATH = ensureChromium();
await ensureApp();
for (const bundle of ['server', 'cli', 'demo']) await ensureBundle(bundle);

let passed = 0;
let failed = 0;

async function check(name, program, args) {
  say(`${name} …`);
  const running = spawn(process.execPath, [bin(program), ...args], { cwd: ROOT, stdio: 'inherit' });
  const [status] = await once(running, 'close');
  if (status === 0) passed += 1;
  else failed += 1;
  say(`${name}: ${status === 0 ? 'ok' : 'failed'}`);
}

function jest(project) {
  say(`\nTests: ${project} …`);
  const result = join(ROOT, 'dist', `jest-${project}.json`);
  rmSync(result, { force: true });
  const flags = project === 'e2e' ? ['--maxWorkers=3', '--forceExit'] : ['--maxWorkers=2'];
  spawnSync(
    process.execPath,
    [bin('jest'), '--selectProjects', project, '--json', `--outputFile=${result}`, ...flags],
    { cwd: ROOT, stdio: ['ignore', 'ignore', 'inherit'] },
  );
  if (!existsSync(result)) return void (failed += 1);
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(
    readFileSync(result, 'utf8'),
  );
  passed += numPassedTests;
  failed += numFailedTests + numRuntimeErrorTestSuites;
}

// Each has one core to itself: side by side.
await Promise.all([
  check('Format', 'prettier', ['--check', '.', '--log-level', 'warn']),
  check('Lint', 'eslint', ['.', '--max-warnings=0']),
  check('Types of the core, without DOM', 'tsc', ['-p', 'tsconfig.core.json']),
  check('Types of everything', 'tsc', ['-p', 'tsconfig.node.json']),
]);
const wanted = process.argv.slice(2);
for (const project of ['core', 'app', 'e2e'])
  if (wanted.length === 0 || wanted.includes(project)) jest(project);

console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
