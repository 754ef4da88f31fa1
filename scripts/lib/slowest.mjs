import { readFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './paths.mjs';

/** How many are told. */
const TOLD = 10;

function read(file) {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
}

/** Suites of the unit tests with what they took, s. */
export const unitTimes = (file) =>
  (read(file)?.testResults ?? []).map(({ name, startTime, endTime }) => ({
    seconds: (endTime - startTime) / 1000,
    name: path.relative(ROOT, name),
  }));

/** Browser tests with what they took, s. */
export function browserTimes(file) {
  const times = [];
  const walk = (suite) => {
    for (const inner of suite.suites ?? []) walk(inner);
    for (const spec of suite.specs ?? [])
      for (const result of spec.tests.flatMap((test) => test.results))
        times.push({ seconds: result.duration / 1000, name: `${spec.file}: ${spec.title}` });
  };
  (read(file)?.suites ?? []).forEach(walk);
  return times;
}

export const slowest = (times) => [...times].sort((a, b) => b.seconds - a.seconds).slice(0, TOLD);
