// Whether every form is filled in by a browser test, in a household of its own: e2e/forms.json says which by which.
// A form is what has a field to type into. What was typed into is told by the tests that have just run.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT, say } from './setup.mjs';

const FIELD =
  /<v-(field|text|day|pick|in-place)\b|<textarea\b|<input\b(?![^>]*type="?(file|range|checkbox|radio))/;
const APP = join(ROOT, 'app', 'src');

const read = (path) => readFileSync(path, 'utf8');

/** The names of all components in which something is typed, but for the fields themselves. */
function forms() {
  const files = readdirSync(APP, { recursive: true }).filter(
    (file) => /\.ts$/.test(file) && !/\.test\.ts$|^ui[\\/]/.test(file),
  );
  return files.flatMap((file) => {
    const code = read(join(APP, file));
    const page = join(APP, file.replace(/\.ts$/, '.html'));
    const template = code.includes('templateUrl') && existsSync(page) ? read(page) : code;
    return FIELD.test(template) ? [...code.matchAll(/selector: '(v-[\w-]+)'/g)].map(([, name]) => name) : [];
  });
}

const there = forms();

/** What was typed into by a file of tests that has run: of forms within one another the innermost. */
function filledBy(test) {
  const told = join(ROOT, 'dist', 'filled', `${test}.json`);
  const where = existsSync(told) ? JSON.parse(read(told)) : [];
  return where.map((each) => each.split(' in ').find((name) => there.includes(name)));
}

const listed = JSON.parse(read(join(ROOT, 'e2e', 'forms.json')));
const wrong = [
  ...there
    .filter((form) => !listed[form])
    .map((form) => `${form} is in no test: fill it in, and say where in e2e/forms.json`),
  ...Object.keys(listed)
    .filter((form) => !there.includes(form))
    .map((form) => `${form} is no form any more: take it out of e2e/forms.json`),
  ...Object.entries(listed)
    .filter(([form, test]) => there.includes(form) && !filledBy(test).includes(form))
    .map(([form, test]) => `${form} is not filled in by e2e/${test}.test.ts, as e2e/forms.json says`),
];
for (const each of wrong) say(each);
process.exitCode = wrong.length > 0 ? 1 : 0;
