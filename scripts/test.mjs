import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { CACHE, ensureBuilt, ensureInstalled, npx, run } from './toolbox.mjs';

// Everything that must hold, in one command; the last line counts what the runners themselves reported.
let passed = 0;
let failed = 0;
const failures = [];

const count = (name, good, bad) => {
  passed += good;
  failed += bad;
  if (bad > 0) failures.push(`${name}: ${bad}`);
};
const check = async (name, work) => {
  console.log(`\n== ${name}`);
  const code = await work();
  count(name, code === 0 ? 1 : 0, code === 0 ? 0 : 1);
  return code === 0;
};
const readReport = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);

const ensureChromium = async () => {
  const chromium = process.env.CHROMIUM ?? '/usr/bin/chromium';
  if (existsSync(chromium)) return true;
  if (process.getuid?.() !== 0) {
    console.error(
      'The end-to-end tests need Chromium. Install it as root: apt-get install chromium fonts-liberation; or set CHROMIUM to where it is.',
    );
    return false;
  }
  console.log('Installing Chromium …');
  await run('apt-get', ['update', '-qq']);
  const code = await run('apt-get', ['install', '-y', '-qq', 'chromium', 'fonts-liberation'], {
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
  return code === 0 && existsSync(chromium);
};

const unitTests = async () => {
  console.log('\n== unit tests');
  const file = join(CACHE, 'vitest.json');
  rmSync(file, { force: true });
  const code = await npx('vitest', 'run');
  const report = readReport(file);
  if (!report) return count('unit tests', 0, 1);
  count('unit tests', report.numPassedTests, report.numFailedTests);
  // A suite that could not even be loaded has no failed test of its own.
  if (code !== 0 && report.numFailedTests === 0) count('unit test suites', 0, 1);
};

const endToEndTests = async () => {
  console.log('\n== end-to-end tests');
  if (!(await ensureChromium())) return count('Chromium', 0, 1);
  const file = join(CACHE, 'playwright.json');
  rmSync(file, { force: true });
  const code = await npx('playwright', 'test');
  const report = readReport(file);
  if (!report) return count('end-to-end tests', 0, 1);
  const { expected, unexpected, flaky } = report.stats;
  count('end-to-end tests', expected, unexpected + flaky);
  if (code !== 0 && unexpected + flaky === 0) count('end-to-end run', 0, 1);
};

const stop = (message) => {
  console.error(message);
  console.log('0 passed, 1 failed');
  process.exit(1);
};

try {
  await ensureInstalled({ strict: true });
} catch (error) {
  stop(error.message);
}
rmSync(join(CACHE, 'verification'), { recursive: true, force: true });
await check('types', () => run(process.execPath, ['node_modules/typescript-7/bin/tsc', '-b']));
await check('format', () => npx('biome', 'format', '.'));
await check('lint', () =>
  npx('oxlint', '--type-aware', '--deny-warnings', 'core', 'web', 'server', 'cli', 'e2e', 'scripts'),
);
await check('boundaries', () => run(process.execPath, ['scripts/boundaries.mjs']));
const built = await check('build', async () => {
  try {
    await ensureBuilt();
    return 0;
  } catch (error) {
    console.error(error.message);
    return 1;
  }
});
if (built) {
  await unitTests();
  await check('documents made from the code are up to date', () =>
    run(process.execPath, ['scripts/docs.mjs', '--check']),
  );
  await endToEndTests();
}
if (failures.length > 0) console.log(`Failed: ${failures.join('; ')}`);
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 ? 1 : 0;
