import type { SideWords } from '@/words/vocabulary';
import type { Plan } from '../body/plan';
import { nearestZone } from '../body/slugs';
import type { Aspect, View } from '../body/zone';
import type { Evidence } from '../records/kinds/common';
import type { BlockedBy } from '../records/kinds/look';
import { READING_LIMITS } from '../records/kinds/reading-limits';
import { type ThicknessUnit, toUm } from '../units/thickness';
import {
  ASPECT_TABLE,
  BLOCKED_TABLE,
  FLAW_TABLE,
  PART_TABLE,
  type PhraseTable,
  SIDE_TABLE,
  VIEW_TABLE,
  zoneKey,
  zonesMeant,
} from './lexicon';
import { type Token, tokens } from './tokens';

/** What the line is read against. */
export interface EntryContext {
  readonly plan: Plan;
  /** The zone in hand; a line without a zone means this one. */
  readonly zone: string | null;
  /** Unit of bare thickness figures. */
  readonly unit: ThicknessUnit;
  readonly ceilingUm: number;
  readonly steering: 'left' | 'right';
  readonly kerb: 'left' | 'right';
  readonly sides?: SideWords;
}

export type EntryItem =
  | {
      kind: 'reading';
      zone: string;
      state: 'read' | 'over' | 'none';
      thicknessUm: number | null;
      typed: { text: string; unit: ThicknessUnit };
      askUnit: boolean;
    }
  | {
      kind: 'replace-last';
      zone: string;
      state: 'read' | 'over' | 'none';
      thicknessUm: number | null;
      typed: { text: string; unit: ThicknessUnit };
      askUnit: boolean;
    }
  | {
      kind: 'look';
      zone: string;
      aspects: readonly Aspect[];
      outcome: 'clean' | 'blocked';
      why: BlockedBy | null;
      note: string;
    }
  | {
      kind: 'finding';
      zone: string;
      flaw: string;
      count: number;
      sizeMm: number | null;
      share: number | null;
      where: string;
      touchedIn: boolean;
      visibleFromM: number | null;
      evidence: Evidence;
    }
  | { kind: 'go'; zone: string }
  | { kind: 'undo' };

export type EntryProblem =
  | { kind: 'no-zone' }
  | { kind: 'which-zone'; candidates: readonly string[] }
  | { kind: 'no-such-zone'; nearest: string }
  | { kind: 'not-understood'; words: string }
  | { kind: 'absurd'; text: string }
  | { kind: 'nothing-to-replace' };

export interface Entry {
  readonly items: readonly EntryItem[];
  readonly problems: readonly EntryProblem[];
}

const MOST_ITEMS = 200;

/** A cursor over the line's words; phrases are taken out as they are understood. */
class Line {
  readonly left: (Token | null)[];
  constructor(list: readonly Token[]) {
    this.left = [...list];
  }
  /** Takes the first place where one of the phrases stands whole; longer phrases first. */
  take<T>(table: PhraseTable<T>): { value: T; at: number } | null {
    for (const [words, value] of table) {
      for (let i = 0; i + words.length <= this.left.length; i++) {
        if (words.every((w, k) => this.left[i + k]?.kind === 'word' && this.left[i + k]?.text === w)) {
          for (let k = 0; k < words.length; k++) this.left[i + k] = null;
          return { value, at: i };
        }
      }
    }
    return null;
  }
  /** Takes a phrase only at the first word that is left. */
  takeFirst<T>(table: PhraseTable<T>): T | null {
    const i = this.left.findIndex((t) => t !== null);
    for (const [words, value] of table) {
      if (i >= 0 && words.every((w, k) => this.left[i + k]?.kind === 'word' && this.left[i + k]?.text === w)) {
        for (let k = 0; k < words.length; k++) this.left[i + k] = null;
        return value;
      }
    }
    return null;
  }
  rest(): Token[] {
    return this.left.filter((t): t is Token => t !== null);
  }
  words(): string {
    return this.rest()
      .map((t) => t.raw)
      .join(' ');
  }
}

const flag = (...phrases: string[]): PhraseTable<true> =>
  phrases.map((p) => [p.split(' '), true] as const).sort((a, b) => b[0].length - a[0].length);
