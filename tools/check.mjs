// npm run check: format, lint, types, unused, of what changed since the last commit; --all: of everything.
import { execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { CHECKS, checksOf } from './checks.mjs';
import { ensureInstalled, ROOT, say } from './setup.mjs';

ensureInstalled();
const git = (...args) =>
  execFileSync('git', args, { cwd: ROOT, encoding: 'utf8' }).split('\n').filter(Boolean);
const changed = [
  ...git('diff', '--name-only', '--diff-filter=d', 'HEAD'),
  ...git('ls-files', '--others', '--exclude-standard'),
];

let failed = 0;

/** Tells what a check printed only where it found something. */
async function run([name, program, ...args]) {
  const child = spawn(process.execPath, [program, ...args], { cwd: ROOT });
  const told = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => told.push(chunk));
  const [status] = await once(child, 'close');
  if (status !== 0) failed += 1;
  say(status === 0 ? `${name}: ok` : `${name}: failed\n${Buffer.concat(told)}`);
}

const checks = process.argv.includes('--all') ? CHECKS : checksOf(changed);
// Two at a time, as there are cores.
const waiting = [...checks];
const hand = async () => {
  for (let next = waiting.shift(); next; next = waiting.shift()) await run(next);
};
await Promise.all([hand(), hand()]);
process.exitCode = failed === 0 ? 0 : 1;
