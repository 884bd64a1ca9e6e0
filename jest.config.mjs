const alias = { '^@core/(.*)$': '<rootDir>/core/src/$1' };
/** What a sandbox looks up slowly, and heavy computations ask for in every line: given to each module by name. */
const GLOBALS = [
  ...['Array', 'BigInt', 'Error', 'Float64Array', 'Int32Array', 'JSON', 'Map', 'Math'],
  ...['Number', 'Object', 'Set', 'String', 'Symbol', 'Uint8Array'],
];
const node = {
  rootDir: '.',
  testEnvironment: 'node',
  sandboxInjectedGlobals: GLOBALS,
  moduleNameMapper: alias,
  transform: { '^.+\\.(ts|js|mjs)$': '<rootDir>/tools/jest/esbuild-transform.mjs' },
  // Published as ES modules only.
  transformIgnorePatterns: [
    'node_modules/(?!(dinero\\.js|d3-array|d3-random|internmap|date-easter|temporal-polyfill|temporal-utils|temporal-spec)/)',
  ],
};

export default {
  reporters: ['default', './tools/jest/assertions.mjs'],
  // On a machine that does something else besides.
  testTimeout: 60_000,
  testSequencer: './tools/jest/longest-first.mjs',
  projects: [
    {
      ...node,
      displayName: 'core',
      setupFiles: ['<rootDir>/core/src/testing/no-machine-clock.ts'],
      testMatch: [
        '<rootDir>/core/src/**/*.test.ts',
        '<rootDir>/cli/**/*.test.ts',
        '<rootDir>/demo/**/*.test.ts',
        '<rootDir>/server/**/*.test.ts',
        '<rootDir>/tools/**/*.test.mjs',
      ],
    },
    {
      displayName: 'app',
      preset: 'jest-preset-angular',
      rootDir: '.',
      setupFiles: ['<rootDir>/core/src/testing/no-machine-clock.ts'],
      testMatch: ['<rootDir>/app/src/**/*.test.ts'],
      // Node has no web workers.
      moduleNameMapper: {
        ...alias,
        '/start-(demo|file|copies|link)-worker$': '<rootDir>/app/src/testing/no-worker.ts',
      },
      setupFilesAfterEnv: ['<rootDir>/app/src/testing/setup.ts'],
      transform: {
        '^.+\\.(ts|mjs|js|html|svg)$': [
          'jest-preset-angular',
          { tsconfig: 'tsconfig.jest.json', stringifyContentPathRegex: '\\.(html|svg)$' },
        ],
      },
      transformIgnorePatterns: [
        'node_modules/(?!.*\\.mjs$|nanoid|d3-array|internmap|date-easter|temporal-polyfill|temporal-utils)',
      ],
    },
    {
      ...node,
      displayName: 'e2e',
      testEnvironment: '<rootDir>/e2e/environment.ts',
      testMatch: ['<rootDir>/e2e/**/*.test.ts'],
      setupFilesAfterEnv: ['<rootDir>/e2e/setup.ts'],
      globalSetup: '<rootDir>/e2e/serve.ts',
      globalTeardown: '<rootDir>/e2e/stop.ts',
    },
  ],
};
