import { randomBytes } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import type { AnyRecord } from '@/core/kinds';
import { filmInput } from '@/core/paint/film-input';
import { type PublishedKeys, publishedKeysSchema, standingOfKey } from '@/core/seal/known-keys';
import { canonicalText } from '@/core/seal/seal';
import { recomputeReport } from '@/report/recompute';
import { sealSnapshot, verifyReport } from '@/report/sealed-report';
import { type Snapshot, takeSnapshot } from '@/report/snapshot';
import { planOf, planOfCar } from '../src/core/body/plan';
import { STYLES } from '../src/core/body/styles';
import { readReadingsCsv } from '../src/core/csv/readings';
import { DEFAULT_TABLES } from '../src/core/grade/all-tables';
import { gradeCar } from '../src/core/grade/grade';
import { judge } from '../src/core/judge/judge';
import { analysePaint, type PaintAnalysis } from '../src/core/paint/analyse';
import { DEFAULT_PROFILES } from '../src/core/paint/profiles';
import { type Bundle, readBundle } from '../src/core/records/bundle';
import { recordsOf } from '../src/core/records/reduce';
import { sha256Of } from '../src/server/sha256';
import { whyNextText } from '../src/words/paint';
import { doorVerb, type FitFlags, type GapFlags, gapVerb } from './farvin-fit';
import { type ListenFlags, listenVerb, planVerb } from './farvin-listen';
import { isZipFile, readText } from './files';
import { Refusal, Usage } from './refusals';

const HELP: Readonly<Record<string, string>> = {
  check: 'check BUNDLE\n  Says whether a bundle is whole: {ok, problems:[{path, message}]}.',
  paint: `paint READINGS.csv [--ceiling-um 500] [--body ${STYLES.map((s) => s.slug).join('|')}] [--profile ID] [--skip-bad]\npaint BUNDLE [--profile ID]\n  Judges the film thickness of every panel.`,
  door: 'door STATIONS.csv [--panel door|hood|deck] [--good-mm 1] [--flush-mm 1] [--skip-bad]\n  Says where a door hangs, whether adjusting brings it right, and how.',
  gap: 'gap PHOTO --card-mm 85.60x53.98 --card-px "x,y x,y x,y x,y" --seam-px "x,y x,y …" [--step-mm 5]\n  Measures the gap along a seam on a photograph with a flat card beside it.',
  plan: `plan STYLE [--fitted vinylRoof,sunroof,skirts]\n  Names the zones and seams of a body style: ${STYLES.map((s) => s.slug).join(' ')}.`,
  listen:
    'listen FILE.txt|vtt|srt --style STYLE [--zone SLUG] [--unit um|mil] [--ceiling-um 500] [--kerb left|right] [--steering left|right]\n  Tells what typed, spoken or captioned words say, as facts, and the words that became nothing.',
  grade: 'grade BUNDLE [--on-year YYYY]\n  Grades a car: nine axes, four lenses, coverage.',
  report:
    'report BUNDLE --out FILE [--key HEX] [--on-year YYYY]\n  Seals a report of a bundle, with a new key when none is given.',
  verify:
    'verify REPORT [--key HEX|FILE]\n  Re-computes hash, signature and figures of a sealed report (JSON, or its ZIP with pictures). --key is the key that the house stands by, or a file of its published keys.',
  'verify-log':
    'verify-log [--lot N] [--note-repair [--as EMAIL]]\n  Re-computes the hash chain of every inspection’s log in the database (DATABASE_URL, else the demo’s) and compares the records with it. --note-repair notes beside the log what an earlier program’s capital letters broke.',
  export:
    'export --lot N --out FILE [--sale NAME] [--what bundle|pdf|zip] [--as EMAIL]\n  Writes an inspection with its pictures from the database.',
  erase:
    'erase --picture SHA256|--lot N [--sale NAME]|--person EMAIL --why TEXT [--as EMAIL]\n  Takes a picture, a lot or a person out of the database for good; hashes stay, so that logs can be checked.',
  'strip-pictures':
    'strip-pictures\n  Goes once over pictures that an earlier program kept and takes notes and positions out of them.',
  import:
    'import BUNDLE [--sale NAME] [--as EMAIL]\n  Takes a bundle (JSON, or ZIP with pictures) into the database; twice changes nothing.',
};

