// npm run torture:core [times [files]]: the properties that npm test tries some hundred times, so many times more.
import { spawnSync } from 'node:child_process';
import { bin, ensureInstalled, ROOT } from './setup.mjs';

ensureInstalled();
const [times = '20000', files = 'methods|mangled|ledger/laws'] = process.argv.slice(2);
const { status } = spawnSync(
  process.execPath,
  [bin('jest'), '--selectProjects', 'core', '--testTimeout=3600000', '--testPathPatterns', files],
  { cwd: ROOT, env: { ...process.env, TORTURE: times }, stdio: 'inherit' },
);
process.exitCode = status ?? 1;
