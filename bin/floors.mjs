// Who may call whom (docs/architecture.md): every import of every file, by alias or relative path, is held against the
// order of the floors. Run by `npm test -- lint`; circles are refused by the linter itself.
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

/** Rooms of the core, each calling those before it. */
const CORE = [
  ['stats'],
  ['body', 'units', 'time', 'people', 'balance', 'film', 'program'],
  ['image'],
  ['catalogue', 'dial'],
  ['kinds'],
  ['records'],
  ['model'],
  ['coverage', 'colour', 'gauge', 'photo', 'seal', 'dates', 'odometer'],
  ['work'],
  ['findings'],
  ['circumstances', 'paint', 'fit', 'waves'],
  ['metal', 'bright', 'wheels', 'leaks', 'functions', 'fluids', 'mechanical'],
  ['running', 'identity'],
  ['claims'],
  ['csv', 'judge'],
  ['yard', 'days', 'listing'],
  ['grade'],
  ['prepare'],
  ['cost'],
  ['population', 'calibration', 'agreement'],
  ['practice'],
];

/** What each floor calls beside itself. Instruments stand beside the house: simulated, they know the core alone. */
const FLOORS = {
  words: ['core'],
  entry: ['words', 'core'],
  report: ['words', 'core'],
  data: ['core'],
  workers: ['entry', 'core'],
  instruments: ['core'],
  // What a practice car is like stays with the server until it is closed: it is measured and drawn there.
  server: ['data', 'report', 'words', 'instruments', 'core'],
  ui: ['report', 'entry', 'words', 'workers', 'core'],
  screens: ['ui', 'report', 'entry', 'words', 'workers', 'instruments', 'core'],
  app: ['screens', 'ui', 'server', 'data', 'report', 'entry', 'words', 'workers', 'core'],
  bin: ['server', 'data', 'report', 'entry', 'words', 'instruments', 'core'],
  demo: ['server', 'data', 'report', 'entry', 'words', 'instruments', 'core'],
};

const SOURCE = /\.(ts|tsx|mjs|js)$/;
const TEST = /(\.test\.tsx?|[/\\]test-[a-z-]+\.ts)$/;

function* filesUnder(dir) {
  for (const name of readdirSync(dir)) {
    const file = path.join(dir, name);
    if (statSync(file).isDirectory()) yield* filesUnder(file);
    else if (SOURCE.test(name) && !TEST.test(file)) yield path.relative(ROOT, file).split(path.sep).join('/');
  }
}

const IMPORT = /(?:from\s+|import\s*\(\s*|^import\s+|new URL\(\s*)['"]([^'"]+)['"]/gm;

/** The file that a specifier means, or null for a package. */
function target(from, spec) {
  const base = spec.startsWith('@/')
    ? `src/${spec.slice(2)}`
    : spec.startsWith('.')
      ? path.posix.join(path.posix.dirname(from), spec)
      : null;
  if (base === null) return null;
  const found = ['', '.ts', '.tsx', '.mjs', '.js', '/index.ts', '/index.tsx'].find((end) => {
    const file = path.join(ROOT, base + end);
    return existsSync(file) && statSync(file).isFile();
  });
  return found === undefined ? null : base + found;
}

/** Floor and, where it has rooms that may not see each other, room of a file. */
function placeOf(file) {
  const [top, second, third] = file.split('/');
  if (top !== 'src') return { floor: top, room: '' };
  // What stands in src itself is Next.js' own: routes' neighbours.
  if (second.includes('.')) return { floor: 'app', room: '' };
  return { floor: second, room: ['core', 'screens'].includes(second) ? third : '' };
}

const rankInCore = (room) => CORE.findIndex((rooms) => rooms.includes(room));

/** Why an import breaks the order; null where it does not. */
function breach(from, to) {
  const [a, b] = [placeOf(from), placeOf(to)];
  if (a.floor === b.floor) {
    if (a.room === b.room) return null;
    if (a.floor === 'screens' && !a.room.includes('.'))
      return b.room.includes('.') ? null : 'a screen calls another screen';
    if (a.floor !== 'core') return null;
    const [ra, rb] = [rankInCore(a.room), rankInCore(b.room)];
    if (ra < 0 || rb < 0) return `core/${ra < 0 ? a.room : b.room} has no place in the order of bin/floors.mjs`;
    return rb < ra ? null : `core/${a.room} calls core/${b.room}, which does not lie before it`;
  }
  if (a.floor === 'core') return 'the core calls nobody above it';
  return FLOORS[a.floor]?.includes(b.floor) ? null : `${a.floor} does not call ${b.floor}`;
}

const breaches = [];
for (const top of ['src', 'bin', 'demo'])
  for (const file of filesUnder(path.join(ROOT, top)))
    for (const [, spec] of readFileSync(path.join(ROOT, file), 'utf8').matchAll(IMPORT)) {
      const to = target(file, spec);
      const why = to && breach(file, to);
      if (why) breaches.push(`${file} → ${spec}: ${why}`);
    }
if (breaches.length > 0) {
  console.error(breaches.join('\n'));
  console.error(`${breaches.length} imports break the order of the floors (docs/architecture.md).`);
  process.exit(1);
}