function readJson(path: string): unknown {
  try {
    return JSON.parse(readText(path));
  } catch (cause) {
    if (cause instanceof Refusal) throw cause;
    throw new Refusal('not-json', { message: `${path} is not JSON` });
  }
}

function bundleAt(path: string): { bundle: Bundle; records: AnyRecord[] } {
  const read = readBundle(readJson(path));
  if (!read.ok) throw new Refusal('bad-bundle', { problems: read.problems });
  return read;
}

const planFor = (records: readonly AnyRecord[]) => planOfCar(recordsOf(records, 'car')[0]?.body);

function profilesFor(id: string | undefined) {
  if (id === undefined) return DEFAULT_PROFILES;
  const found = DEFAULT_PROFILES.filter((p) => p.id === id);
  if (found.length === 0)
    throw new Usage(`unknown profile ${id}; known: ${DEFAULT_PROFILES.map((p) => p.id).join(', ')}`);
  return found;
}

function paintOutput(analysis: PaintAnalysis): object {
  return {
    ok: true,
    baselineUm: analysis.baselineUm,
    zones: analysis.zones.map(({ lacks: _l, ...z }) => z),
    contrasts: analysis.contrasts,
    next: analysis.next.map((n) => ({ ...n, why: whyNextText(n.why) })),
  };
}

function paintVerb(path: string, flags: Flags): object {
  const profiles = profilesFor(flags.profile);
  if (/\.csv$/i.test(path)) {
    const ceilingUm = Number(flags['ceiling-um'] ?? 500);
    if (!(ceilingUm > 0)) throw new Usage('--ceiling-um is a number of µm above 0');
    const plan = flags.body === undefined ? null : planOf(flags.body);
    if (flags.body !== undefined && !plan)
      throw new Usage(`no plan for the body style ${flags.body}; known: ${STYLES.map((s) => s.slug).join(', ')}`);
    const { readings, bad } = readReadingsCsv(readText(path), { ceilingUm, zones: plan ? plan.zones.keys() : null });
    if (bad.length > 0 && !flags['skip-bad']) throw new Refusal('bad-rows', { rows: bad });
    for (const b of bad) console.error(`line ${b.line} left out: ${b.message}`);
    if (readings.length === 0) throw new Refusal('no-readings');
    return paintOutput(analysePaint({ readings, profiles, plan }));
  }
  const { records } = bundleAt(path);
  const input = filmInput(records);
  if (input.readings.length === 0) throw new Refusal('no-readings');
  return paintOutput(analysePaint({ ...input, profiles, plan: planFor(records) }));
}

function onYear(flags: Flags): number {
  const year = flags['on-year'] === undefined ? new Date().getUTCFullYear() : Number(flags['on-year']);
  if (!Number.isInteger(year) || year < 1900 || year > 2200) throw new Usage('--on-year is a year such as 2027');
  return year;
}

function gradeVerb(path: string, flags: Flags): object {
  const { records } = bundleAt(path);
  const plan = planFor(records);
  if (!plan) throw new Refusal('no-car');
  const tables = DEFAULT_TABLES;
  const judgement = judge({ plan, records, tables });
  const { coverage } = judgement;
  const { axes, whole, presents, gates, unseenMovers, findingMovers } = gradeCar(
    judgement,
    onYear(flags),
    tables.grade,
  );
  return {
    ok: true,
    axes,
    whole,
    coverage: { whole: coverage.whole, byView: coverage.byView },
    presentsCleanFromM: presents.metres,
    gates,
    unseenMovers,
    findingMovers,
  };
}

