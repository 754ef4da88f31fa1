const transform = {
  '^.+\\.tsx?$': [
    '@swc/jest',
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
});

export default {
  projects: [
    project('core', 'node'),
    project('server', 'node'),
    { ...project('web', 'jsdom'), setupFiles: ['<rootDir>/scripts/lib/jsdom.mjs'] },
  ],
  // One PostgreSQL for the run; its address is handed to the files that need it.
  maxWorkers: 2,
};
