// npm start: installs what is missing, builds what is stale, serves the app.
import { spawn } from 'node:child_process';
import { ensureApp, ensureBundle, ensureInstalled, ROOT } from './setup.mjs';

ensureInstalled();
await ensureApp({ isChecked: false });
const server = await ensureBundle('server');
const child = spawn(
  process.execPath,
  ['--enable-source-maps', server, 'dist/app', ...process.argv.slice(2)],
  { cwd: ROOT, stdio: 'inherit' },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.on('exit', (code) => process.exit(code ?? 0));
