import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** Shared by start, test and dev: what they need of installing, building and running other programs. */
export const ROOT = fileURLToPath(new URL('..', import.meta.url));
export const CACHE = join(ROOT, '.cache');
mkdirSync(CACHE, { recursive: true });

/** Runs a program in the project's folder; resolves to its exit code. */
export const run = (command, args, options = {}) =>
  new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
    // Whoever ends this program ends the one that it runs.
    const pass = (signal) => child.kill(signal);
    const signals = ['SIGINT', 'SIGTERM', 'SIGHUP'];
    for (const signal of signals) process.on(signal, pass);
    child.on('exit', () => {
      for (const signal of signals) process.off(signal, pass);
    });
    child.on('error', (error) => {
      console.error(`${command}: ${error.message}`);
      resolve(127);
    });
    child.on('close', (code) => resolve(code ?? 1));
  });

export const npx = (tool, ...args) => run(join(ROOT, 'node_modules', '.bin', tool), args);

const hashOf = (text) => createHash('sha256').update(text).digest('hex');
const stampFile = (name) => join(CACHE, `${name}.stamp`);
const isStamped = (name, value) => existsSync(stampFile(name)) && readFileSync(stampFile(name), 'utf8') === value;
const stamp = (name, value) => writeFileSync(stampFile(name), value);

/** Version and checksum of each package that a lockfile names; optional ones for other platforms come and go with the platform that wrote it. */
const lockedPackages = (lock) =>
  Object.entries(JSON.parse(lock).packages).map(([place, { version, integrity, optional }]) => ({
    place,
    optional: optional === true,
    text: `${version} ${integrity}`,
  }));

/** Packages that stand in one lockfile otherwise than in the other, those aside that are optional and in only one of the two. */
const lockDifferences = (before, after) => {
  const old = new Map(lockedPackages(before).map((entry) => [entry.place, entry]));
  const now = new Map(lockedPackages(after).map((entry) => [entry.place, entry]));
  return [...new Set([...old.keys(), ...now.keys()])].filter((place) => {
    const [was, is] = [old.get(place), now.get(place)];
    return was && is ? was.text !== is.text : !(was ?? is).optional;
  });
};

/** Installs what the lockfile says, if that has not been done since it last changed; the lockfile stays as it was committed. */
export const ensureInstalled = async ({ strict = false } = {}) => {
  const lockPath = join(ROOT, 'package-lock.json');
  const lock = readFileSync(lockPath, 'utf8');
  if (existsSync(join(ROOT, 'node_modules', '.bin')) && isStamped('installed', hashOf(lock))) return;
  console.log('Installing packages …');
  // `npm ci` refuses a lockfile without other platforms' optional packages; `install` keeps to the locked versions all the same.
  const code = await run('npm', ['install', '--no-audit', '--no-fund', '--loglevel=error']);
  if (code !== 0) throw new Error('npm install did not succeed.');
  const changed = lockDifferences(lock, readFileSync(lockPath, 'utf8'));
  if (strict && changed.length > 0)
    throw new Error(
      `package-lock.json does not fit the package.json files (${changed.slice(0, 3).join(', ')}): run npm install and commit the lockfile.`,
    );
  if (changed.length === 0) writeFileSync(lockPath, lock);
  stamp('installed', hashOf(readFileSync(lockPath, 'utf8')));
};

const SOURCES = ['core/src', 'server/src', 'cli/src', 'web/src'];
const SINGLE_SOURCES = [
  'package-lock.json',
  'tsconfig.base.json',
  'web/index.html',
  'web/vite.config.ts',
  'core/package.json',
  'web/package.json',
  'server/package.json',
];

const filesBelow = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    return entry.isDirectory() ? filesBelow(path) : [path];
  });

const sourceHash = () => {
  const files = [
    ...SOURCES.flatMap((folder) => filesBelow(join(ROOT, folder))),
    ...SINGLE_SOURCES.map((file) => join(ROOT, file)),
  ];
  return hashOf(
    files
      .filter((file) => statSync(file).isFile())
      .sort((a, b) => (a < b ? -1 : 1))
      .map((file) => `${file}\n${readFileSync(file, 'utf8')}`)
      .join('\n'),
  );
};

/** Builds core, server, command line and application, if a source changed since the last build. */
export const ensureBuilt = async () => {
  const hash = sourceHash();
  const outputs = ['core/dist/index.js', 'server/dist/main.js', 'cli/dist/main.js', 'web/dist/index.html'];
  if (outputs.every((file) => existsSync(join(ROOT, file))) && isStamped('built', hash)) return;
  console.log('Building …');
  const code = await run('npm', ['run', '--silent', 'build']);
  if (code !== 0) throw new Error('The build did not succeed.');
  stamp('built', hash);
};
