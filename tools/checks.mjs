// What must hold beside the tests: a name, a program, and what it is given.
import { join } from 'node:path';
import { bin, ROOT } from './setup.mjs';

/** Kept from run to run, where there was one before. */
const CACHE = 'node_modules/.cache';

const format = (files) => ['Format', bin('oxfmt'), '--check', '--no-error-on-unmatched-pattern', ...files];
const lint = (files) => [
  'Lint',
  bin('eslint'),
  ...[...files, '--max-warnings=0', '--no-warn-ignored'],
  ...['--cache', '--cache-location', `${CACHE}/eslint/`],
];
/** By the compiler that is a program of its own, a quarter of the work; what Angular and lint ask is the other. */
const types = (name, project) => [
  name,
  join(ROOT, 'node_modules', 'typescript-native', 'bin', 'tsc'),
  ...['-p', project, '--incremental', '--tsBuildInfoFile', `${CACHE}/${project}.tsbuildinfo`],
];
const TYPES = types('Types of everything', 'tsconfig.node.json');
const CORE_TYPES = types('Types of the core, without DOM', 'tsconfig.core.json');
const UNUSED = ['Nothing unused', bin('knip')];
const ARROWS = [
  'Arrows and circles',
  bin('depcruise'),
  ...['--config', '.dependency-cruiser.mjs', 'app', 'core', 'cli', 'demo', 'server', 'e2e'],
];

export const CHECKS = [lint(['.']), format(['.']), TYPES, UNUSED, ARROWS, CORE_TYPES];

/** After the browser tests, which tell what was filled in. */
export const FORMS = ['Every form is filled in by a test', join(ROOT, 'tools', 'forms.mjs')];

/** The same of some files only, as far as they can be told apart. */
export function checksOf(files) {
  const linted = files.filter((file) => /\.(ts|mjs|html)$/.test(file));
  const isTyped = files.some((file) => /\.(ts|json)$/.test(file));
  return [
    ...(isTyped ? [TYPES, UNUSED, ARROWS] : []),
    ...(files.some((file) => file.startsWith('core/')) ? [CORE_TYPES] : []),
    ...(linted.length > 0 ? [lint(linted)] : []),
    ...(files.length > 0 ? [format(files)] : []),
  ];
}
