// Names files that import each other in a loop, type-only imports included: npm test asks for none.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { createRequire } from 'node:module';
import { ROOT, say } from './setup.mjs';

const ts = createRequire(import.meta.url)('typescript');

const files = ['core/src', 'app/src', 'cli', 'demo', 'server', 'e2e'].flatMap((folder) =>
  readdirSync(join(ROOT, folder), { recursive: true })
    .filter((name) => name.endsWith('.ts'))
    .map((name) => join(ROOT, folder, name)),
);

/** The files that a file imports, or whose types it names. */
function importsOf(file) {
  const { importedFiles } = ts.preProcessFile(readFileSync(file, 'utf8'), true, true);
  return importedFiles
    .map(({ fileName }) =>
      fileName.startsWith('@core/')
        ? join(ROOT, 'core/src', `${fileName.slice('@core/'.length)}.ts`)
        : join(dirname(file), `${fileName}.ts`),
    )
    .filter((path) => existsSync(path));
}

const arrows = new Map(files.map((file) => [file, importsOf(file)]));

/** The way from a file back to itself, the shortest; null where there is none. */
function circleOf(start) {
  const from = new Map();
  const waiting = [start];
  for (const file of waiting)
    for (const next of arrows.get(file) ?? []) {
      if (next === start) return wayTo(file, from);
      if (!from.has(next)) waiting.push(next);
      if (!from.has(next)) from.set(next, file);
    }
  return null;
}

function wayTo(file, from) {
  const way = [file];
  for (let at = from.get(file); at !== undefined; at = from.get(at)) way.unshift(at);
  return way;
}

const circles = new Set(
  files.flatMap((file) => {
    const circle = circleOf(file);
    return circle
      ? [
          [...new Set([file, ...circle])]
            .sort()
            .map((each) => relative(ROOT, each))
            .join(' ↔ '),
        ]
      : [];
  }),
);
for (const circle of circles) say(`A circle: ${circle}`);
process.exitCode = circles.size === 0 ? 0 : 1;
