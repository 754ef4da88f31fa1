/* npm test: prepares like npm start, then format, lint, types, unit and API tests, and the browser tests. */
import { readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureDebian } from './lib/debian.mjs';
import { preparing } from './lib/lock.mjs';
import { KEEP, ensureKeep } from './lib/paths.mjs';
import { startPostgres } from './lib/postgres.mjs';
import { checkNode, ensureBuilt, ensurePackages } from './lib/prepare.mjs';
import { endRunning, run } from './lib/run.mjs';
import { main, say } from './lib/say.mjs';
import { browserTimes, slowest, unitTimes } from './lib/slowest.mjs';
import { startServer } from './lib/server.mjs';

const stops = [];
async function stopAll() {
  endRunning();
  for (const stop of stops.splice(0).reverse()) await stop();
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.on(signal, () => void stopAll().then(() => process.exit(1)));
}

const bin = (name) => path.join('node_modules', name);
const node = (args, options) => run(process.execPath, args, options);
/** What was looked at and has not changed is not looked at again: by its content. */
const CACHE = path.join(KEEP, 'cache');
const jestReport = path.join(KEEP, 'jest.json');
const browserReport = path.join(KEEP, 'browser.json');

/** Runs one part; a failure is remembered and the rest still run. */
const failures = [];
async function part(name, work) {
  say(`${name} …`);
  const began = Date.now();
  try {
    await work();
    say(`${name}: passed in ${Math.round((Date.now() - began) / 1000)} s`);
  } catch (error) {
    failures.push(name);
    say(`${name}: FAILED. ${error.message}`);
  }
}

function counts(file, read) {
  try {
    return read(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    return { passed: 0, failed: 0 };
  }
}

/** A database on the run's server under a name of its own. */
const databaseOn = (url, name) => {
  const address = new URL(url);
  address.pathname = `/${name}`;
  return address.href;
};

await main(async () => {
  checkNode();
  const given = process.env.DATABASE_URL;
  ensureKeep();
  await preparing(async () => {
    await ensureDebian(given ? ['chromium'] : ['postgresql', 'chromium']);
    await ensurePackages();
  });
  for (const report of [jestReport, browserReport]) rmSync(report, { force: true });

  try {
    let admin = given;
    if (!admin) {
      const database = await startPostgres(`test-${process.pid}`, { throwAway: true });
      stops.push(database.stop);
      admin = database.url;
    }
    const template = `aviarum_template_${process.pid}`;
    const env = { TEST_DATABASE_URL: admin, TEST_TEMPLATE: template };
    const make = (action, name) =>
      node(['--import', 'tsx', 'server/src/testing/databases.ts', action], {
        env: { ...env, TEST_NAME: name },
      });
    await make('template', template);
    stops.push(() => make('drop', template));

    await part('types', () => node([bin('typescript-native/bin/tsc'), '--build']));
    const byContent = (tool) => [
      '--cache',
      '--cache-strategy',
      'content',
      '--cache-location',
      path.join(CACHE, tool),
    ];
    // Two that each use one core for most of their time.
    const formatted = part('format', () =>
      node([bin('prettier/bin/prettier.cjs'), ...byContent('prettier'), '--check', '--log-level=warn', '.']),
    );
    await part('lint', async () => {
      await node([bin('eslint/bin/eslint.js'), ...byContent('eslint'), '.']);
      await node(['scripts/kinds.mjs']);
      await node([bin('oxlint/bin/oxlint'), '--type-aware']);
    });
    await formatted;
    await part('imports', () => node(['scripts/imports.mjs']));
    const seed = process.env.SEED ?? String(Math.floor(Math.random() * 1e6));
    // Torture waits for databases most of the time: beside the unit tests it costs little.
    const beside = part('build', () => preparing(ensureBuilt)).then(() =>
      // It ends databases hard, which only one of its own can be.
      given
        ? undefined
        : part('a short round of torture', async () => {
            say(`torture from seed ${seed}`);
            for (const each of ['hardEnds', 'fuzz', 'starts'])
              await node(['--import', 'tsx', `torture/${each}.mjs`], { env: { SEED: seed } });
          }),
    );
    await part('unit and API tests', () =>
      node(
        [
          '--experimental-vm-modules',
          '--disable-warning=ExperimentalWarning',
          bin('jest/bin/jest.js'),
          '--json',
          `--outputFile=${jestReport}`,
        ],
        { env },
      ),
    );
    await beside;
    await part('browser tests', async () => {
      // Not before the packages are there.
      const { buildCommands } = await import('./lib/commands.mjs');
      const commands = path.join(KEEP, 'commands');
      await buildCommands(commands);
      say(`sizes from seed ${seed}`);
      const name = `aviarum_browser_${process.pid}`;
      await make('copy', name);
      stops.push(() => make('drop', name));
      const server = await startServer({ databaseUrl: databaseOn(admin, name), port: 0, logLevel: 'warn' });
      stops.push(server.stop);
      await node([bin('@playwright/test/cli.js'), 'test', '--config', 'e2e/playwright.config.ts'], {
        env: {
          BASE_URL: `http://127.0.0.1:${server.port}`,
          BROWSER_REPORT: browserReport,
          COMMANDS: commands,
          SEED: seed,
        },
      });
    });
  } finally {
    await stopAll();
  }

  const unit = counts(jestReport, (r) => ({
    passed: r.numPassedTests,
    failed: r.numFailedTests + r.numRuntimeErrorTestSuites,
  }));
  const browser = counts(browserReport, (r) => ({
    passed: r.stats.expected,
    failed: r.stats.unexpected + r.stats.flaky,
  }));
  for (const { seconds, name } of slowest([...unitTimes(jestReport), ...browserTimes(browserReport)]))
    say(`${seconds.toFixed(1).padStart(6)} s  ${name}`);
  if (failures.length > 0) say(`failed: ${failures.join(', ')}`);
  if (unit.passed === 0 || browser.passed === 0) failures.push('a test runner that ran nothing');
  const passed = unit.passed + browser.passed;
  const failed = Math.max(unit.failed + browser.failed, failures.length > 0 ? 1 : 0);
  console.log(`${passed} passed, ${failed} failed`);
  if (failed > 0) process.exitCode = 1;
});
