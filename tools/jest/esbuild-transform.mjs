// What Jest runs of ours, and of packages published as ES modules only: TypeScript's types taken off by
// esbuild, file by file. Types are checked by tsc.
import { createHash } from 'node:crypto';
import { extname } from 'node:path';
import { transformSync, version } from 'esbuild';

const LOADERS = { '.ts': 'ts', '.js': 'js', '.mjs': 'js' };

export default {
  process: (text, file) =>
    transformSync(text, {
      loader: LOADERS[extname(file)],
      sourcefile: file,
      format: 'cjs',
      target: 'node20',
      sourcemap: 'inline',
    }),
  getCacheKey: (text, file) => createHash('sha256').update(`${version}\0${file}\0${text}`).digest('hex'),
};
