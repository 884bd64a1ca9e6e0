// Set-up without dependencies: installs and builds what is missing or stale, and nothing else.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  cpSync,
  existsSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');
const STAMP = join(ROOT, 'node_modules', '.vendicus-lock');

export const say = (text) => console.error(text);

/** Runs a command in the project's folder; ends this process when it fails. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, {
    cwd: ROOT,
    stdio: options.quiet ? ['ignore', 'ignore', 'inherit'] : 'inherit',
    ...options,
  });
  if (result.error) fail(`${command} could not be started: ${result.error.message}`);
  if (result.status !== 0 && !options.mayFail) fail(`${command} ${args.join(' ')} failed.`);
  return result.status ?? 1;
}

export function fail(message) {
  console.error(message);
  process.exit(1);
}

export const bin = (name) => join(ROOT, 'node_modules', '.bin', name);

/** Installs from the lock file when node_modules was not made from it. */
export function ensureInstalled() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19))
    fail(`Vendicus needs Node.js 20.19 or newer; this is ${process.versions.node}.`);
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return;
  say('Installing packages (once, a minute or two) …');
  run('npm', ['ci', '--prefer-offline', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(STAMP, lock);
}

/** Whether any file below the given paths is newer than the stamp file. */
export function isStale(paths, stamp) {
  const made = existsSync(stamp) ? statSync(stamp).mtimeMs : 0;
  return paths.some((path) => newest(join(ROOT, path)) > made);
}

function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

const COMMON = ['package-lock.json', 'tsconfig.json', 'core/src', 'tools'];
const BUNDLES = {
  cli: { entry: 'cli/vendicus.ts', sources: ['cli'] },
  schema: { entry: 'cli/write-schema.ts', sources: ['cli'] },
  answers: { entry: 'core/src/testing/answers/ask-all.ts', sources: [] },
  server: { entry: 'server/main.ts', sources: ['server'] },
  demo: { entry: 'demo/make-story.ts', sources: ['demo'] },
  screenshots: { entry: 'e2e/screenshots.ts', sources: ['e2e'] },
  bench: { entry: 'e2e/bench/bench.ts', sources: ['e2e'] },
  torture: { entry: 'e2e/torture/torture.ts', sources: ['e2e', 'app/src/household'] },
};

/** Bundles a command-line program when its sources are newer; returns the file to run. */
export async function ensureBundle(name) {
  const { entry, sources } = BUNDLES[name];
  const outfile = join(ROOT, 'dist', `${name}.mjs`);
  if (isStale([...COMMON, ...sources], outfile)) {
    const { build } = await import('esbuild');
    await build({
      entryPoints: [join(ROOT, entry)],
      outfile,
      bundle: true,
      platform: 'node',
      format: 'esm',
      target: 'node20',
      packages: 'external',
      sourcemap: true,
      logLevel: 'warning',
    });
  }
  return outfile;
}

const APP = [
  ...COMMON,
  'angular.json',
  'tsconfig.app.json',
  'app',
  'demo/story.json',
  'demo/shop-lists.json',
];
/** The builder leaves a core idle by itself, and of two that is half. */
const BUILDER = { NG_BUILD_MAX_WORKERS: String(Math.min(4, Math.max(2, availableParallelism() - 1))) };
/** There while the built app is one whose types nobody has looked at. */
const UNCHECKED = join(ROOT, 'dist', 'unchecked');

/**
 * Builds the app when its sources are newer.
 *
 * @param isChecked whether the types of its templates are looked at: whoever only wants to see it waits a
 *   third less without
 */
export async function ensureApp({ isChecked = true } = {}) {
  const stamp = join(ROOT, 'dist', 'app', 'index.html');
  if (!isStale(APP, stamp) && !(isChecked && existsSync(UNCHECKED))) return;
  say('Building the app (about half a minute) …');
  const env = { ...process.env, ...BUILDER, ...(isChecked ? {} : { NG_BUILD_TYPE_CHECK: '0' }) };
  keepHashed(join(ROOT, 'dist', 'app'));
  const light = pathToFileURL(join(ROOT, 'tools', 'light-estimate.mjs')).href;
  run(process.execPath, ['--import', light, bin('architect'), 'vendicus:build:production'], { env });
  if (isChecked) rmSync(UNCHECKED, { force: true });
  else writeFileSync(UNCHECKED, '');
  const { stampNonce } = await import('./style-nonce.mjs');
  stampNonce(join(ROOT, 'dist', 'app'));
  const { compress } = await import('./compress.mjs');
  await compress(join(ROOT, 'dist', 'app'));
  utimesSync(stamp, new Date(), new Date());
}

/** What pages of this build may still ask for while the next is put in its place. */
function keepHashed(folder) {
  if (!existsSync(folder)) return;
  const before = `${folder}-before`;
  rmSync(before, { recursive: true, force: true });
  const isHashed = (path) => /-[A-Z0-9]{8}\.[a-z0-9.]+$/.test(path);
  cpSync(folder, before, { recursive: true, filter: (from) => !/\.\w+$/.test(from) || isHashed(from) });
}

/** Builds the bare page that the first load is measured against. */
export function ensureBarePage() {
  if (
    !isStale(
      ['package-lock.json', 'angular.json', 'e2e/bench/bare'],
      join(ROOT, 'dist', 'bare', 'index.html'),
    )
  )
    return;
  run(process.execPath, [bin('architect'), 'bare:build']);
}

const CHROMIUM = ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];
/** What draws pages and nothing else, at half the cost. */
const SHELL = '/usr/lib/chromium/chromium-headless-shell';

/** Where Chromium is: CHROMIUM_PATH, or what is installed, or Debian's packages where they may be installed. */
export function ensureChromium() {
  const found = () => [process.env.CHROMIUM_PATH, ...CHROMIUM].find((path) => path && existsSync(path));
  const mayInstall = existsSync('/etc/debian_version') && process.getuid?.() === 0;
  if (!found() && !mayInstall)
    fail(
      'The interface tests need Chromium. Install it (Debian: sudo apt-get install chromium chromium-headless-shell), or set CHROMIUM_PATH to its program.',
    );
  const isDebians = !found() || found() === CHROMIUM[0];
  const packages = [
    ...(found() ? [] : ['chromium']),
    // Where there is none, all of Chromium does the same, and takes longer.
    ...(isDebians && mayInstall && !existsSync(SHELL) ? ['chromium-headless-shell'] : []),
  ];
  if (packages.length > 0) {
    say(`Installing Debian's ${packages.join(' and ')} for the interface tests …`);
    const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
    run('apt-get', ['update', '-qq'], { env, quiet: true, mayFail: true });
    run('apt-get', ['install', '-y', '-qq', ...packages], { env, quiet: true, mayFail: Boolean(found()) });
  }
  return found() ?? fail('Chromium was installed, and is not where it is looked for: set CHROMIUM_PATH.');
}
