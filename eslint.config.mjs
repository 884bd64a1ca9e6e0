import angular from '@angular-eslint/eslint-plugin';
import angularTemplate from '@angular-eslint/eslint-plugin-template';
import * as angularParser from '@angular-eslint/template-parser';
import tseslint from 'typescript-eslint';
import labelledControl from './tools/lint/labelled-control.mjs';
import { standsAlone } from './tools/lint/stands-alone.mjs';
import wrappedControl from './tools/lint/wrapped-control.mjs';

export default tseslint.config(
  { ignores: ['dist/', '.angular/', 'node_modules/', 'coverage/'] },
  {
    files: ['**/*.ts'],
    extends: [...tseslint.configs.recommended, ...tseslint.configs.stylistic],
    rules: {
      'no-duplicate-imports': ['error', { allowSeparateTypeImports: true }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/array-type': 'off',
    },
  },
  {
    // Tests may reach for whatever they check.
    files: ['**/*.test.ts'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
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
    plugins: { '@angular-eslint': angular },
    processor: angularTemplate.processors['extract-inline-html'],
    rules: {
      ...angular.configs.recommended.rules,
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
    // A browser test that is slow, or that another machine or day makes red.
    files: ['e2e/**/*.test.ts'],
    plugins: { vendicus: { rules: { 'stands-alone': standsAlone } } },
    rules: {
      'vendicus/stands-alone': 'error',
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.name='launch'][arguments.length=0]",
          message: 'A browser of its own costs seconds: freshWindow() is as clean.',
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The machine’s clock: ask now() or today() of e2e/clock.',
        },
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: 'The machine’s clock: ask now() or today() of e2e/clock; performance.now() for how long.',
        },
        {
          selector: "CallExpression[callee.name='setTimeout']",
          message: 'It sleeps: wait for what is to come, by person.sees or page.waitForFunction.',
        },
      ],
    },
  },
  {
    files: ['app/src/**/*.html'],
    languageOptions: { parser: angularParser },
    plugins: {
      '@angular-eslint/template': angularTemplate,
      vendicus: { rules: { 'labelled-control': labelledControl, 'wrapped-control': wrappedControl } },
    },
    rules: {
      ...angularTemplate.configs.recommended.rules,
      ...angularTemplate.configs.accessibility.rules,
      '@angular-eslint/template/no-any': 'error',
      'vendicus/labelled-control': 'error',
    },
  },
  {
    files: ['app/src/{freezer,books,craft,start,shell,household}/**/*.html'],
    rules: { 'vendicus/wrapped-control': 'error' },
  },
);