const OK = flag('ok', 'okay', 'clean', 'good', 'fine', 'seen and clean', 'all good', 'nothing');
const BLOCKED = flag('blocked', 'not seen', 'cannot see', "can't see", 'no access', 'hidden');
const UNDO = flag('undo', 'scratch that', 'strike that');
const FILLER = flag(
  'the',
  'a',
  'an',
  'is',
  'at',
  'on',
  'has',
  'and',
  'there is',
  'reads',
  'reading',
  'readings',
  'with',
  'side',
);
const TOUCHED = flag('touched in', 'touched up', 'touched');
const TOLD: PhraseTable<Evidence> = [
  [['told'], 'told'],
  [['says', 'seller'], 'told'],
  [['inferred'], 'inferred'],
  [['measured'], 'measured'],
];

type Sided = 'left' | 'right' | 'driver' | 'passenger' | 'near' | 'off';

function actualSide(side: Sided, { steering, kerb }: EntryContext): 'left' | 'right' {
  const other = (s: 'left' | 'right') => (s === 'left' ? 'right' : 'left');
  switch (side) {
    case 'driver':
      return steering;
    case 'passenger':
      return other(steering);
    case 'near':
      return kerb;
    case 'off':
      return other(kerb);
    default:
      return side;
  }
}

type ZoneFound = { ok: true; zone: string | null; named: boolean } | { ok: false; problem: EntryProblem };

/** Takes the zone's words out of the line. */
function takeZone(line: Line, context: EntryContext): ZoneFound {
  const slug = line.rest().find((t) => t.kind === 'word' && context.plan.zones.has(t.text));
  if (slug) {
    line.left[line.left.indexOf(slug)] = null;
    return { ok: true, zone: slug.text, named: true };
  }
  const first = line.rest()[0];
  if (first && /^[a-z]+(\.[a-z]+)+$/.test(first.text)) {
    return {
      ok: false,
      problem: { kind: 'no-such-zone', nearest: nearestZone(first.text, context.plan.zones.keys()) },
    };
  }
  let part = line.take(PART_TABLE)?.value ?? null;
  let side: 'left' | 'right' | null = null;
  let end: 'front' | 'rear' | null = null;
  for (let guard = 0; guard < 4; guard++) {
    if (part !== null && side !== null && end !== null) break;
    const found = line.take(SIDE_TABLE);
    if (!found) break;
    side = found.value.side ? actualSide(found.value.side, context) : side;
    end = found.value.end ?? end;
    part = part ?? found.value.part ?? null;
  }
  if (part === null) return sideOfTheZoneInHand(side, end, context);
  return settle(part, side, end, context);
}

function sideOfTheZoneInHand(
  side: 'left' | 'right' | null,
  end: 'front' | 'rear' | null,
  context: EntryContext,
): ZoneFound {
  if (side === null && end === null) return { ok: true, zone: context.zone, named: false };
  if (context.zone === null) return { ok: false, problem: { kind: 'no-zone' } };
  const key = zoneKey(context.zone);
  return settle(key.part, side ?? key.side, end ?? key.end, context);
}

function settle(
  part: string,
  side: 'left' | 'right' | null,
  end: 'front' | 'rear' | null,
  context: EntryContext,
): ZoneFound {
  let meant = zonesMeant(context.plan, { part, side, end });
  const whole = meant.filter((z) => zoneKey(z).side === null);
  if (side === null && whole.length > 0) meant = whole;
  if (meant.length > 1 && context.zone) {
    const here = zoneKey(context.zone);
    const near = meant.filter(
      (z) =>
        zoneKey(z).side === (side ?? here.side) && (end !== null || here.end === null || zoneKey(z).end === here.end),
    );
    if (near.length === 1) meant = near;
  }
  if (meant.length === 1) return { ok: true, zone: meant[0]!, named: true };
  if (meant.length > 1) return { ok: false, problem: { kind: 'which-zone', candidates: meant } };
  return {
    ok: false,
    problem: {
      kind: 'no-such-zone',
      nearest: nearestZone([part, side, end].filter(Boolean).join('.'), context.plan.zones.keys()),
    },
  };
}

