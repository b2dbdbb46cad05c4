import type { Zone } from '../body/zone';
import { type PieceRemedy, pieceRemedies } from '../bright/piece-remedy';
import type { RemedyId } from '../catalogue/remedies';
import type { FunctionLine } from '../functions/list';
import { FOUND_AS, tells } from '../functions/model';
import type { Judgement } from '../judge/judge';
import type { StoredRecord } from '../kinds';
import { leakPlaceNamed } from '../leaks/place-named';
import { reachOf } from '../leaks/reach';
import { anewRowOf } from '../work/effort';
import type { AnewRow } from '../work/work-table';
import { ofFinding, type Thing } from './thing';

/** The work that each treatment of a piece of brightwork, glass or cloth is, and how often. */
const PIECE_WORK: Readonly<Record<PieceRemedy, readonly [remedy: RemedyId, times: number] | null>> = {
  leave: null,
  clean: ['clean', 0.1],
  're-plate': ['re-plate', 0.2],
  'straighten-re-plate': ['re-plate', 0.25],
  'fill-plate-or-replace': ['re-plate', 0.32],
  'straighten-polish': ['polish-metal', 1],
  're-anodise': ['polish-metal', 2],
  replace: ['trim-piece', 1],
  refill: ['polish-metal', 0.5],
  refit: ['refit', 1],
  'clean-behind': ['clean', 0.1],
  glazier: ['test', 1],
  're-seal': ['refit', 1],
  'mend-line': ['small-electrical', 0.5],
  'take-film-off': ['clean', 0.25],
  sew: ['trim-piece', 0.4],
  straighten: ['adjust', 1],
  'free-drain': ['refit', 1],
};
/** A bumper is re-plated whole; other pieces are a share of one. */
const BUMPER_TIMES = 1;
/** New pieces of these bases are work of their own; a lens is a quarter of a windshield. */
const NEW_OF: Readonly<Record<string, readonly [remedy: RemedyId, times: number]>> = {
  glass: ['pane', 1],
  lens: ['pane', 0.25],
  rubber: ['seal', 1],
  felt: ['seal', 1],
};
const NEW: readonly [RemedyId, number] = ['trim-piece', 1];
/** What puts a function right by the first word of its slug, and how often; others are small electrical repairs. */
const FUNCTION_WORK: Readonly<Record<string, readonly [remedy: RemedyId, times: number]>> = {
  window: ['window', 1],
  top: ['window', 1],
  sunroof: ['window', 1],
  door: ['adjust', 1],
  lock: ['adjust', 1],
  glovebox: ['adjust', 1],
  mirror: ['refit', 2],
  'seat-belt': ['trim-piece', 1],
  'parking-brake': ['brake-axle', 0.6],
  starter: ['small-electrical', 2],
};
/** Places where a small electrical repair takes as often as redoing all functions of them takes it. */
const BY_PLACE: RemedyId = 'small-electrical';
/** A function that works poorly takes half of one that is dead. */
const POORLY = 0.5;
/** Leaks for which the gearbox comes out, and those of what brakes. */
const BEHIND_GEARBOX: ReadonlySet<string> = new Set(['engine.rear-main', 'transmission.front']);
const OF_BRAKES = /^brake\b/;
/** From this chance on a place counts as where it leaks. */
const LEAKS_FROM = 0.5;
const WORN: ReadonlySet<string> = new Set(['worn-out']);
const HANGS: Readonly<Record<string, RemedyId>> = { adjust: 'adjust', partly: 'adjust', 'beyond-slots': 'hinges' };
const SHOWS_HANG: ReadonlySet<string> = new Set(['gap-uneven', 'proud', 'drops', 'hard-shut']);

type Made = Omit<Thing, 'zone' | 'finding'> & { readonly zone: string };

const LEAK_FLAW = /^leak-/;
const DAMP = 'leak-damp';

/** Names of the places where a leak shows: where it comes out and where it runs to. */
const leakNames = (place: string, { leaks: { layout } }: Judgement): string[] =>
  layout.has(place) ? [...reachOf(layout, place, 1).keys()].map((p) => `leak:${p}`) : [`leak:${place}`];

/** What a finding says of a place stands for what was measured there too: it is put right with it. */
function alsoOf(finding: StoredRecord<'finding'>, judgement: Judgement): readonly string[] {
  const { body } = finding;
  const { functions, leaks, wheels } = judgement;
  if (body.flaw in FOUND_AS)
    return functions.asked.flatMap((l) => (tells(finding, l, functions.asked) ? [`works:${l.id}`] : []));
  if (LEAK_FLAW.test(body.flaw))
    return leaks.answer.sources.flatMap((s) =>
      leaks.zones.get(s.place) === body.zone ? leakNames(s.place, judgement) : [],
    );
  if (body.flaw.startsWith('tire-')) return wheels.tires.flatMap((t) => (t.zone === body.zone ? [t.id] : []));
  return [];
}

/** What puts a dead function right, and how often that is done. */
function functionWork({ id, of }: FunctionLine, row: AnewRow | undefined): readonly [RemedyId, number] {
  const own = FUNCTION_WORK[id.split('.')[0]!];
  return own ?? [BY_PLACE, Math.max(POORLY, (row?.remedy === BY_PLACE ? row.times : 1) * of.share)];
}

