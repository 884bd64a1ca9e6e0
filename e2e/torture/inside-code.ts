import { build } from 'esbuild';

/** What runs inside of a page, as one script. */
export async function insideCode(): Promise<string> {
  const { outputFiles } = await build({
    entryPoints: ['e2e/torture/inside/inside.ts'],
    bundle: true,
    write: false,
    platform: 'browser',
    format: 'iife',
    target: 'chrome120',
    logLevel: 'warning',
  });
  return outputFiles[0]?.text ?? '';
}
