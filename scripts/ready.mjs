// What every command needs first: a Node that is new enough, the packages of the lock file, and a build of these sources.
// Plain JavaScript without packages: it must run before anything is installed.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..');
const STAMPS = join(ROOT, '.ready');
const LEAST = [20, 19];

export function checkNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > LEAST[0] || (major === LEAST[0] && minor >= LEAST[1])) return;
  console.error(
    `Amber Ledger needs Node ${LEAST.join('.')} or newer; this is Node ${process.versions.node}. Install a newer one from your system's packages and run the command again.`,
  );
  process.exit(1);
}

/** Runs a command and lets its output through. Ends this process when it fails, unless told otherwise. */
export function run(command, args, { mayFail = false, env = {} } = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
    shell: process.platform === 'win32',
  });
  if (!mayFail && (error || status !== 0)) {
    console.error(`“${[command, ...args].join(' ')}” did not succeed${error ? `: ${error.message}` : ''}.`);
    process.exit(status || 1);
  }
  return error ? 1 : (status ?? 1);
}

function files(path) {
  if (!existsSync(path)) return [];
  return readdirSync(path, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort();
}

function digest(paths) {
  const hash = createHash('sha256');
  for (const path of paths) hash.update(relative(ROOT, path)).update('\0').update(readFileSync(path)).update('\0');
  return hash.digest('hex');
}

/** Does a step unless its stamp says that it was done with exactly these files. */
function once(name, paths, done, act) {
  const stamp = join(STAMPS, name);
  const now = digest(paths);
  if (done && existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return;
  act();
  mkdirSync(STAMPS, { recursive: true });
  writeFileSync(stamp, now);
}

export function install() {
  once('install', [join(ROOT, 'package.json'), join(ROOT, 'package-lock.json')], existsSync(join(ROOT, 'node_modules')), () => {
    console.log('Installing the packages …');
    run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  });
}

export function build() {
  const sources = [
    ...['src', 'demo', 'public'].flatMap((d) => files(join(ROOT, d))).filter((f) => !/\.test\.tsx?$/.test(f)),
    ...['index.html', 'vite.config.ts', 'package-lock.json'].map((f) => join(ROOT, f)),
  ];
  once('build', sources, existsSync(join(ROOT, 'dist', 'index.html')), () => {
    console.log('Building the app …');
    run('npm', ['run', '--silent', 'build']);
  });
}
