import { type ClaimWord, countedRatios, expectedInformation, posteriorOf, sensitiveTo, wordOf } from '../balance/weigh';
import { findings } from '../findings/model';
import { fit } from '../fit/model';
import { functions } from '../functions/model';
import { identity } from '../identity/model';
import type { StoredRecord } from '../kinds';
import { metal } from '../metal/model';
import { defineModel, lacking } from '../model/model';
import { paint } from '../paint/model';
import { recordsOf } from '../records/reduce';
import { type ClaimTable, claimTable } from './claim-table';
import type { ClaimContext, Reach, RecordMark } from './context';
import { REACHES } from './reach';
import { RECORD_MARKS } from './record-marks';

/** A mark as it lies in a claim's balance. */
export interface BalanceMark extends RecordMark {
  readonly says: string;
  readonly ratio: number;
  /** What it counts for beside others of its group. */
  readonly counted: number;
  readonly group: string;
  readonly where: string;
  /** If it were wrong, the word would be another. */
  readonly sensitive: boolean;
}

/** A look that was not taken yet, with what it is expected to tell, bits. */
export interface NextClaimLook {
  readonly look: string;
  readonly says: string;
  readonly bits: number;
}

export interface WeighedClaim {
  readonly record: StoredRecord<'claim'>;
  readonly posterior: number;
  readonly word: ClaimWord;
  readonly marks: readonly BalanceMark[];
  /** Of claims about the whole car: how far it was looked at; null of others. */
  readonly reach: Reach | null;
  /** The marks say more than half of the car can carry: the word stays open. */
  readonly narrow: boolean;
  readonly next: readonly NextClaimLook[];
  /** What paper would carry it; empty where none is known. */
  readonly paper: string;
}

const MOST_NEXT = 3;
const WORTH_BITS = 0.01;
/** A claim about the whole car is not carried beyond open by a part of it. */
const NARROW_MOST = 0.75;

type Look = ClaimTable['looks'][string];
type Found = RecordMark & { readonly look: string; readonly where: string };

/** Marks found by hand: those of the table; the others are shown as not understood. */
function byHand(proofs: readonly StoredRecord<'proof'>[], looks: readonly (readonly [string, Look])[]): Found[] {
  return proofs.flatMap(({ id, body }) => {
    const own = looks.find(([, l]) => body.mark in l.marks);
    return own
      ? [{ id: body.mark, zone: body.zone, records: [id], withheld: false, look: own[0], where: body.where }]
      : [];
  });
}

function weighClaim(
  record: StoredRecord<'claim'>,
  context: ClaimContext,
  proofs: readonly StoredRecord<'proof'>[],
  t: ClaimTable,
): WeighedClaim {
  const { kind } = record.body;
  const { odds, whole, paper } = t.kinds[kind]!;
  const looks = Object.entries(t.looks)
    .filter(([, l]) => l.claims.includes(kind))
    .sort(([a], [b]) => (a < b ? -1 : 1));
  const found: Found[] = [
    ...looks.flatMap(([name]) =>
      (RECORD_MARKS[name]?.(context, record.body) ?? []).map((m) => ({ ...m, look: name, where: '' })),
    ),
    ...byHand(proofs, looks),
  ];
  const marks = found.flatMap((f) => {
    const own = t.looks[f.look]!;
    const of = own.marks[f.id];
    return of ? [{ ...f, says: of.says, ratio: of.ratio, group: own.group }] : [];
  });
  const counted = countedRatios(marks);
  const asMarked = posteriorOf(odds, marks);
  const reach = REACHES[kind]?.(context) ?? null;
  const narrow = reach !== null && whole !== null && reach.seen < whole * reach.of && asMarked > NARROW_MOST;
  const posterior = narrow ? NARROW_MOST : asMarked;
  const word = wordOf(posterior, marks.length);
  const sensitive = new Set(sensitiveTo(odds, marks, word));
  const answered = new Set(marks.map((m) => m.look));
  const next = looks
    .flatMap(([look, l]) => {
      if (answered.has(look)) return [];
      const outcomes = Object.entries(l.marks).map(([id, m]) => ({ id, ratio: m.ratio, ifTrue: m.ifTrue }));
      const bits = expectedInformation(odds, marks, l.group, outcomes);
      return bits >= WORTH_BITS ? [{ look, says: l.says, bits }] : [];
    })
    .sort((a, b) => b.bits - a.bits || (a.look < b.look ? -1 : 1))
    .slice(0, MOST_NEXT);
  return {
    record,
    posterior,
    word,
    marks: marks.map((m, i) => ({ ...m, counted: counted[i]!, sensitive: !narrow && sensitive.has(i) })),
    reach,
    narrow,
    next,
    paper,
  };
}

/** How far the evidence carries what the seller says, claim by claim. */
export const claims = defineModel({
  reads: ['claim', 'proof', 'mark', 'finding', 'gap', 'reading', 'paper', 'visit'],
  needs: { paint, metal, fit, functions, findings, identity },
  tables: { claims: claimTable },
  judge: ({ plan, records, car }, { claims: t }, needs) => {
    const proofs = recordsOf(records, 'proof');
    const known = new Set(Object.values(t.looks).flatMap((l) => Object.keys(l.marks)));
    const context: ClaimContext = { plan, records, car, ...needs };
    return {
      all: recordsOf(records, 'claim').map((c) => weighClaim(c, context, proofs, t)),
      odd: proofs.filter((p) => !known.has(p.body.mark)),
      table: t,
    };
  },
  missing: {
    'claims-untested': (judged) => {
      const open = judged ? judged.all.filter((c) => c.word === 'untested' && c.record.body.kind !== 'other') : [];
      return lacking(open.length, { detail: open[0]?.record.body.text.slice(0, 60) ?? '' });
    },
    'proof-not-understood': (judged) => lacking(judged?.odd.length ?? 0, { detail: judged?.odd[0]?.body.mark ?? '' }),
  },
});
export type JudgedClaims = ReturnType<typeof claims.judge>;
