// Counts the assertions that every test file executed, for a look at what a change took away: dist/assertions.json.
import { mkdirSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { ROOT, say } from '../setup.mjs';

export default class Assertions {
  onRunComplete(_contexts, { testResults }) {
    const files = Object.fromEntries(
      testResults
        .map(({ testFilePath, testResults: tests }) => [
          relative(ROOT, testFilePath),
          tests.reduce((sum, { numPassingAsserts = 0 }) => sum + numPassingAsserts, 0),
        ])
        .sort(([a], [b]) => a.localeCompare(b)),
    );
    mkdirSync(join(ROOT, 'dist'), { recursive: true });
    writeFileSync(join(ROOT, 'dist', 'assertions.json'), `${JSON.stringify(files, null, 2)}\n`);
    const of = (isOne) =>
      Object.entries(files).reduce((sum, [file, count]) => sum + (isOne(file) ? count : 0), 0);
    const isApp = (file) => file.startsWith('app/');
    const isBrowser = (file) => file.startsWith('e2e/');
    say(
      `Assertions: core ${of((file) => !isApp(file) && !isBrowser(file))}, app ${of(isApp)}, browser ${of(isBrowser)}`,
    );
  }
}
