import { ensureBuilt, ensureInstalled, npx } from './toolbox.mjs';

// The fuzz tests at a large count: npm run fuzz [-- files trailers from]. By default a hundred thousand files and ten thousand trailers.
const [files = '100000', trailers = '10000', from = '0'] = process.argv.slice(2);
await ensureInstalled();
await ensureBuilt();
process.env.KERETA_FUZZ_FILES = files;
process.env.KERETA_FUZZ_TRAILERS = trailers;
process.env.KERETA_FUZZ_FROM = from;
process.exitCode = await npx('vitest', 'run', '--project', 'node', 'core/src/fuzz');
