import { flawById } from '@/core/catalogue/flaws/by-id';
import type { Evidence } from '@/core/kinds/common';
import { clip } from '@/core/records/clip';
import { countedName } from '@/words/flaws';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import { flawHere } from '../flaw-here';
import { ASPECT_TABLE, FAULT_TABLE, type Fault, FLAW_TABLE, THING_TABLE } from '../lexicon';
import { DESCRIBED, FILLER, HEDGED, PLACE_WORDS, TOLD, TOUCHED } from '../phrases';
import { takeZone } from '../take-zone';
import { BESIDE, type TokenCursor } from '../token-cursor';
import type { Token } from '../tokens';

const WHERE_LONGEST = 160;
/** Nobody counts more aloud: a larger figure before a flaw is a reading. */
const MOST_SPOKEN = 40;
const TO_MM = { mm: 1, cm: 10, m: 1000, in: 25.4 } as const;

interface FindingItem {
  readonly kind: 'finding';
  readonly zone: string;
  readonly flaw: string;
  readonly count: number;
  readonly sizeMm: number | null;
  readonly share: number | null;
  readonly where: string;
  readonly touchedIn: boolean;
  readonly visibleFromM: number | null;
  readonly evidence: Evidence;
  /** Quoted words and how it was described: kept with it, judged by nobody. */
  readonly note: string;
}

interface Extent {
  count: number | null;
  sizeMm: number | null;
  share: number | null;
  visibleFromM: number | null;
}

/** Takes count, size, share and distance out of the line; figures beyond one of each stay and stop the line. */
function takeExtent(line: TokenCursor, mostCount: number): Extent {
  const e: Extent = { count: null, sizeMm: null, share: null, visibleFromM: null };
  line.left.forEach((t, i) => {
    if (t?.kind !== 'number' || t.atLeast) return;
    const before = line.left[i - 1]?.text;
    const from = before === 'from' || before === 'visible';
    if (t.unit === 'm' && from && e.visibleFromM === null) {
      e.visibleFromM = t.value;
      line.left[i - 1] = null;
      if (line.left[i - 2]?.text === 'visible') line.left[i - 2] = null;
    } else if (t.unit === 'mm' || t.unit === 'cm' || t.unit === 'm' || t.unit === 'in') {
      if (e.sizeMm !== null) return;
      e.sizeMm = t.value * TO_MM[t.unit];
    } else if (t.unit === '%' && e.share === null) e.share = t.value / 100;
    else if (t.unit === null && e.count === null && Number.isInteger(t.value) && t.value <= mostCount)
      e.count = t.value;
    else return;
    line.left[i] = null;
  });
  return e;
}

function absurdOf({ count, sizeMm, share, visibleFromM }: Extent): string | null {
  if (count !== null && (count < 1 || count > 9999)) return String(count);
  if (sizeMm !== null && (sizeMm <= 0 || sizeMm > 6000)) return `${sizeMm} mm`;
  if (share !== null && (share < 0 || share > 1)) return `${share * 100} %`;
  if (visibleFromM !== null && (visibleFromM < 0 || visibleFromM > 100)) return `${visibleFromM} m`;
  return null;
}

function takeAll<T>(line: TokenCursor, table: readonly (readonly [readonly string[], T])[]): Token[] {
  const taken: Token[] = [];
  for (let found = line.take(table); found; found = line.take(table)) taken.push(...found.tokens);
  return taken;
}

/** Words of the aspects that flaws are of, by the flaws: made once, as a table is known by its self. */
const OF_FLAWS = new Map<string, typeof ASPECT_TABLE>();
function aspectsOf(flaws: readonly string[]): typeof ASPECT_TABLE {
  const key = flaws.join();
  const held = OF_FLAWS.get(key);
  if (held) return held;
  const of = new Set(flaws.flatMap((f) => flawById(f).aspects));
  const table = ASPECT_TABLE.filter(([, aspect]) => of.has(aspect));
  OF_FLAWS.set(key, table);
  return table;
}

/** A thing that works or does not, with the part of the car where it is looked at: "clock" at the dash. */
function takeThing(
  line: TokenCursor,
  context: EntryContext,
  fault: Fault | null,
): { words: string; home: string | null } {
  const thing = line.take(THING_TABLE);
  const words = [thing?.tokens.map((t) => t.raw).join(' ') ?? '', fault?.says ?? ''].filter(Boolean).join(' ');
  const home = thing?.value ?? fault?.home ?? null;
  return { words, home: home !== null && context.plan.zones.has(home) ? home : null };
}

/**
 * A flaw at a place, with its extent: `hood chip 3 2mm leading edge touched in`. `flaws` are those that the words can
 * mean; what the place is made of decides between them. Words of place stay with the finding, describing words and quoted
 * ones become its note. Refuses a figure or a word that nothing takes, a second place or flaw, and a flaw that the place
 * cannot have.
 */
