const transform = {
  '^.+\\.tsx?$': [
    '<rootDir>/scripts/lib/transform.mjs',
    {
      sourceMaps: 'inline',
      module: { type: 'es6' },
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
      },
    },
  ],
};

const project = (name, environment) => ({
  displayName: name,
  rootDir: import.meta.dirname,
  testMatch: [`<rootDir>/${name}/{src,bin}/**/*.test.{ts,tsx}`],
  testEnvironment: environment,
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform,
  transformIgnorePatterns: ['/node_modules/'],
  // What is kept there may be another commit of ours, laid out by the bench.
  modulePathIgnorePatterns: ['<rootDir>/.aviarum/'],
});

export default {
  projects: [
    project('core', 'node'),
    project('server', 'node'),
    {
      ...project('web', 'jsdom'),
      setupFiles: ['<rootDir>/scripts/lib/jsdom.mjs'],
      // No workers there: what they check is checked at once.
      // How things look is looked at in the browser.
      moduleNameMapper: {
        '^\\./outside$': '<rootDir>/web/src/testing/outside.ts',
        '\\.css$': '<rootDir>/web/src/testing/noStyle.ts',
      },
    },
  ],
  maxWorkers: 2,
  // Ends what would never end. How long a test takes is not what it tests, and a busy machine takes many times as long.
  testTimeout: 600_000,
};
