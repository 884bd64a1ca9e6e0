import { buildSync } from 'esbuild';

/** A module as an expression that brings it into a page, once, under a global name. */
export function forThePage(entry: string, name: string): string {
  const [bundle] = buildSync({
    entryPoints: [entry],
    bundle: true,
    write: false,
    minify: true,
    format: 'iife',
    globalName: 'brought',
    target: 'chrome120',
    tsconfig: 'tsconfig.json',
  }).outputFiles;
  return `(globalThis.${name} ??= (() => { ${bundle?.text}; return brought; })())`;
}