async function reportVerb(path: string, flags: Flags): Promise<object> {
  if (!flags.out) throw new Usage('report needs --out FILE');
  const { bundle } = bundleAt(path);
  const key = flags.key ?? randomBytes(32).toString('hex');
  if (!/^[0-9a-f]{64}$/.test(key)) throw new Usage('--key is an Ed25519 secret of 64 hexadecimal digits');
  const taken = takeSnapshot({
    bundle,
    sale: { name: bundle.lot.sale, closesOn: null },
    sealedAt: new Date().toISOString(),
    sealedBy: 'command line',
    onYear: onYear(flags),
  });
  if (!taken.ok) throw new Refusal(taken.reason);
  const file = await sealSnapshot(taken.snapshot, key);
  try {
    writeFileSync(flags.out, canonicalText(file));
  } catch (cause) {
    throw new Refusal('not-written', {
      message: `${flags.out} cannot be written (${(cause as NodeJS.ErrnoException).code ?? 'error'})`,
    });
  }
  return { ok: true, out: flags.out, sha256: file.sha256, signature: file.signature, publicKey: file.publicKey };
}

/** The keys that `--key` names: one in hexadecimal, or a file of a house's published keys or of keys line by line. */
function keysAsked(given: string): PublishedKeys | readonly string[] {
  if (/^[0-9a-f]{64}$/i.test(given)) return [given.toLowerCase()];
  const text = readText(given);
  const published = text.trimStart().startsWith('{') ? publishedKeysSchema.safeParse(readJson(given)) : null;
  if (published?.success) return published.data;
  const lines = text.match(/\b[0-9a-fA-F]{64}\b/g) ?? [];
  if (published || lines.length === 0) throw new Refusal('not-keys', { message: `${given} holds no keys` });
  return lines.map((l) => l.toLowerCase());
}

function standingOf(given: string | undefined, publicKey: string, sealedAt: string): { key: string; keyWhy?: string } {
  if (given === undefined) return { key: 'unknown' };
  const keys = keysAsked(given);
  if ('format' in keys) {
    const { key, ...more } = standingOfKey(keys, publicKey, sealedAt);
    return { key, ...('why' in more && { keyWhy: more.why }) };
  }
  return keys.includes(publicKey) ? { key: 'known' } : { key: 'other', keyWhy: 'not-listed' };
}

/** Which of a report's pictures fit their hashes, where they came along in its ZIP. */
async function picturesOf(verdict: { snapshot: Snapshot }, photos: ReadonlyMap<string, string> | null) {
  if (!photos) return {};
  const differ: string[] = [];
  const missing: string[] = [];
  for (const { sha256 } of verdict.snapshot.bundle.photos) {
    const file = photos.get(sha256);
    if (!file) missing.push(sha256);
    else if (sha256Of(readFileSync(file)) !== sha256) differ.push(sha256);
  }
  return { pictures: { all: verdict.snapshot.bundle.photos.length, differ, missing } };
}

/** The report and its pictures out of a report's ZIP; loaded when there is one. */
async function unpacked(path: string, dir: string) {
  const { unpackReport, ZipRefused } = await import('../src/server/export/zip-safe');
  return unpackReport(path, dir).catch((error: unknown) => {
    throw error instanceof ZipRefused ? new Refusal(error.reason, { message: error.message }) : error;
  });
}

