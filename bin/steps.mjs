// What the start command and the tests share: telling what happens, running programs, finding free ports.
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { packAll } from './pack.js';

/** Where the project lies; what was made of this file is told. */
export const ROOT = process.env.FARVIN_ROOT || path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
export const STATE = path.join(ROOT, '.farvin');
/** Where a house of one's own keeps its database, pictures and secret when nothing else is said. */
export const HOME = path.resolve(ROOT, process.env.FARVIN_HOME || '.yard');

/** What a build has for browsers: scripts, styles, type; each file named after what is in it. */
export const STATIC = path.join(ROOT, '.next', 'static');

/** Where the programs that the server starts lie once they are made. */
export const MADE = path.join(ROOT, '.next', 'made');

/** A failure that is told in one line; everything else is a fault of ours. */
export class Plain extends Error {}

export function step(text) {
  console.log(`· ${text}`);
}

/** Runs a program to its end. Its output is shown, or kept and shown only when it fails. */
export function run(command, args, { quiet = false, env = {}, cwd = ROOT } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit'],
    });
    let kept = '';
    child.stdout?.on('data', (d) => (kept += d));
    child.stderr?.on('data', (d) => (kept += d));
    child.on('error', (cause) => reject(new Plain(`${command} could not be started (${cause.code ?? cause.message})`)));
    child.on('close', (code) => {
      if (code === 0) return resolve(kept);
      if (quiet) process.stderr.write(kept.split('\n').slice(-25).join('\n'));
      reject(new Plain(`${[command, ...args].join(' ').slice(0, 160)} ended with ${code}`));
    });
  });
}

/** Runs a TypeScript file of ours. */
export function runTs(file, args = [], options = {}) {
  return run(
    process.execPath,
    [path.join(ROOT, 'node_modules', 'tsx', 'dist', 'cli.mjs'), path.join(ROOT, file), ...args],
    options,
  );
}

export function freePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

export function portIsFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

function addTree(hash, at) {
  if (!existsSync(at)) return;
  if (statSync(at).isDirectory()) for (const name of readdirSync(at).sort()) addTree(hash, path.join(at, name));
  else hash.update(path.relative(ROOT, at)).update(readFileSync(at));
}

/** A hash over files and folders of the project: tells whether something made from them is still right. */
export function stampOf(...places) {
  const hash = createHash('sha256');
  for (const place of places) addTree(hash, path.join(ROOT, place));
  return hash.digest('hex');
}

export function readStamp(name) {
  const file = path.join(STATE, `${name}.stamp`);
  return existsSync(file) ? readFileSync(file, 'utf8') : '';
}

export function writeStamp(name, stamp) {
  mkdirSync(STATE, { recursive: true });
  writeFileSync(path.join(STATE, `${name}.stamp`), stamp);
}

