// npm test: installs and builds what is missing, then lint, types, unit and interface tests.
// npm test core app e2e: only these suites. npm test e2e week: of it, only the files named so, told test by test.
// Ends with one line over all of them: N passed, N failed.
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { bin, ensureApp, ensureBundle, ensureChromium, ensureInstalled, ROOT, say } from './setup.mjs';

const PROJECTS = ['core', 'app', 'e2e'];
const wanted = process.argv.slice(2);
const projects = PROJECTS.filter((project) => wanted.includes(project));
const names = wanted.filter((each) => !PROJECTS.includes(each));

ensureInstalled();
process.env.CHROMIUM_PATH = ensureChromium();

let passed = 0;
let failed = 0;

async function check(name, program, args = []) {
  say(`${name} …`);
  const running = spawn(process.execPath, [program, ...args], { cwd: ROOT, stdio: 'inherit' });
  const [status] = await once(running, 'close');
  if (status === 0) passed += 1;
  else failed += 1;
  say(`${name}: ${status === 0 ? 'ok' : 'failed'}`);
}

function jest(project) {
  say(`\nTests: ${project} …`);
  const result = join(ROOT, 'dist', `jest-${project}.json`);
  rmSync(result, { force: true });
  const files =
    names.length > 0 ? ['--verbose', '--passWithNoTests', '--testPathPatterns', names.join('|')] : [];
  const flags = project === 'e2e' ? ['--maxWorkers=3', '--forceExit'] : ['--maxWorkers=2'];
  spawnSync(
    process.execPath,
    [bin('jest'), '--selectProjects', project, '--json', `--outputFile=${result}`, ...flags, ...files],
    { cwd: ROOT, stdio: ['ignore', 'ignore', 'inherit'] },
  );
  if (!existsSync(result)) return void (failed += 1);
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(
    readFileSync(result, 'utf8'),
  );
  passed += numPassedTests;
  failed += numFailedTests + numRuntimeErrorTestSuites;
}

// None of them reads what is built: side by side with that, for each has one core to itself.
const checks =
  names.length > 0
    ? []
    : [
        check('Format', bin('prettier'), ['--check', '.', '--log-level', 'warn']),
        check('Lint', bin('eslint'), ['.', '--max-warnings=0']),
        check('Nothing unused', bin('knip')),
        check('No circles', join(ROOT, 'tools', 'circles.mjs')),
        check('Types of the core, without DOM', bin('tsc'), ['-p', 'tsconfig.core.json']),
        check('Types of everything', bin('tsc'), ['-p', 'tsconfig.node.json']),
      ];
await ensureApp();
for (const bundle of ['server', 'cli', 'demo']) await ensureBundle(bundle);
await Promise.all(checks);
for (const project of projects.length > 0 ? projects : PROJECTS) jest(project);

console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
