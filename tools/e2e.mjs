// npm run e2e week: interface tests named so, against a running `npm run dev`, in a browser that stays open
// between runs. --headed shows it; --close ends it. HOST and PORT say where the application is served.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bin, ensureBundle, ensureChromium, ensureInstalled, fail, ROOT, say } from './setup.mjs';

ensureInstalled();
const { default: puppeteer } = await import('puppeteer-core');
const OPEN = join(ROOT, 'dist', 'open-browser');
const options = process.argv.slice(2);
const names = options.filter((each) => !each.startsWith('--'));
const isHeaded = options.includes('--headed');

/** The browser that a run before this left open; null where it has gone. */
async function openBrowser() {
  if (!existsSync(OPEN)) return null;
  return puppeteer.connect({ browserWSEndpoint: readFileSync(OPEN, 'utf8') }).catch(() => null);
}

/** Starts one that outlives this run; says where it is spoken to. */
async function startBrowser() {
  const args = ['--remote-debugging-port=0', '--no-sandbox', '--no-first-run', '--disable-gpu'];
  const profile = mkdtempSync(join(tmpdir(), 'vendicus-open-'));
  const browser = spawn(
    ensureChromium(),
    [...args, ...(isHeaded ? [] : ['--headless']), `--user-data-dir=${profile}`, 'about:blank'],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'], env: { ...process.env, TZ: 'Etc/UTC' } },
  );
  const endpoint = await new Promise((done) =>
    browser.stderr.on(
      'data',
      (chunk) => /DevTools listening on (\S+)/.exec(String(chunk))?.[1] && done(RegExp.$1),
    ),
  );
  browser.stderr.destroy();
  browser.unref();
  mkdirSync(join(ROOT, 'dist'), { recursive: true });
  writeFileSync(OPEN, endpoint);
  return endpoint;
}

const open = await openBrowser();
if (options.includes('--close')) {
  await open?.close();
  rmSync(OPEN, { force: true });
  process.exit(0);
}
const address = `http://${process.env.HOST ?? '127.0.0.1'}:${process.env.PORT ?? 4280}`;
await fetch(address).catch(() => fail(`Nothing is served at ${address}: start \`npm run dev\` beside this.`));
const endpoint = open ? open.wsEndpoint() : await startBrowser();
await open?.disconnect();
for (const bundle of ['server', 'cli']) await ensureBundle(bundle);
say(`${address}, in ${open ? 'the browser that was open' : 'a browser that stays open; --close ends it'}`);
const { status } = spawnSync(
  process.execPath,
  [
    bin('jest'),
    ...['--selectProjects', 'e2e', '--runInBand', '--verbose', '--forceExit'],
    ...(names.length > 0 ? ['--testPathPatterns', names.join('|')] : []),
  ],
  {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, VENDICUS_ADDRESS: address, VENDICUS_BROWSER: endpoint },
  },
);
process.exitCode = status ?? 1;
