// npm run dev: rebuilds on save; the page is reloaded by hand.
import { spawn } from 'node:child_process';
import { existsSync, watchFile } from 'node:fs';
import { join } from 'node:path';
import { bin, ensureBundle, ensureInstalled, ROOT } from './setup.mjs';
import { stampNonce } from './style-nonce.mjs';

ensureInstalled();
const server = await ensureBundle('server');
// Beside what is tested and started.
const folder = join(ROOT, 'dist', 'dev');
const index = join(folder, 'index.html');
spawn(process.execPath, [bin('architect'), 'vendicus:build:development', '--watch'], {
  cwd: ROOT,
  stdio: 'inherit',
});
let child = null;
watchFile(index, { interval: 300 }, () => {
  if (!existsSync(index)) return;
  stampNonce(folder);
  child?.kill();
  child = spawn(process.execPath, [server, folder], { cwd: ROOT, stdio: 'inherit' });
});
