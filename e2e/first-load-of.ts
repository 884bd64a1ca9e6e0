import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';

/** Fonts that the first page draws with: the Latin letters of the three typefaces. */
const FONTS = /(?:next|mono|bitter)-latin-wght-normal-\w+\.woff2$/;

/** What stands in the script of the frame around every place, which is fetched by its address. */
const FRAME = '"v-shell"';

/** The files that a page loads before the code of a place: what its scripts and its frame import, and its styles. */
function firstFiles(folder: string): string[] {
  const html = readFileSync(join(folder, 'index.html'), 'utf8');
  const found = new Set<string>();
  const follow = (file: string): void => {
    if (found.has(file)) return;
    found.add(file);
    const text = readFileSync(join(folder, file), 'utf8');
    for (const [, next] of text.matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g)) if (next) follow(next);
  };
  for (const [, script] of html.matchAll(/src="([^"]+\.js)"/g)) if (script) follow(script);
  const frame = readdirSync(folder).find(
    (file) => file.endsWith('.js') && readFileSync(join(folder, file), 'utf8').includes(FRAME),
  );
  if (frame) follow(frame);
  const styles = [...html.matchAll(/href="([^"]+\.css)"/g)].flatMap(([, style]) => style ?? []);
  return [...found, ...styles];
}

/** Bytes of the fonts of the application, which a bare page would need as well. */
export function fontBytes(app: string): number {
  const media = join(app, 'media');
  return readdirSync(media)
    .filter((name) => FONTS.test(name))
    .reduce((sum, name) => sum + readFileSync(join(media, name)).length, 0);
}

/** Bytes of the first load, packed with brotli, without fonts. */
export function firstLoadBytes(folder: string): number {
  return firstFiles(folder).reduce(
    (sum, file) => sum + brotliCompressSync(readFileSync(join(folder, file))).length,
    0,
  );
}
