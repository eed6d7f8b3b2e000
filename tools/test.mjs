/**
 * npm test: types, lint, format, layers and catalogues of texts beside each other, then Jest, then Playwright, each to its end; the last line adds up all runners.
 * Installs what is missing first, Debian's Chromium too where it may.
 */
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, existsSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { chromiumPath, installChromium, installPackages, root } from './install.mjs';

installPackages();
installChromium();
const { build } = await import('./build.mjs');
const { checkTypes } = await import('./types.mjs');

const total = { passed: 0, failed: 0 };
/** So much of an error's text is enough to find it. */
const MOST_SAID = 700;
const reports = mkdtempSync(join(tmpdir(), 'hardy-sextant-test-'));

function report(name, { passed, failed }) {
  total.passed += passed;
  total.failed += failed;
  console.log(`${failed === 0 ? 'ok  ' : 'FAIL'} ${name}: ${passed} passed, ${failed} failed`);
}

function run(module, args, env = {}) {
  return spawnSync(process.execPath, [join(root, 'node_modules', module), ...args], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...env },
  }).status;
}

/** A check that passes or does not, run beside others: it says something only where something is wrong. */
const check = (script, args) =>
  new Promise((done) =>
    spawn(process.execPath, [join(root, script), ...args], { cwd: root, stdio: 'inherit' }).on('exit', (code) =>
      done(code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 }),
    ),
  );

/** Why journeys failed, short enough to stand at the end of a long log. */
function failuresIn({ specs = [], suites = [] }) {
  const own = specs
    .filter(({ ok }) => !ok)
    .map(({ title, file, line, tests }) => {
      const [error] = tests.flatMap(({ results }) => results.flatMap(({ errors }) => errors));
      const { message = 'no message', location } = error ?? {};
      const plain = stripVTControlCharacters(message).slice(0, MOST_SAID);
      return `${file}:${line} “${title}” failed${location ? ` at line ${location.line}` : ''}:\n${plain}\n`;
    });
  return [...own, ...suites.flatMap(failuresIn)];
}

const layers = ['packages', '--config', '.dependency-cruiser.mjs', '--output-type', 'err'];
const beside = {
  types: checkTypes(),
  lint: check('node_modules/eslint/bin/eslint.js', ['.', '--max-warnings', '0']),
  format: check('node_modules/prettier/bin/prettier.cjs', ['--check', '.', '--log-level', 'warn']),
  layers: check('node_modules/dependency-cruiser/bin/dependency-cruise.mjs', layers),
  words: check('tools/words.mjs', ['--check']),
};
for (const [name, checked] of Object.entries(beside)) report(name, await checked);

const jestReport = join(reports, 'jest.json');
const jestStatus = run(
  'jest/bin/jest.js',
  ['--silent', '--maxWorkers=100%', '--reporters=default', '--json', `--outputFile=${jestReport}`],
  { NODE_ENV: 'test' },
);
if (existsSync(jestReport)) {
  const { numPassedTests, numFailedTests, numFailedTestSuites } = JSON.parse(readFileSync(jestReport, 'utf8'));
  report('jest', {
    passed: numPassedTests,
    failed: numFailedTests || (jestStatus === 0 ? 0 : Math.max(1, numFailedTestSuites)),
  });
} else report('jest', { passed: 0, failed: 1 });

// The interface once more, on a stand-in of a database server.
const serverReport = join(reports, 'server.json');
const ofServer = ['api', 'classes', 'marking', 'people', 'sets', 'students'].map(
  (name) => `packages/server/test/${name}.test`,
);
const serverStatus = run(
  'jest/bin/jest.js',
  ['--silent', '--maxWorkers=100%', '--reporters=default', '--json', `--outputFile=${serverReport}`, ...ofServer],
  { NODE_ENV: 'test', DATABASE: 'server' },
);
if (existsSync(serverReport)) {
  const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(serverReport, 'utf8'));
  report('on a database server', {
    passed: numPassedTests,
    failed: numFailedTests || (serverStatus === 0 ? 0 : 1),
  });
} else report('on a database server', { passed: 0, failed: 1 });

build('server');
build('web');
const browserReport = join(reports, 'playwright.json');
const browserStatus = run(
  '@playwright/test/cli.js',
  ['test', '--config', 'e2e/playwright.config.ts', '--reporter=line,json'],
  {
    PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport,
    CHROMIUM: chromiumPath,
  },
);
if (existsSync(browserReport)) {
  const { stats, suites } = JSON.parse(readFileSync(browserReport, 'utf8'));
  for (const said of suites.flatMap(failuresIn)) console.log(said);
  report('browser', {
    passed: stats.expected,
    failed: stats.unexpected + stats.flaky || (browserStatus === 0 ? 0 : 1),
  });
} else report('browser', { passed: 0, failed: 1 });

console.log(`${total.passed} passed, ${total.failed} failed`);
process.exitCode = total.failed === 0 ? 0 : 1;
