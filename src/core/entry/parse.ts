import type { SideWords } from '@/words/vocabulary';
import type { Plan } from '../body/plan';
import type { Aspect, View } from '../body/zone';
import type { Evidence } from '../records/kinds/common';
import type { GapTool } from '../records/kinds/gap';
import type { BlockedBy } from '../records/kinds/look';
import { READING_LIMITS } from '../records/kinds/reading-limits';
import { type ThicknessUnit, toUm } from '../units/thickness';
import { gapClause } from './gap-clause';
import { ASPECT_TABLE, BLOCKED_TABLE, FLAW_TABLE, VIEW_TABLE } from './lexicon';
import { Line } from './line';
import { BLOCKED, FILLER, OK, TOLD, TOUCHED, UNDO } from './phrases';
import { takeZone } from './take-zone';
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
  | {
      kind: 'gap';
      zone: string;
      seam: string;
      /** Along the seam from its front, evenly; one flushness for all places, or one each. */
      /** What it was measured with; a feeler unless said. */
      by: Exclude<GapTool, 'photo'>;
      gapsMm: readonly number[];
      flushMm: readonly number[];
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
    const entry = gapClause(part, { ...context, zone }) ?? clause(list, { ...context, zone });
    items.push(...entry.items);
    problems.push(...entry.problems);
    const last = entry.items[entry.items.length - 1];
    if (last && 'zone' in last) zone = last.zone;
  }
  return { items: items.slice(0, MOST_ITEMS), problems };
}
