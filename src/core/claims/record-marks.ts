import { flawById } from '../catalogue/flaws/by-id';
import { MARKS, type MarkId } from '../catalogue/marks';
import { visitedOn } from '../identity/model';
import { mileageOf } from '../identity/past';
import type { BodyOf } from '../kinds';
import { FLAWS_AGAINST } from '../paint/marks';
import { recordsOf } from '../records/reduce';
import { TELLING_LETTERS, wordsOf } from '../records/words-of';
import { CHANCE, type ClaimContext, MOST, NEARLY_ALL, panels, type RecordMark } from './context';
import { splitClaims } from './split';

type Claim = BodyOf<'claim'>;
type MarksOf = (c: ClaimContext, claim: Claim) => readonly RecordMark[];

const mark = (id: string, more: Partial<RecordMark> = {}): RecordMark => ({
  id,
  zone: null,
  records: [],
  withheld: false,
  ...more,
});

const readingsOf = ({ records }: ClaimContext, zone: string) =>
  recordsOf(records, 'reading').flatMap((r) => (r.body.zone === zone ? [r.id] : []));

/** Panels whose film speaks against the works' paint, as marks; without any, the share of all panels that speak for it. */
function byFilm(c: ClaimContext, filled: string, later: string) {
  const all = panels(c);
  const judged = all.flatMap((p) => (p.state ? [{ slug: p.slug, state: p.state }] : []));
  const against = judged.flatMap(({ slug, state }) => {
    const id = state.filled! > CHANCE.filled ? filled : state.factory! < CHANCE.later ? later : null;
    return id ? [mark(id, { zone: slug, records: readingsOf(c, slug) })] : [];
  });
  const works = judged.filter((p) => p.state.factory! >= CHANCE.works).length / Math.max(1, all.length);
  return { against, works };
}

const film: MarksOf = (c) => {
  const { against, works } = byFilm(c, 'film-panel-filled', 'film-panel-later');
  if (against.length > 0) return against;
  const id = works >= NEARLY_ALL ? 'film-works-throughout' : works >= MOST ? 'film-works-mostly' : null;
  return id ? [mark(id)] : [];
};

const paintMarks =
  (ids: readonly MarkId[], as: string): MarksOf =>
  ({ records }) =>
    recordsOf(records, 'mark').flatMap((m) =>
      ids.includes(m.body.mark) ? [mark(as, { zone: m.body.zone, records: [m.id] })] : [],
    );
const ofThemes = (themes: readonly string[], speaks: 'for' | 'against') =>
  (Object.keys(MARKS) as MarkId[]).filter((id) => themes.includes(MARKS[id].theme) && MARKS[id].speaks === speaks);
const both =
  (...ways: readonly MarksOf[]): MarksOf =>
  (c, claim) =>
    ways.flatMap((w) => w(c, claim));

const findingsOf =
  (pick: (flaw: string) => boolean, as: string): MarksOf =>
  ({ records }) =>
    recordsOf(records, 'finding').flatMap((f) =>
      pick(f.body.flaw) ? [mark(as, { zone: f.body.zone, records: [f.id], withheld: f.body.withheld !== null })] : [],
    );

/** Colour differences, ΔE00, that two panels of one paint do not show, and that nobody sees. */
const COLOUR = { differs: 3, alike: 2 } as const;
const LEAST_COMPARED = 2;
const measuredColour: MarksOf = ({ records }) => {
  const all = recordsOf(records, 'colour');
  const other = all.filter((c) => c.body.deltaE.low > COLOUR.differs);
  if (other.length > 0) return other.map((c) => mark('colours-differ', { zone: c.body.zone, records: [c.id] }));
  return all.length >= LEAST_COMPARED && all.every((c) => c.body.deltaE.high < COLOUR.alike)
    ? [mark('colours-alike', { records: all.map((c) => c.id) })]
    : [];
};

const engineNumber: MarksOf = ({ identity: { engine, numbers } }) => {
  const records = numbers.filter((n) => n.record.body.place === 'engine-stamp').map((n) => n.record.id);
  const id = {
    original: 'engine-by-rule',
    another: 'engine-another',
    'wrong-type': 'engine-other-type',
    'right-type':
      engine.is === 'right-type' && engine.plausible
        ? 'engine-type-and-year'
        : engine.is === 'right-type' && engine.years.length > 0
          ? 'engine-type-other-year'
          : null,
    'look-again': null,
    'not-told': null,
  }[engine.is];
  return id ? [mark(id, { zone: 'engine', records })] : [];
};

const stamping: MarksOf = ({ identity }) =>
  identity.numbers.flatMap(({ record: { id, body } }) => {
    if (body.place !== 'engine-stamp' || !body.stamping) return [];
    if (body.stamping === 'undisturbed') return [mark('stamp-undisturbed', { zone: 'engine', records: [id] })];
    return body.stamping === 'ground' || body.stamping === 'restamped'
      ? [mark('stamp-ground', { zone: 'engine', records: [id] })]
      : [];
  });

