import { ensureInstalled, run } from './toolbox.mjs';

// The compiler keeps core's output fresh; Vite serves the page and reloads it.
await ensureInstalled();
await npx('tsc', '-b', 'core');
await Promise.race([
  npx('tsc', '-b', 'core', '--watch', '--preserveWatchOutput'),
  run('npm', ['run', 'dev', '--workspace', 'web']),
]);
