// npm test: types, lint, unit tests, then the built app driven in Chromium. The last line counts both kinds of tests together.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from './chromium.mjs';
import { build, checkNode, install, ROOT } from './ready.mjs';

checkNode();
// Where there is no Chromium yet it is fetched while the packages are.
const fetch = "import('./scripts/chromium.mjs').then(({ chromium }) => chromium())";
const fetching = once(spawn(process.execPath, ['-e', fetch], { cwd: ROOT, stdio: 'inherit' }), 'exit');
install();
if ((await fetching)[0] !== 0) process.exit(1);
const browser = chromium();
build();

const results = join(ROOT, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
const jestFile = join(results, 'jest.json');
const playwrightFile = join(results, 'playwright.json');
const readJson = (file) => {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return undefined;
  }
};

const failedSteps = [];
const step = async (name, command, args, env) => {
  console.log(`\n— ${name}`);
  const begun = performance.now();
  const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env }, shell: process.platform === 'win32' });
  const [code] = await once(child, 'exit');
  console.log(`— ${name}: ${Math.round((performance.now() - begun) / 1000)} s`);
  if (code !== 0) failedSteps.push(name);
};
// Lint and types are done in about a quarter of the time that the unit tests take; those have both cores for the rest of it.
await Promise.all([
  // What lints with types tidies its memory more often than so short a run needs: a third of its time.
  step('lint', 'npm', ['run', '--silent', 'lint'], { GOGC: '400' }).then(() => step('types', 'npm', ['run', '--silent', 'types'])),
  step('unit tests', 'npx', ['jest', '--json', `--outputFile=${jestFile}`, '--silent']),
]);
await step('the interface, in Chromium', 'npx', ['playwright', 'test'], { CHROMIUM_PATH: browser, PLAYWRIGHT_JSON_OUTPUT_NAME: playwrightFile });

const jest = readJson(jestFile);
const playwright = readJson(playwrightFile);
const passed = (jest?.numPassedTests ?? 0) + (playwright?.stats?.expected ?? 0);
// A suite that could not even be read has no failed test of its own, and is a failure all the same.
const failed =
  (jest ? jest.numFailedTests + jest.numRuntimeErrorTestSuites : 1) +
  (playwright ? playwright.stats.unexpected + playwright.stats.flaky + (playwright.errors?.length ?? 0) : 1);
console.log(failedSteps.length > 0 ? `\nNot in order: ${failedSteps.join(', ')}.` : '\nTypes and lint are in order.');
process.exitCode = failed > 0 || failedSteps.length > 0 || passed === 0 ? 1 : 0;
console.log(`${passed} passed, ${failed} failed`);