const plateHeld: MarksOf = ({ identity }) =>
  identity.numbers.flatMap(({ record: { id, body } }) =>
    body.fastening === null || !['chassis-plate', 'trim-plate'].includes(body.place)
      ? []
      : [
          mark(body.fastening === 'rivets-works' ? 'plate-rivets-works' : 'plate-disturbed', {
            zone: body.zone,
            records: [id],
          }),
        ],
  );

const casting: MarksOf = ({ identity }) =>
  identity.dates.flatMap(({ record, fit }) =>
    record.body.part === 'casting.block' && fit
      ? [
          mark({ fits: 'casting-fits', 'too-late': 'casting-late', 'too-early': 'casting-early' }[fit], {
            zone: 'engine',
            records: [record.id],
          }),
        ]
      : [],
  );

/** The distance that a claim names, and its unit; null: that which is shown. */
export function claimedMileage({ text }: Pick<Claim, 'text'>, shownIn: 'km' | 'mi') {
  const figure = splitClaims(text).find((s) => s.kind === 'mileage')?.figure ?? null;
  if (figure === null) return null;
  const unit = /\b(km|kilomet)/i.test(text)
    ? ('km' as const)
    : /\b(mi|miles?)\b/i.test(text)
      ? ('mi' as const)
      : shownIn;
  return { claim: figure, unit };
}

const chain: MarksOf = ({ identity, records, car }, claim) => {
  const papers = recordsOf(records, 'paper');
  const answer = mileageOf(
    car,
    papers,
    visitedOn(records),
    identity.built?.from ?? null,
    claimedMileage(claim, car?.odometer?.unit ?? 'mi'),
    identity.odometerNumbers,
  );
  const on = papers.filter((p) => p.body.odometer).map((p) => p.id);
  if (!answer) return [];
  if (answer.status === 'supported') return [mark('chain-carries', { records: on })];
  return answer.status === 'contradicted' ? [mark('chain-contradicts', { records: on })] : [];
};

/** Corrosion of steel, by how far it went; aluminium swells where it touches steel and does not rust. */
const isRust = (flaw: string, deep: boolean): boolean => {
  const stage = flawById(flaw).stage;
  return stage !== undefined && flaw !== 'galvanic' && (deep ? stage >= 2 : stage < 2);
};
const weakSound: MarksOf = ({ metal }) => {
  const sound = metal.places.filter((p) => p.state === 'sound').length / Math.max(1, metal.places.length);
  return sound >= NEARLY_ALL ? [mark('weak-spots-sound')] : sound >= MOST ? [mark('weak-spots-partly')] : [];
};
const SOUND: ReadonlySet<string> = new Set(['sound', 'weathering']);
const REPAIRED: ReadonlySet<string> = new Set(['disguised-repair', 'patch-well', 'patch-poorly']);
const LEAST_TESTS = 3;
const metalTests: MarksOf = ({ metal }) => {
  const told = metal.spots.flatMap((s) => (s.reading.ok ? [{ ...s, verdict: s.reading.verdict }] : []));
  const repaired = told.filter((s) => REPAIRED.has(s.verdict));
  if (repaired.length > 0) return repaired.map((s) => mark('old-patches', { zone: s.zone, records: [s.id] }));
  return told.length >= LEAST_TESTS && told.every((s) => SOUND.has(s.verdict))
    ? [mark('metal-tests-sound', { records: told.map((s) => s.id) })]
    : [];
};

const hitPanels: MarksOf = (c) => {
  const { against, works } = byFilm(c, 'panels-filled', 'panels-later');
  if (against.length > 0) return against;
  return works >= NEARLY_ALL ? [mark('panels-untouched')] : [];
};
const hung: MarksOf = ({ fit, records }) => {
  const told = fit.panels.filter((p) => p.fit.ok);
  const gaps = recordsOf(records, 'gap').map((g) => g.id);
  const past = told.filter((p) => p.fit.ok && ['reshape', 'beyond-slots'].includes(p.fit.verdict));
  if (past.length > 0) return past.map((p) => mark('gaps-past-adjusting', { zone: p.zone, records: gaps }));
  return told.length >= 2 && told.every((p) => p.fit.ok && p.fit.verdict === 'good')
    ? [mark('gaps-good', { records: gaps })]
    : [];
};

/** Flaws by which a car was hit, whatever was done about it since. */
const BENT: ReadonlySet<string> = new Set(['rail-kinked', 'corner-replaced', 'tie-down-torn', 'impact-damage']);
/** Flaws that show that a panel was sprayed again, where no gauge reads too. */
const SPRAYED: ReadonlySet<string> = new Set([
  'overspray',
  'masking-line',
  'painted-over',
  'colour-under-chip',
  'colour-mismatch',
  'sand-scratches',
]);
const PATCH = /patch/;

