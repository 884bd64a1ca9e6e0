import angular from 'angular-eslint';
import boundaries from 'eslint-plugin-boundaries';
import tseslint from 'typescript-eslint';

// The arrows of docs/architecture.md. Inside the core, `units` is the ground.
const CORE_ARROWS = {
  units: [],
  optimise: [],
  catalogue: ['units'],
  slice: ['units', 'catalogue'],
  label: ['units'],
  journal: ['units', 'catalogue', 'slice', 'label'],
  price: ['units', 'catalogue', 'journal'],
  cost: ['units', 'catalogue', 'journal', 'price'],
  yield: ['units', 'catalogue', 'journal', 'price', 'cost'],
  pack: ['units', 'catalogue', 'journal', 'price', 'cost', 'optimise'],
  scale: ['units'],
  board: ['units', 'catalogue', 'journal', 'price', 'cost', 'yield', 'pack', 'scale', 'slice'],
  freeze: ['units', 'catalogue', 'journal', 'pack'],
  dinner: ['units', 'catalogue', 'journal', 'price', 'cost', 'yield', 'pack', 'freeze'],
  files: [
    'units',
    'catalogue',
    'slice',
    'label',
    'journal',
    'price',
    'cost',
    'yield',
    'pack',
    'freeze',
    'dinner',
  ],
};
const PLACES = ['counter', 'block', 'wrap', 'freezer', 'books', 'craft', 'start'];
const core = Object.keys(CORE_ARROWS).map((name) => `core-${name}`);
const element = (type) => ({ element: { type } });
const allow = (from, to) => ({ from: element(from), allow: { to: [from, ...to].map(element) } });

const boundaryRules = [
  ...Object.entries(CORE_ARROWS).map(([name, to]) =>
    allow(
      `core-${name}`,
      to.map((each) => `core-${each}`),
    ),
  ),
  allow('core-testing', core),
  allow('app-workers', core),
  allow('app-data', [...core, 'app-workers']),
  allow('app-kit', [...core, 'app-data']),
  ...PLACES.map((place) => allow(`app-${place}`, [...core, 'app-data', 'app-kit'])),
  allow('app-shell', [...core, 'app-data', 'app-kit', ...PLACES.map((place) => `app-${place}`)]),
  allow('app-main', ['app-shell']),
  allow('app-testing', [...core, 'app-data', 'app-kit', 'core-testing']),
  allow('cli', core),
  allow('demo', core),
  allow('server', ['core-scale', 'core-units']),
  allow('e2e', [...core, 'core-testing']),
];

const folder = (type, pattern) => ({ type, pattern, partialMatch: false });

export default tseslint.config(
  { ignores: ['dist/', '.angular/', 'node_modules/', 'coverage/'] },
  {
    files: ['**/*.ts'],
    extends: [...tseslint.configs.recommended, ...tseslint.configs.stylistic],
    plugins: { boundaries },
    settings: {
      'boundaries/include': ['**/*.ts'],
      'boundaries/elements': [
        ...Object.keys(CORE_ARROWS).map((name) => folder(`core-${name}`, `core/src/${name}`)),
        folder('core-testing', 'core/src/testing'),
        ...['data', 'kit', 'shell', 'testing', 'workers', ...PLACES].map((name) =>
          folder(`app-${name}`, `app/src/${name}`),
        ),
        folder('app-main', 'app/src'),
        ...['cli', 'demo', 'server', 'e2e'].map((name) => folder(name, `${name}`)),
      ],
      'import/resolver': { typescript: { project: 'tsconfig.node.json' } },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/array-type': 'off',
      'boundaries/dependencies': ['error', { default: 'disallow', policies: boundaryRules }],
    },
  },
  {
    // Tests may reach for whatever they check.
    files: ['**/*.test.ts'],
    rules: { 'boundaries/dependencies': 'off', '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/src/testing/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex:
                '^(?!\\.{1,2}/|(zod|d3-array|date-easter|papaparse|pdf-lib|temporal-polyfill|ical-generator|@pdf-lib/fontkit|uqr)$)',
              message: 'The core stands on itself, on zod and on small libraries without an interface.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        { name: 'Date', message: 'Clocks come in from outside; see units/date.' },
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Seeds come in from outside.' },
        { object: 'Date', property: 'now', message: 'Clocks come in from outside.' },
      ],
    },
  },
  {
    // Calendar arithmetic on given days is no clock.
    files: ['core/src/units/date.ts', 'core/src/journal/journal.ts'],
    rules: { 'no-restricted-globals': 'off' },
  },
  {
    files: ['app/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "CallExpression[callee.name='linkedSignal'] > ArrowFunctionExpression, CallExpression[callee.name='linkedSignal'] > ObjectExpression > Property[key.name='source'] > ArrowFunctionExpression",
          message: 'It starts over at every reading, and loses what is typed: see kit/draft-of.',
        },
      ],
      '@angular-eslint/component-selector': ['error', { type: 'element', prefix: 'v', style: 'kebab-case' }],
    },
  },
  {
    // A worker's clock would be another than the page's, which comes with the question.
    files: ['app/src/workers/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', { name: 'Date', message: 'The page sends the moment along.' }],
    },
  },
  {
    files: ['app/src/**/*.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
  },
);
