// a zone whose clocks are put forward and back, so that tests meet such nights
process.env.TZ ??= 'Europe/Berlin';

/** One run over all rooms; e2e has its own runner. */
const common = {
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: { '^.+\\.tsx?$': '<rootDir>/../scripts/lib/jest-transform.mjs' },
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1', '^@eveningtide/core/(.*)$': '<rootDir>/../core/src/$1/index.ts' },
  testEnvironment: 'node',
  setupFiles: ['<rootDir>/../jest.setup.mjs'],
};
const room = (name, extra = {}) => ({
  ...common,
  displayName: name,
  rootDir: name,
  testMatch: ['<rootDir>/**/*.test.ts'],
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
  ...extra,
});

export default {
  maxWorkers: 2,
  // a loaded machine is slow, not wrong: speed is measured in the benchmark
  testTimeout: 60_000,
  projects: [
    room('core'),
    room('server'),
    room('web'),
    room('web', {
      displayName: 'page',
      testMatch: ['<rootDir>/**/*.test.tsx'],
      testEnvironment: '<rootDir>/src/testing/browser-environment.mjs',
    }),
    room('reference'),
    room('scripts'),
  ],
};