function looks(line: Line, outcome: 'clean' | 'blocked', context: EntryContext): Entry {
  const why = outcome === 'blocked' ? (line.take(BLOCKED_TABLE)?.value ?? null) : null;
  const aspects: Aspect[] = [];
  for (let a = line.take(ASPECT_TABLE); a; a = line.take(ASPECT_TABLE)) aspects.push(a.value);
  const found = takeZone(line, context);
  let zones: string[] = [];
  if (found.ok && found.named && found.zone) zones = [found.zone];
  else {
    const view = line.take(VIEW_TABLE)?.value;
    if (view) zones = [...context.plan.lap[view as View]];
    else if (!found.ok) return { items: [], problems: [found.problem] };
    else if (found.zone) zones = [found.zone];
  }
  while (line.take(FILLER));
  const note = line.words();
  if (zones.length === 0) return { items: [], problems: [{ kind: 'no-zone' }] };
  if (note && outcome === 'clean') return { items: [], problems: [{ kind: 'not-understood', words: note }] };
  const items = zones.map((zone): EntryItem => {
    const own = context.plan.zones.get(zone)!.aspects;
    return {
      kind: 'look',
      zone,
      aspects: aspects.length > 0 ? aspects : own,
      outcome,
      why: outcome === 'blocked' ? (why ?? 'other') : null,
      note,
    };
  });
  return { items, problems: [] };
}

function finding(line: Line, flaw: string, context: EntryContext): Entry {
  const touchedIn = line.take(TOUCHED) !== null;
  const evidence = line.take(TOLD)?.value ?? 'seen';
  let count: number | null = null;
  let sizeMm: number | null = null;
  let share: number | null = null;
  let visibleFromM: number | null = null;
  line.left.forEach((t, i) => {
    if (t?.kind !== 'number') return;
    const from = line.left[i - 1]?.text === 'from' || line.left[i - 1]?.text === 'visible';
    if (t.unit === 'm' && from && visibleFromM === null) {
      visibleFromM = t.value;
      line.left[i - 1] = null;
    } else if (t.unit === 'mm' || t.unit === 'cm' || t.unit === 'm' || t.unit === 'in') {
      if (sizeMm !== null) return;
      sizeMm = t.value * { mm: 1, cm: 10, m: 1000, in: 25.4 }[t.unit];
    } else if (t.unit === '%' && share === null) share = t.value / 100;
    else if (t.unit === null && count === null && Number.isInteger(t.value)) count = t.value;
    else return;
    line.left[i] = null;
  });
  line.take([[['visible'], true]]);
  const found = takeZone(line, context);
  if (!found.ok) return { items: [], problems: [found.problem] };
  if (found.zone === null) return { items: [], problems: [{ kind: 'no-zone' }] };
  while (line.takeFirst(FILLER));
  const absurd = badExtent(count, sizeMm, share, visibleFromM);
  if (absurd) return { items: [], problems: [{ kind: 'absurd', text: absurd }] };
  const item: EntryItem = {
    kind: 'finding',
    zone: found.zone,
    flaw,
    count: count ?? 1,
    sizeMm,
    share,
    where: line.words().slice(0, 160),
    touchedIn,
    visibleFromM,
    evidence,
  };
  return { items: [item], problems: [] };
}

function badExtent(
  count: number | null,
  sizeMm: number | null,
  share: number | null,
  visibleFromM: number | null,
): string | null {
  if (count !== null && (count < 1 || count > 9999)) return String(count);
  if (sizeMm !== null && (sizeMm <= 0 || sizeMm > 6000)) return `${sizeMm} mm`;
  if (share !== null && (share < 0 || share > 1)) return `${share * 100} %`;
  if (visibleFromM !== null && (visibleFromM < 0 || visibleFromM > 100)) return `${visibleFromM} m`;
  return null;
}

type Shown = Omit<Extract<EntryItem, { kind: 'reading' }>, 'kind' | 'zone'>;

