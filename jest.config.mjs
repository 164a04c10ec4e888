/** Unit tests of core, contract and library, and server tests against a real SQLite file. */
export default {
  roots: [
    '<rootDir>/core',
    '<rootDir>/contract',
    '<rootDir>/server',
    '<rootDir>/web',
    '<rootDir>/library',
  ],
  testMatch: ['**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  testEnvironment: 'node',
  globalSetup: '<rootDir>/scripts/bundle-for-tests.mjs',
  // One worker for each core: what starts the tests only waits.
  maxWorkers: '100%',
  // Programs are started and searched with in tests: long enough for a busy machine.
  testTimeout: 120_000,
  // For packages what the transform does for our own modules.
  sandboxInjectedGlobals: ['Array', 'JSON', 'Map', 'Math', 'Number', 'Object', 'Promise'],
  transform: {
    '^.+\\.ts$': [
      '<rootDir>/scripts/jest-transform.mjs',
      {
        jsc: {
          parser: { syntax: 'typescript', decorators: true },
          transform: { legacyDecorator: true, decoratorMetadata: false },
          target: 'es2022',
          keepClassNames: true,
        },
        module: { type: 'es6' },
      },
    ],
  },
};
