import angular from 'angular-eslint';
import boundaries from 'eslint-plugin-boundaries';
import tseslint from 'typescript-eslint';
import labelledControl from './tools/lint/labelled-control.mjs';
import wrappedControl from './tools/lint/wrapped-control.mjs';

// The arrows of docs/architecture.md. Inside the core, `units` is the ground, and `ledger` knows nothing else.
const LEDGER = ['units', 'ledger'];
const TRADE = [...LEDGER, 'catalogue'];
const COMPUTED = [...TRADE, 'optimise', 'label', 'scale', 'slice', 'feast', 'price', 'cost', 'yield', 'pack'];
const RECORDED = [...COMPUTED, 'board', 'freeze', 'dinner'];
const CORE_ARROWS = {
  units: [],
  ledger: ['units'],
  optimise: [],
  label: ['units'],
  scale: ['units'],
  catalogue: LEDGER,
  slice: TRADE,
  feast: ['units'],
  price: [...TRADE, 'feast'],
  cost: [...TRADE, 'price'],
  yield: [...TRADE, 'price', 'cost'],
  pack: [...TRADE, 'cost', 'optimise'],
  board: [...TRADE, 'yield', 'scale'],
  freeze: [...TRADE, 'pack'],
  dinner: [...TRADE, 'feast', 'price', 'cost', 'yield', 'pack', 'freeze'],
  records: RECORDED,
  format: [...RECORDED, 'records'],
  books: [...RECORDED, 'records', 'format'],
  deeds: [...RECORDED, 'records', 'format', 'books'],
  exchange: [...RECORDED, 'records', 'format', 'books'],
};
const PLACES = ['counter', 'block', 'wrap', 'freezer', 'books', 'craft', 'start'];
// What the places of the app stand on; none of it knows a place.
const GROUND = ['app-ui', 'app-compute', 'app-devices', 'app-household'];
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
  allow('app-ui', core),
  allow('app-compute', core),
  allow('app-devices', [...core, 'app-ui', 'app-compute']),
  allow('app-household', [...core, 'app-ui', 'app-compute']),
  ...PLACES.map((place) => allow(`app-${place}`, [...core, ...GROUND])),
  allow('app-shell', [...core, ...GROUND, ...PLACES.map((place) => `app-${place}`)]),
  allow('app-main', ['app-shell']),
  allow('app-testing', [...core, ...GROUND, 'core-testing']),
  allow('cli', core),
  allow('demo', core),
  allow('server', ['core-scale', 'core-units']),
  allow('e2e', [...core, 'app-household', 'core-testing']),
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
        ...['ui', 'compute', 'devices', 'household', 'shell', 'testing', ...PLACES].map((name) =>
          folder(`app-${name}`, `app/src/${name}`),
        ),
        folder('app-main', 'app/src'),
        ...['cli', 'demo', 'server', 'e2e'].map((name) => folder(name, `${name}`)),
      ],
      'import/resolver': { typescript: { project: 'tsconfig.node.json' } },
    },
    rules: {
      'no-duplicate-imports': ['error', { allowSeparateTypeImports: true }],
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
                '^(?!\\.{1,2}/|(zod|d3-array|date-easter|papaparse|@cantoo/pdf-lib|@cantoo/fontkit|@date-fns/tz|ical-generator|uqr)$)',
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
    files: ['core/src/units/{date,zone}.ts', 'core/src/ledger/journal.ts'],
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
          message: 'It starts over at every reading, and loses what is typed: see ui/form/draft-of.',
        },
        {
          selector:
            "CallExpression[callee.property.name=/^(set|update)$/] > MemberExpression.callee > MemberExpression.object > MemberExpression.object[object.type='ThisExpression']",
          message: 'It is somebody else’s signal: give its owner a method with a name.',
        },
        {
          selector: "CallExpression[callee.property.name='perform'] > ObjectExpression",
          message: 'What a person does is a function of core/deeds, with a test.',
        },
      ],
      '@angular-eslint/component-max-inline-declarations': ['error', { template: 40, styles: 30 }],
      '@angular-eslint/component-selector': ['error', { type: 'element', prefix: 'v', style: 'kebab-case' }],
    },
  },
  {
    files: ['app/src/**/*.test.ts', 'app/src/testing/*.ts'],
    rules: { 'no-restricted-syntax': 'off' },
  },
  {
    // Their templates come out when their screens are rebuilt.
    files: ['app/src/{counter,block,wrap,shell}/**/*.ts'],
    rules: { '@angular-eslint/component-max-inline-declarations': 'off' },
  },
  {
    // What reaches around a component lies in ui/ and devices/.
    files: ['app/src/{counter,block,wrap,freezer,books,craft,start,shell,household}/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        { name: 'document', message: 'Ask an ElementRef, a viewChild, or inject(DOCUMENT).' },
      ],
    },
  },
  {
    // The database has one door, and the store's `perform` is the one hand on it.
    files: ['app/src/**/*.ts'],
    ignores: ['app/src/household/**', '**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [{ group: ['**/household/disk/*'], message: 'Write with HouseholdStore.perform(deed).' }],
        },
      ],
    },
  },
  {
    // A worker's clock would be another than the page's, which comes with the question.
    files: ['app/src/compute/*.worker.ts'],
    rules: {
      'no-restricted-globals': ['error', { name: 'Date', message: 'The page sends the moment along.' }],
    },
  },
  {
    files: ['app/src/**/*.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
    plugins: {
      vendicus: { rules: { 'labelled-control': labelledControl, 'wrapped-control': wrappedControl } },
    },
    rules: {
      '@angular-eslint/template/no-any': 'error',
      'vendicus/labelled-control': 'error',
    },
  },
  {
    files: ['app/src/{freezer,books,craft,start,shell,household}/**/*.html'],
    rules: { 'vendicus/wrapped-control': 'error' },
  },
);
