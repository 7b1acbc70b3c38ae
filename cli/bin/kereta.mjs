#!/usr/bin/env node
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

// On a fresh checkout the command builds itself once; its own output stays clean for --json.
const main = new URL('../dist/main.js', import.meta.url);
if (!existsSync(main)) {
  const root = fileURLToPath(new URL('../../', import.meta.url));
  const compiler = fileURLToPath(new URL('../../node_modules/typescript-7/bin/tsc', import.meta.url));
  const built = spawnSync(process.execPath, [compiler, '-b', 'core', 'cli'], { cwd: root, stdio: ['ignore', 2, 2] });
  if (built.status !== 0) {
    console.error('Kereta could not be built. Run npm install, then npm run build.');
    process.exit(2);
  }
}
const { run } = await import(main.href);
process.exitCode = await run(process.argv);
