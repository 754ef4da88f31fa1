import { describe } from '@jest/globals';
import { hasDatabase } from './testApp';

const skipped = describe['skip'];
if (!hasDatabase) process.stderr.write('suites that need a database are skipped here; npm test brings one\n');

/** A suite that needs the run's database: skipped, and said, where the run has none. */
export const withDatabase = (name: string, suite: () => void): void =>
  (hasDatabase ? describe : skipped)(name, suite);