function shownBy(token: Token, unit: ThicknessUnit, ceilingUm: number): Shown | 'again' | { absurd: string } | null {
  if (token.kind === 'word') {
    if (['over', 'max', 'ceiling', '>'].includes(token.text))
      return { state: 'over', thicknessUm: ceilingUm, typed: { text: token.raw, unit }, askUnit: false };
    if (['nr', 'none', 'n/r', 'noread'].includes(token.text))
      return { state: 'none', thicknessUm: null, typed: { text: token.raw, unit }, askUnit: false };
    return token.text === 'again' || token.text === 'no' || token.text === 'correction' ? 'again' : null;
  }
  if (token.unit !== null && token.unit !== 'um' && token.unit !== 'mil') return null;
  const own = token.unit ?? unit;
  const um = toUm(token.value, own);
  if (um < 0 || um > READING_LIMITS.highestUm) return { absurd: token.raw };
  const text = token.raw.replace(/[^\d.,-]/g, '');
  if (um >= ceilingUm) return { state: 'over', thicknessUm: ceilingUm, typed: { text, unit: own }, askUnit: false };
  return {
    state: 'read',
    thicknessUm: um,
    typed: { text, unit: own },
    askUnit: own === 'um' && um < READING_LIMITS.askBelowUm,
  };
}

function thicknesses(line: Line, zone: string | null, context: EntryContext): Entry {
  // A unit named once after the last figure holds for the whole line.
  const named = line.rest().find((t) => t.kind === 'word' && (t.text === 'um' || t.text === 'mil'));
  if (named) line.left[line.left.indexOf(named)] = null;
  const unit = (named?.text as ThicknessUnit | undefined) ?? context.unit;
  const shown: Shown[] = [];
  const strange: string[] = [];
  let replace = false;
  let replaceStored: Shown | null = null;
  const problems: EntryProblem[] = [];
  for (const token of line.rest()) {
    const s = shownBy(token, unit, context.ceilingUm);
    if (s === null) strange.push(token.raw);
    else if (s === 'again') replace = true;
    else if ('absurd' in s) problems.push({ kind: 'absurd', text: s.absurd });
    else if (replace) {
      if (shown.length > 0) shown[shown.length - 1] = s;
      else replaceStored = s;
      replace = false;
    } else shown.push(s);
  }
  if (replace) problems.push({ kind: 'nothing-to-replace' });
  if (strange.length > 0) problems.push({ kind: 'not-understood', words: strange.join(' ') });
  if (zone === null && (shown.length > 0 || replaceStored)) problems.push({ kind: 'no-zone' });
  if (problems.length > 0 || zone === null) return { items: [], problems };
  const items: EntryItem[] = shown.map((s) => ({ kind: 'reading', zone, ...s }));
  if (replaceStored) items.unshift({ kind: 'replace-last', zone, ...replaceStored });
  if (items.length === 0) items.push({ kind: 'go', zone });
  return { items, problems: [] };
}

function clause(list: readonly Token[], context: EntryContext): Entry {
  const line = new Line(list);
  if (line.take(UNDO))
    return line.rest().length > 0
      ? { items: [], problems: [{ kind: 'not-understood', words: line.words() }] }
      : { items: [{ kind: 'undo' }], problems: [] };
  if (line.take(BLOCKED)) return looks(line, 'blocked', context);
  const hasFigure = line
    .rest()
    .some((t) => t.kind === 'number' && (t.unit === null || t.unit === 'um' || t.unit === 'mil'));
  if (!hasFigure && line.take(OK)) return looks(line, 'clean', context);
  const over = line.rest().some((t) => t.text === 'over' || t.text === 'nr');
  const flaw = over ? null : (line.take(FLAW_TABLE)?.value ?? null);
  if (flaw) return finding(line, flaw, context);
  const found = takeZone(line, context);
  if (!found.ok) return { items: [], problems: [found.problem] };
  while (line.take(FILLER));
  return thicknesses(line, found.zone, context);
}

/**
 * Reads one line as typed or dictated: readings, findings, looks, `undo`; several sentences divided by `;`. Returns
 * what was understood and, if anything was not, why: then nothing of that sentence is offered. Never throws.
 */
export function parseEntry(text: string, context: EntryContext): Entry {
  const items: EntryItem[] = [];
  const problems: EntryProblem[] = [];
  let zone = context.zone;
  for (const part of text.slice(0, 2000).split(/[;\n]+/)) {
    const list = tokens(part);
    if (list.length === 0) continue;
    const entry = clause(list, { ...context, zone });
    items.push(...entry.items);
    problems.push(...entry.problems);
    const last = entry.items[entry.items.length - 1];
    if (last && 'zone' in last) zone = last.zone;
  }
  return { items: items.slice(0, MOST_ITEMS), problems };
}
