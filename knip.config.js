// Dead code and dependencies: npm test asks for none. A folder's list of exports is no entry here, or every
// export would count as used.
export default {
  entry: [
    'app/src/compute/*.worker.ts!',
    'cli/*.ts!',
    'demo/make-story.ts!',
    'server/main.ts!',
    'tools/*.mjs',
    'core/src/testing/*.mjs',
    'core/src/testing/answers/ask-all.ts',
    'tools/jest/*.mjs',
    'e2e/finding/in-page.ts',
    'e2e/{serve,setup,stop,screenshots}.ts',
    'e2e/bench/*.ts',
    'e2e/torture/{torture,inside}.ts',
  ],
  project: ['{app,core,cli,demo,server}/**/*.ts!', 'e2e/**/*.ts', 'tools/*.mjs', 'app/src/*.css!'],
  // The types of what a function takes and gives are for its callers, whether or not one names them yet.
  ignoreExportsUsedInFile: { interface: true, type: true },
  // Copied into the application as files by angular.json; loaded by Jest, or by its preset, by its own name; commands.
  ignoreDependencies: [
    '@fontsource/.+',
    'jest-environment-jsdom',
    'ts-jest',
    'dependency-cruiser',
    'typescript-native',
    '@angular-devkit/architect-cli',
  ],
  // Its own command line is not here, by which the program would know it.
  angular: true,
  compilers: {
    css: (text) => [...text.matchAll(/@import [^ ;]+/g)].map(([line]) => `${line.slice(1)};`).join('\n'),
  },
};
