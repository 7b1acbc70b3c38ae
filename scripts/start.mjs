import { ensureBuilt, ensureInstalled, run } from './toolbox.mjs';

try {
  await ensureInstalled();
  await ensureBuilt();
} catch (error) {
  console.error(error.message);
  process.exit(1);
}
process.exitCode = await run(process.execPath, ['server/dist/main.js', ...process.argv.slice(2)]);