function readFinding(
  line: TokenCursor,
  flaws: readonly string[],
  quoted: string,
  context: EntryContext,
  fault: Fault | null = null,
): Entry<FindingItem> {
  const touchedIn = line.take(TOUCHED) !== null;
  const told: Evidence | null = line.take(TOLD)?.value ?? null;
  const hedged: Evidence | null = line.take(HEDGED)?.value ?? null;
  if (told && hedged && told !== hedged) return refused({ kind: 'not-understood', words: line.words() });
  const extent = takeExtent(line, context.talk ? MOST_SPOKEN : Number.POSITIVE_INFINITY);
  const beside = line.takeBeside();
  // A clock that is dead is looked at on the dash; a dent is none of the clock's.
  const ofFunction = flaws.some((f) => flawById(f).aspects.includes('function'));
  const thing = ofFunction ? takeThing(line, context, fault) : { words: fault?.says ?? '', home: fault?.home ?? null };
  const found = takeZone(line, thing.home ? { ...context, zone: thing.home } : context, { several: true });
  if (!found.ok) return refused(found.problem);
  if (found.zone === null) return refused({ kind: 'no-zone' });
  // "The chrome is cloudy": what it is of is said by the flaw.
  takeAll(line, aspectsOf(flaws));
  const described = takeAll(line, DESCRIBED);
  while (line.take(FILLER));
  const absurd = absurdOf(extent);
  if (absurd) return refused({ kind: 'absurd', text: absurd });
  const rest = line.rest();
  if (rest.some((t) => t.kind === 'number')) return refused({ kind: 'figure-left', words: line.words() });
  if (line.has(FLAW_TABLE) || line.has(FAULT_TABLE)) return refused({ kind: 'not-understood', words: line.words() });
  const strange = rest.filter((t) => !PLACE_WORDS.has(t.text));
  if (strange.length > 0) {
    const second = takeZone(line.copy(), { ...context, zone: null });
    if (second.ok && second.named) return refused({ kind: 'two-places', words: line.words() });
    return refused({ kind: 'not-understood', words: strange.map((t) => t.raw).join(' ') });
  }
  const where = [thing.words, found.beside, line.words(), beside].filter(Boolean).join(' ');
  const note = [described.map((t) => t.raw).join(' '), quoted].filter(Boolean).join('. ');
  const items: FindingItem[] = [];
  for (const slug of found.all ?? [found.zone]) {
    const zone = context.plan.zones.get(slug)!;
    const here = flaws.filter((f) => flawHere(f, zone) !== null);
    if (here.length === 0) return refused({ kind: 'flaw-not-here', flaw: flaws[0]!, zone: slug });
    if (here.length > 1) return refused({ kind: 'which-flaw', candidates: here });
    items.push({
      kind: 'finding',
      zone: slug,
      flaw: here[0]!,
      count: extent.count ?? 1,
      sizeMm: extent.sizeMm,
      share: extent.share,
      where: clip(where, WHERE_LONGEST),
      touchedIn,
      visibleFromM: extent.visibleFromM,
      evidence: told ?? hedged ?? 'seen',
      note: clip(note, WHERE_LONGEST),
    });
  }
  // A count was said of them together: how many at each is not known.
  if (items.length > 1 && extent.count !== null) return refused({ kind: 'figure-left', words: String(extent.count) });
  return { items, problems: [] };
}

const isReading = (t: Token) => t.text === 'over' || t.text === 'nr' || (t.kind === 'number' && t.atLeast);

export const finding = defineClause<FindingItem>({
  words: [FLAW_TABLE, FAULT_TABLE, THING_TABLE, ASPECT_TABLE, TOUCHED, TOLD, HEDGED, DESCRIBED, 'visible from'],
  free: [...BESIDE],
  read: ({ line, quoted }, context) => {
    const beside = line.copy();
    // "Painted over" is no reading.
    beside.take(FLAW_TABLE);
    if (beside.rest().some(isReading)) return null;
    const fault = line.take(FAULT_TABLE)?.value ?? null;
    if (fault) return readFinding(line, [fault.flaw], quoted, context, fault);
    const flaws = line.take(FLAW_TABLE)?.value ?? null;
    return flaws ? readFinding(line, flaws, quoted, context) : null;
  },
  items: {
    finding: {
      placed: true,
      puts: ({ kind, ...body }, { place, at }) => [{ kind, body: { ...body, place, at } }],
      chips: (item, wording) => [
        countedName(item, wording.words),
        ...(item.sizeMm ? [`${item.sizeMm} mm`] : []),
        ...(item.share ? [`${Math.round(item.share * 100)} %`] : []),
        ...(item.where ? [item.where] : []),
        ...(item.touchedIn ? ['touched in'] : []),
        ...(item.visibleFromM ? [`seen from ${item.visibleFromM} m`] : []),
        ...(item.note ? [`“${item.note}”`] : []),
        ...(item.evidence === 'seen' ? [] : [item.evidence]),
      ],
      facts: (item) => [
        [
          'finding',
          item.zone,
          item.flaw,
          item.count > 1 ? `x${item.count}` : '',
          item.sizeMm === null ? '' : `${Math.round(item.sizeMm * 10) / 10}mm`,
          item.share === null ? '' : `${Math.round(item.share * 1000) / 10}%`,
        ]
          .filter(Boolean)
          .join(' '),
      ],
    },
  },
});