/** Installs the packages of the lock file when they are not there yet or the lock has changed. */
export async function packages() {
  const stamp = stampOf('package.json', 'package-lock.json');
  if (existsSync(path.join(ROOT, 'node_modules', '.package-lock.json')) && readStamp('packages') === stamp) return;
  step('Installing packages from the lock file …');
  // `npm ci` refuses locks made where other platforms' optional packages cannot be resolved; see docs/decisions/0002.
  await run('npm', ['install', '--no-audit', '--no-fund', '--loglevel=error'], {
    quiet: true,
    env: { PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' },
  });
  if (stampOf('package.json', 'package-lock.json') !== stamp)
    throw new Plain('Installing changed package-lock.json: commit the new lock, or undo the change of package.json.');
  writeStamp('packages', stamp);
}

/** Programs that the server starts in processes of their own. */
const PROGRAMS = ['bin/export.ts', 'bin/workshop.ts'];

/** Makes programs of ours single files, so that they start without reading and translating hundreds. */
async function makePrograms(entryPoints, outdir) {
  const esbuild = await import('esbuild');
  await esbuild.build({
    absWorkingDir: ROOT,
    entryPoints,
    outdir,
    outbase: 'bin',
    outExtension: { '.js': '.mjs' },
    bundle: true,
    splitting: true,
    packages: 'external',
    platform: 'node',
    format: 'esm',
    jsx: 'automatic',
    tsconfig: 'tsconfig.json',
    logLevel: 'error',
  });
}

/** Made for so many states of the sources they are kept: for two branches and what runs. */
const KEPT = 4;

/** The folder of the command line and the server's programs as their sources are now; made when it is not there yet. */
export async function commands() {
  const all = path.join(STATE, 'commands');
  const dir = path.join(all, stampOf('src', 'bin', 'tsconfig.json', 'package-lock.json').slice(0, 16));
  if (existsSync(dir)) return dir;
  const verbs = readdirSync(path.join(ROOT, 'bin', 'verbs')).map((f) => `bin/verbs/${f}`);
  // Made aside and moved: two that make it at once do not see the other's half.
  const aside = `${dir}.${process.pid}`;
  await makePrograms([...PROGRAMS, 'bin/farvin.ts', ...verbs], aside);
  try {
    renameSync(aside, dir);
  } catch (cause) {
    rmSync(aside, { recursive: true, force: true });
    if (!existsSync(dir)) throw cause;
  }
  const age = (name) => statSync(path.join(all, name)).mtimeMs;
  const old = readdirSync(all)
    .filter((f) => !f.includes('.'))
    .sort((a, b) => age(b) - age(a));
  for (const name of old.slice(KEPT)) rmSync(path.join(all, name), { recursive: true, force: true });
  return dir;
}

/** Builds the application when its sources changed since the last build. */
export async function build() {
  const stamp = stampOf(
    'src',
    'next.config.ts',
    'bin/pack.js',
    'bin/server.mjs',
    'bin/steps.mjs',
    ...PROGRAMS,
    'postcss.config.mjs',
    'tsconfig.json',
    'package-lock.json',
  );
  if (existsSync(path.join(ROOT, '.next', 'BUILD_ID')) && readStamp('build') === stamp) return;
  step('Building the application (about a minute) …');
  await run(process.execPath, [path.join(ROOT, 'node_modules', 'next', 'dist', 'bin', 'next'), 'build'], {
    quiet: true,
    env: { NEXT_TELEMETRY_DISABLED: '1' },
  });
  await packAll(STATIC);
  await makePrograms(PROGRAMS, MADE);
  writeStamp('build', stamp);
}

/** Starts the built application and waits until it answers. */
export async function serve(port, env) {
  const child = spawn(process.execPath, [path.join(ROOT, 'bin', 'server.mjs')], {
    cwd: ROOT,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production', PORT: String(port), ...env },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  let ended = false;
  child.on('exit', () => (ended = true));
  for (let i = 0; i < 900; i++) {
    if (ended) throw new Plain('The application ended while starting; its message stands above.');
    const answer = await fetch(`http://127.0.0.1:${port}/sign-in`).catch(() => null);
    if (answer?.ok) return child;
    await new Promise((r) => setTimeout(r, 200));
  }
  child.kill();
  throw new Plain('The application did not answer within three minutes.');
}

/** Ends a child and waits until it is gone. */
export function end(child) {
  if (!child || child.exitCode !== null || child.signalCode !== null) return Promise.resolve();
  return new Promise((resolve) => {
    // A browser's open connection can hold a closing server for long; what is committed is safe either way.
    const hard = setTimeout(() => child.kill('SIGKILL'), 6000);
    child.once('exit', () => {
      clearTimeout(hard);
      resolve();
    });
    child.kill('SIGTERM');
  });
}

/** Debian's browsers without a window, the lighter one first; each is the package's name. */
const BROWSERS = ['chromium-headless-shell', 'chromium'];

/** The program of the browser that tests run in; null when there is none. */
export function browserHere() {
  return BROWSERS.map((name) => `/usr/bin/${name}`).find((file) => existsSync(file)) ?? null;
}

/** A browser for tests: the lighter one where it can be had, else the one that is there or can be installed. */
export async function ensureBrowser() {
  const [lighter, usual] = BROWSERS;
  if (browserHere() === `/usr/bin/${lighter}`) return;
  // Where packages cannot be reached, the usual one does what the lighter one does, only slower.
  await debianPackage(lighter, () => existsSync(`/usr/bin/${lighter}`)).catch(() => step(`Without ${lighter}.`));
  await debianPackage(usual, () => browserHere() !== null);
}

/** Debian's package of that name, installed when this account may; else says what to type. */
export async function debianPackage(name, found) {
  if (found()) return;
  const by = `apt-get install -y ${name}`;
  if (process.getuid?.() !== 0) throw new Plain(`${name} is not installed. Type: sudo ${by}`);
  step(`Installing ${name} from Debian’s packages …`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  // A source that does not answer is told within a minute.
  const soon = ['-o', 'Acquire::http::Timeout=20', '-o', 'Acquire::Retries=0'];
  await run('apt-get', [...soon, 'update'], { quiet: true, env });
  await run('apt-get', [...soon, 'install', '-y', '--no-install-recommends', name], { quiet: true, env });
  if (!found()) throw new Plain(`${name} was installed but its programs were not found. Type: ${by}`);
}
