import type { Zone } from '../body/zone';
import { type PieceRemedy, pieceRemedies } from '../bright/piece-remedy';
import type { RemedyId } from '../catalogue/remedies';
import type { Judgement } from '../judge/judge';
import type { StoredRecord } from '../kinds';
import { reachOf } from '../leaks/reach';
import { anewRowOf } from '../work/effort';
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
  straighten: ['polish-metal', 1],
  'free-drain': ['refit', 1],
};
/** A bumper is re-plated whole; other pieces are a share of one. */
const BUMPER_TIMES = 1;
/** New pieces of these bases are work of their own. */
const NEW_OF: Readonly<Record<string, RemedyId>> = { glass: 'pane', rubber: 'seal', felt: 'seal' };
/** A function that works poorly takes half of one that is dead. */
const POORLY = 0.5;
/** From this chance on a place counts as where it leaks. */
const LEAKS_FROM = 0.5;
const WORN: ReadonlySet<string> = new Set(['worn-out']);
const HANGS: Readonly<Record<string, RemedyId>> = { adjust: 'adjust', partly: 'adjust', 'beyond-slots': 'hinges' };
const SHOWS_HANG: ReadonlySet<string> = new Set(['gap-uneven', 'proud', 'drops', 'hard-shut']);

type Made = Omit<Thing, 'zone' | 'finding'> & { readonly zone: string };

const LEAK_FLAW = /^leak-/;

/** Names of the places where a leak shows: where it comes out and where it runs to. */
const leakNames = (place: string, { leaks: { layout } }: Judgement): string[] =>
  layout.has(place) ? [...reachOf(layout, place, 1).keys()].map((p) => `leak:${p}`) : [`leak:${place}`];

/** What a finding says of a place stands for what was measured there too: it is put right with it. */
function alsoOf({ body }: StoredRecord<'finding'>, judgement: Judgement): readonly string[] {
  const { leaks, wheels } = judgement;
  if (LEAK_FLAW.test(body.flaw))
    return leaks.answer.sources.flatMap((s) =>
      leaks.zones.get(s.place) === body.zone ? leakNames(s.place, judgement) : [],
    );
  if (body.flaw.startsWith('tire-')) return wheels.tires.flatMap((t) => (t.zone === body.zone ? [t.id] : []));
  return [];
}

function functionThings({ functions: { begun, dead, poor, told }, plan, tables }: Judgement): Made[] {
  if (!begun) return [];
  return [...dead, ...poor].flatMap((l): Made[] => {
    const zone = plan.zones.get(l.zone);
    const row = zone && anewRowOf(zone, 'function', tables.work);
    if (!zone || told.has(l.id)) return [];
    const times = Math.max(POORLY, (row?.times ?? 1) * l.of.share) * (poor.includes(l) ? POORLY : 1);
    return [
      {
        key: `works:${l.id}`,
        sort: 'function',
        zone: l.zone,
        of: l.id,
        family: 'function',
        remedy: row?.remedy ?? 'small-electrical',
        times,
      },
    ];
  });
}

function leakThings(judgement: Judgement): Made[] {
  const { answer, said, zones } = judgement.leaks;
  return answer.sources.flatMap((s): Made[] => {
    const zone = zones.get(s.place) ?? null;
    if (s.chance < LEAKS_FROM || zone === null || said.has(zone)) return [];
    const below = /rear-main|front-seal|bellhousing|transmission|axle|steering/.test(s.place);
    const remedy: RemedyId = s.place.startsWith('brake') ? 'brake-axle' : below ? 'gasket-below' : 'gasket-above';
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
    const anew = NEW_OF[of.base] ?? 'trim-piece';
    if (presence === 'missing' || presence === 'wrong') return [made([anew, 1], 0)];
    return pieceRemedies(of.base, faults).remedies.flatMap((r, n) => {
      const work = r === 'replace' ? ([anew, 1] as const) : PIECE_WORK[r];
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
    return zone ? [{ ...ofFinding(f.id, f.body, zone), also: alsoOf(f, judgement) }] : [];
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
