const { execFileSync } = require('node:child_process');
const { join } = require('node:path');

const swc = (tsx) => [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      keepClassNames: true,
      parser: { syntax: 'typescript', tsx, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        useDefineForClassFields: false,
        react: { runtime: 'automatic' },
      },
    },
    module: { type: 'commonjs' },
  },
];

// The words of today's catalogues, for types and for tests.
execFileSync(process.execPath, [join(__dirname, 'scripts', 'words.mjs')]);

const ENGLISH = '<rootDir>/packages/words/test/english.ts';
const FIXED_CLOCK = '<rootDir>/packages/core/test/fixedClock.ts';

const shared = {
  transform: { '^.+\\.tsx$': swc(true), '^.+\\.(ts|mjs|js)$': swc(false) },
  transformIgnorePatterns: ['/node_modules/(?!(pure-rand|react-router|nanoid|intl-messageformat|@formatjs)/)'],
  moduleNameMapper: {
    '^@bright-sprout/words/(.*)$': '<rootDir>/packages/words/src/$1',
    '^@bright-sprout/core/(.*)$': '<rootDir>/packages/core/src/$1',
    '^@bright-sprout/contracts/(.*)$': '<rootDir>/packages/contracts/src/$1',
    '^(\\.{1,2}/.*)\\.js$': '$1',
    // What the browser loads as it goes is there from the beginning.
    '(^|/)loadWords$': '<rootDir>/apps/web/test/wordsLoaded.ts',
    '\\.scss$': '<rootDir>/apps/web/test/emptyStyle.ts',
    '\\.woff2\\?url$': '<rootDir>/apps/web/test/emptyStyle.ts',
  },
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  // A test runs in a world of its own, in which every look at a global takes long: in inner loops that is most of the time.
  sandboxInjectedGlobals: ['Math'],
};

module.exports = {
  // Every core works; the command alone would leave one of two idle.
  maxWorkers: '100%',
  projects: [
    {
      ...shared,
      displayName: 'core',
      rootDir: __dirname,
      setupFiles: [FIXED_CLOCK, ENGLISH],
      testMatch: ['<rootDir>/packages/**/src/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'server',
      rootDir: __dirname,
      testMatch: ['<rootDir>/apps/server/**/*.test.ts'],
      setupFilesAfterEnv: ['<rootDir>/apps/server/test/patience.ts'],
      globalSetup: '<rootDir>/apps/server/test/startDatabase.cjs',
      globalTeardown: '<rootDir>/apps/server/test/stopDatabase.cjs',
      setupFiles: ['reflect-metadata', FIXED_CLOCK, ENGLISH],
    },
    {
      ...shared,
      displayName: 'web',
      rootDir: __dirname,
      testEnvironment: 'jsdom',
      setupFiles: [FIXED_CLOCK, ENGLISH],
      testMatch: ['<rootDir>/apps/web/**/*.test.{ts,tsx}'],
      setupFilesAfterEnv: ['<rootDir>/apps/web/test/setup.ts'],
    },
  ],
};