function functionThings({ functions: { begun, dead, poor, told }, plan, tables }: Judgement): Made[] {
  if (!begun) return [];
  return [...dead, ...poor].flatMap((l): Made[] => {
    const zone = plan.zones.get(l.zone);
    if (!zone || told.has(l.id)) return [];
    const [remedy, whole] = functionWork(l, anewRowOf(zone, 'function', tables.work));
    const times = whole * (poor.includes(l) ? POORLY : 1);
    const { safety } = l.of;
    return [
      { key: `works:${l.id}`, sort: 'function', zone: l.zone, of: l.id, family: 'function', remedy, times, safety },
    ];
  });
}

const leakWork = (place: string): RemedyId =>
  OF_BRAKES.test(place) ? 'brake-axle' : BEHIND_GEARBOX.has(place) ? 'gasket-below' : 'gasket-above';

/** What mends the leak that a finding tells of, by the place that it names, else by where it is likeliest to come from. */
function leakFoundWork({ body }: StoredRecord<'finding'>, { leaks }: Judgement): RemedyId | null {
  if (!LEAK_FLAW.test(body.flaw)) return null;
  const named = leakPlaceNamed(body.where, leaks.layout);
  if (named) return leakWork(named);
  const likely = leaks.answer.sources.filter((s) => s.chance >= LEAKS_FROM && leaks.zones.get(s.place) === body.zone);
  return likely[0] ? leakWork(likely[0].place) : null;
}

function leakThings(judgement: Judgement): Made[] {
  const { answer, said, zones } = judgement.leaks;
  return answer.sources.flatMap((s): Made[] => {
    const zone = zones.get(s.place) ?? null;
    if (s.chance < LEAKS_FROM || zone === null || said.has(zone)) return [];
    const remedy = leakWork(s.place);
    const also = leakNames(s.place, judgement);
    return [{ key: `leak:${s.place}`, sort: 'leak', zone, of: s.place, family: 'function', remedy, times: 1, also }];
  });
}

function pieceThings({ bright: { begun, ledger } }: Judgement): Made[] {
  if (!begun) return [];
  return ledger.flatMap((l): Made[] => {
    const { record, zone, of } = l;
    if (!record || !zone || !of.base) return [];
    const { presence, faults } = record.body;
    const made = (work: readonly [RemedyId, number], n: number): Made => ({
      key: `${record.id}:${n}`,
      sort: 'piece',
      zone,
      of: l.piece,
      family: 'brightwork',
      remedy: work[0],
      times: work[1],
    });
    const anew = NEW_OF[of.base] ?? NEW;
    if (presence === 'missing') return [made(anew, 0)];
    // A wrong piece does its work: it is said.
    if (presence === 'wrong') return [{ ...made(anew, 0), livedWith: true }];
    return pieceRemedies(of.base, faults).remedies.flatMap((r, n) => {
      const work = r === 'replace' ? anew : PIECE_WORK[r];
      if (!work) return [];
      return [made(work[0] === 're-plate' && zone.startsWith('bumper') ? ['re-plate', BUMPER_TIMES] : work, n)];
    });
  });
}

function tireThings({ wheels: { tires }, findings }: Judgement): Made[] {
  const said = new Set(findings.all.filter((f) => f.body.flaw.startsWith('tire-')).map((f) => f.body.zone));
  return tires.flatMap((t): Made[] =>
    t.zone === null || said.has(t.zone) || (!WORN.has(t.worn) && t.body.faults.length === 0)
      ? []
      : [{ key: t.id, sort: 'tire', zone: t.zone, of: 'tire', family: 'soft', remedy: 'tire', times: 1 }],
  );
}

function hangThings({ fit, findings }: Judgement): Made[] {
  const said = new Set(findings.all.filter((f) => SHOWS_HANG.has(f.body.flaw)).map((f) => f.body.zone));
  return fit.panels.flatMap(({ zone, fit: hung }): Made[] => {
    const remedy = hung.ok ? HANGS[hung.verdict] : undefined;
    return !remedy || said.has(zone)
      ? []
      : [{ key: `hang:${zone}`, sort: 'hang', zone, of: 'hang', family: 'shape', remedy, times: 1 }];
  });
}

/**
 * All that could be put right of a judged car: its findings, what does not work, where it leaks, pieces of its ledger, tires
 * and panels that do not hang right; nothing that nobody stated. What a finding says of a place stands before what was
 * measured there. In the order of the plan's zones.
 */
export function thingsOf(judgement: Judgement): readonly Thing[] {
  const { plan, findings } = judgement;
  const zoneOf = (slug: string): Zone | undefined => plan.zones.get(slug);
  const found = findings.all.flatMap((f) => {
    const zone = zoneOf(f.body.zone);
    if (!zone) return [];
    const remedy = leakFoundWork(f, judgement);
    // For a damp seal nobody takes the gearbox out; it is watched.
    const livedWith = f.body.flaw === DAMP && remedy === 'gasket-below';
    return [{ ...ofFinding(f.id, f.body, zone), remedy, livedWith, also: alsoOf(f, judgement) }];
  });
  const made = [functionThings, leakThings, pieceThings, tireThings, hangThings].flatMap((of) => of(judgement));
  const order = new Map([...plan.zones.keys()].map((slug, i) => [slug, i]));
  return [
    ...found,
    ...made.flatMap(({ zone: slug, ...m }) => {
      const zone = zoneOf(slug);
      return zone ? [{ ...m, zone, finding: null }] : [];
    }),
  ].sort((a, b) => order.get(a.zone.slug)! - order.get(b.zone.slug)! || (a.key < b.key ? -1 : 1));
}