const workSeen: MarksOf = ({ identity: { restored } }) =>
  restored.length > 0 ? [mark('work-entered', { records: restored.map((r) => r.id) })] : [];
const workOnPaper: MarksOf = ({ identity: { restored }, records }, claim) => {
  const bills = recordsOf(records, 'paper').filter(
    (p) => p.body.seen !== 'told' && (p.body.sort === 'bill' || p.body.sort === 'old-photo'),
  );
  const on =
    claim.kind === 'restored'
      ? [...restored.filter((r) => r.body.papers), ...bills]
      : bills.filter((b) => speaksOf(b.body.says, claim.text));
  return on.length > 0 ? [mark('work-on-paper', { records: on.map((r) => r.id) })] : [];
};
/** Words that papers and claims share about anything. */
const OF_ALL: ReadonlySet<string> = new Set(['replaced', 'renewed', 'rebuilt', 'with', 'last', 'year']);
function speaksOf(paper: string, claim: string): boolean {
  const own = wordsOf(claim, TELLING_LETTERS);
  return [...wordsOf(paper, TELLING_LETTERS)].some((w) => own.has(w) && !OF_ALL.has(w));
}

/** How many keepers papers name against how many are told. */
const owners: MarksOf = ({ records }, claim) => {
  const told = splitClaims(claim.text).find((s) => s.kind === 'owners')?.figure ?? null;
  const papers = recordsOf(records, 'paper').filter((p) => p.body.owner !== '' && p.body.seen !== 'told');
  const named = new Set(papers.map((p) => p.body.owner.trim().toLowerCase()));
  if (told === null || named.size === 0) return [];
  const on = { records: papers.map((p) => p.id) };
  if (named.size > told) return [mark('owners-more', on)];
  return named.size === told ? [mark('owners-by-papers', on)] : [];
};

const works: MarksOf = ({ functions: { begun, asked, dead, poor, untried } }) => {
  if (!begun) return [];
  const bad = [...dead, ...poor];
  if (bad.length > 0)
    return bad.map((l) => mark('something-does-not', { zone: l.zone, records: l.record ? [l.record.id] : [] }));
  const records = asked.flatMap((l) => (l.record ? [l.record.id] : []));
  return [mark(untried.length === 0 ? 'all-tried-works' : 'tried-works', { records })];
};

const partLook: MarksOf = ({ identity: { parts } }, claim) => {
  const own = parts.filter((p) => p.body.part !== null && speaksOf(p.body.part.replaceAll('-', ' '), claim.text));
  return own.map((p) => mark(p.body.state === 'factory' ? 'part-original' : 'part-newer', { records: [p.id] }));
};

/** Marks by the look that they answer. A new one is a line here and its look in the table. */
export const RECORD_MARKS: Readonly<Record<string, MarksOf>> = {
  film,
  'paint-jamb': both(paintMarks(['jamb-same'], 'jamb-same-colour'), paintMarks(['jamb-other'], 'jamb-other-colour')),
  'paint-fasteners': both(
    paintMarks(['fasteners-untouched'], 'bolts-undisturbed'),
    paintMarks(['fasteners-turned'], 'bolts-turned'),
  ),
  'paint-traces': both(
    findingsOf((f) => f in FLAWS_AGAINST && FLAWS_AGAINST[f]! <= 0.1, 'traces-of-spraying'),
    paintMarks(ofThemes(['stripe', 'underside', 'sealer'], 'against'), 'traces-of-spraying'),
    paintMarks(ofThemes(['stripe', 'label', 'runs', 'sealer', 'underside', 'chip'], 'for'), 'signs-of-the-works'),
  ),
  'paint-colour': measuredColour,
  'engine-number': engineNumber,
  'engine-stamping': stamping,
  'engine-casting': casting,
  'odometer-chain': chain,
  rust: both(
    findingsOf((f) => isRust(f, true), 'rust-through'),
    findingsOf((f) => isRust(f, false), 'rust-surface'),
    weakSound,
  ),
  'rust-repairs': both(
    findingsOf((f) => PATCH.test(f), 'old-patches'),
    metalTests,
  ),
  structure: both(
    findingsOf((f) => BENT.has(f), 'structure-bent'),
    findingsOf((f) => f === 'filler-visible', 'panels-filled'),
    findingsOf((f) => SPRAYED.has(f), 'panels-later'),
    hitPanels,
  ),
  gaps: hung,
  'work-seen': workSeen,
  'work-papers': workOnPaper,
  'owners-papers': owners,
  'plate-held': plateHeld,
  works,
  'part-look': partLook,
};