async function verifyVerb(path: string, flags: Flags): Promise<object> {
  const dir = mkdtempSync(join(tmpdir(), 'farvin-verify-'));
  try {
    const zip = isZipFile(path) ? await unpacked(path, dir) : null;
    const verdict = await verifyReport(readJson(zip?.report ?? path));
    if (!verdict.ok) throw new Refusal(verdict.reason);
    const { snapshot } = verdict;
    const told = {
      ...standingOf(flags.key, verdict.publicKey, snapshot.sealedAt),
      ...recomputeReport(verdict),
      sha256: verdict.sha256,
      publicKey: verdict.publicKey,
      lot: snapshot.bundle.lot.number,
      title: snapshot.bundle.lot.title,
      revision: snapshot.bundle.inspection.revision,
      sealedAt: snapshot.sealedAt,
      sealedBy: snapshot.sealedBy,
      ...(snapshot.seal && { house: snapshot.seal.organisation.name, seal: snapshot.seal }),
      ...(await picturesOf(verdict, zip?.photos ?? null)),
    };
    if (told.key === 'other') throw new Refusal('other-key', told);
    if (told.pictures?.differ.length) throw new Refusal('pictures-differ', told);
    return { ok: true, ...told };
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}

function checkVerb(path: string): object {
  const read = readBundle(readJson(path));
  if (!read.ok) throw new Refusal('bad-bundle', { problems: read.problems });
  return { ok: true, problems: [] };
}

const OPTIONS = {
  json: { type: 'boolean' },
  help: { type: 'boolean' },
  'skip-bad': { type: 'boolean' },
  'ceiling-um': { type: 'string' },
  body: { type: 'string' },
  profile: { type: 'string' },
  out: { type: 'string' },
  key: { type: 'string' },
  'on-year': { type: 'string' },
  lot: { type: 'string' },
  what: { type: 'string' },
  as: { type: 'string' },
  sale: { type: 'string' },
  'note-repair': { type: 'boolean' },
  picture: { type: 'string' },
  person: { type: 'string' },
  why: { type: 'string' },
  style: { type: 'string' },
  zone: { type: 'string' },
  unit: { type: 'string' },
  kerb: { type: 'string' },
  steering: { type: 'string' },
  fitted: { type: 'string' },
  panel: { type: 'string' },
  'card-mm': { type: 'string' },
  'card-px': { type: 'string' },
  'seam-px': { type: 'string' },
  'step-mm': { type: 'string' },
  'good-mm': { type: 'string' },
  'flush-mm': { type: 'string' },
} as const;

type Flags = { [K in keyof typeof OPTIONS]?: (typeof OPTIONS)[K]['type'] extends 'boolean' ? boolean : string };

const VERBS: Readonly<Record<string, (path: string, flags: Flags) => object | Promise<object>>> = {
  check: checkVerb,
  paint: paintVerb,
  door: (path, flags) => doorVerb(path, flags as FitFlags),
  gap: (path, flags) => gapVerb(path, flags as GapFlags),
  plan: planVerb,
  listen: (path, flags) => listenVerb(path, flags as ListenFlags),
  grade: gradeVerb,
  report: reportVerb,
  verify: verifyVerb,
  // Loaded when asked for: the others need no database.
  'verify-log': async (_path, flags) => (await import('./farvin-database')).verifyLog(flags),
  export: async (_path, flags) => (await import('./farvin-database')).exportVerb(flags),
  import: async (path, flags) => (await import('./farvin-database')).importVerb(path, flags),
  erase: async (_path, flags) => (await import('./farvin-database')).eraseVerb(flags),
  'strip-pictures': async () => (await import('./farvin-database')).stripPictures(),
};
/** Verbs that take no file. */
const BARE = new Set(['verify-log', 'export', 'erase', 'strip-pictures']);

function parsed(args: string[]): { values: Flags; positionals: string[] } {
  try {
    return parseArgs({ args, options: OPTIONS, allowPositionals: true }) as { values: Flags; positionals: string[] };
  } catch (cause) {
    throw new Usage(cause instanceof Error ? cause.message : 'wrong words');
  }
}

async function main(): Promise<void> {
  const { values, positionals } = parsed(process.argv.slice(2));
  const [verb, ...paths] = positionals;
  if (values.help || verb === 'help' || verb === undefined) {
    console.error(verb && HELP[verb] ? HELP[verb] : `Verbs: ${Object.keys(VERBS).join(' ')}. Each takes --help.`);
    if (verb === undefined && !values.help) process.exitCode = 2;
    return;
  }
  const does = VERBS[verb];
  if (!does) throw new Usage(`unknown verb ${verb}; known: ${Object.keys(VERBS).join(' ')}`);
  if (BARE.has(verb)) {
    if (paths.length > 0) throw new Usage(`${verb} takes no file\n${HELP[verb]}`);
  } else if (paths.length !== 1)
    throw new Usage(`${verb} takes one ${verb === 'plan' ? 'style' : 'file'}\n${HELP[verb]}`);
  console.log(JSON.stringify(await does(paths[0] ?? '', values), null, 1));
}

main().catch((error: unknown) => {
  if (error instanceof Refusal) {
    console.log(JSON.stringify({ ok: false, reason: error.reason, ...error.more }, null, 1));
    console.error(`refused: ${error.reason}`);
    process.exitCode = 1;
  } else if (error instanceof Usage) {
    console.error(error.message);
    process.exitCode = 2;
  } else {
    console.error(error);
    process.exitCode = 2;
  }
});
