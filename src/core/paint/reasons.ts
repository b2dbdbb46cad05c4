import { z } from 'zod';
import type { Estimate } from '../stats/estimate';
import { markRatio, type SeenMark } from './marks';
import { NONE_CAUSES, type NoneCause } from './no-reading';
import { PAINT_STATES, type PaintProfile, type PaintState } from './profiles';

const speaksFor = z.enum(PAINT_STATES);

/** One reason why a panel is judged as it is. `speaksFor` is the state that it makes likelier. */
export const reasonSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('level'), speaksFor, um: z.number(), atLeast: z.boolean() }),
  z.object({ kind: z.enum(['even', 'uneven', 'very-uneven']), speaksFor, spread: z.number() }),
  z.object({ kind: z.literal('ceiling'), speaksFor, over: z.number(), of: z.number() }),
  z.object({ kind: z.literal('car'), speaksFor, ratio: z.number(), atLeast: z.boolean().default(false) }),
  z.object({
    kind: z.literal('twin'),
    speaksFor,
    ratio: z.number(),
    p: z.number(),
    atLeast: z.boolean().default(false),
  }),
  z.object({
    kind: z.literal('silent'),
    speaksFor: speaksFor.nullable(),
    none: z.number(),
    cause: z.enum(NONE_CAUSES),
  }),
  /** Something seen on the panel: a mark or a flaw by its id; null where the report leaves out what it was. */
  z.object({ kind: z.literal('mark'), speaksFor, id: z.string().nullable() }),
  z.object({ kind: z.literal('few'), speaksFor: z.null(), lacks: z.number() }),
]);
export type PaintReason = z.infer<typeof reasonSchema>;

/** House values of what is worth saying. */
export const REASON_LIMITS = {
  /** Spread of ln within a panel up to which film lies as evenly as from a works line, and above which filler is likely. */
  evenUpTo: 0.16,
  fillerAbove: 0.36,
  /** Ratio to the car's own level or to the twin beyond which it is said. */
  apart: 1.35,
  /** Chance by luck below which a twin's difference is said. */
  twinP: 0.1,
  source: 'house starting value; film within 10 to 15 % from the works, 20 to 35 % by hand',
} as const;

export interface ReasonInput {
  readonly medianUm: Estimate;
  readonly spread: Estimate;
  readonly n: number;
  readonly over: number;
  readonly none: number;
  readonly lacks: number;
  readonly cause: NoneCause | null;
  readonly baselineUm: Estimate;
  readonly twin: { readonly ratio: number; readonly p: number; readonly atLeast: boolean } | null;
  /** What was seen on the panel for or against the works' paint. */
  readonly marks: readonly SeenMark[];
}

/** The reasons that moved a panel's state, strongest kind first, under one school's bands. Empty without readings. */
export function paintReasons(input: ReasonInput, profile: PaintProfile): PaintReason[] {
  const { medianUm, spread, n, over, none, cause, baselineUm, twin } = input;
  const reasons: PaintReason[] = [];
  const um = medianUm.value ?? medianUm.low;
  // A median above the gauge's ceiling is known from below only, and so is all that is told by it.
  const atLeast = medianUm.value === null;
  if (n > 0 && um !== null) {
    const { factory, resprayed, heavy } = profile.bandsUm;
    const state: PaintState =
      atLeast || um >= heavy ? 'filled' : um >= resprayed ? 'heavy' : um >= factory ? 'resprayed' : 'factory';
    reasons.push({ kind: 'level', speaksFor: state, um, atLeast });
  }
  if (over > 0) reasons.push({ kind: 'ceiling', speaksFor: 'filled', over, of: n });
  if (n >= 3 && spread.value !== null && over < n) {
    const kind =
      spread.value <= REASON_LIMITS.evenUpTo
        ? 'even'
        : spread.value > REASON_LIMITS.fillerAbove
          ? 'very-uneven'
          : 'uneven';
    const speaksFor = kind === 'even' ? 'factory' : kind === 'uneven' ? 'resprayed' : 'filled';
    reasons.push({ kind, speaksFor, spread: spread.value });
  }
  if (um !== null && baselineUm.value !== null) {
    const ratio = um / baselineUm.value;
    if (ratio >= REASON_LIMITS.apart) reasons.push({ kind: 'car', speaksFor: 'resprayed', ratio, atLeast });
  }
  if (twin && twin.p < REASON_LIMITS.twinP && Math.max(twin.ratio, 1 / twin.ratio) >= REASON_LIMITS.apart)
    reasons.push({ kind: 'twin', speaksFor: twin.ratio > 1 ? 'resprayed' : 'factory', ...twin });
  if (none > 0 && cause !== null)
    reasons.push({ kind: 'silent', speaksFor: cause === 'thick' ? 'filled' : null, none, cause });
  reasons.push(...markReasons(input.marks));
  if (input.lacks > 0) reasons.push({ kind: 'few', speaksFor: null, lacks: input.lacks });
  return reasons;
}

/** Each thing seen once, the most telling first. */
function markReasons(marks: readonly SeenMark[]): PaintReason[] {
  const told = new Map(marks.map((m) => [m.withheld ? `withheld ${m.id}` : m.id, m]));
  return [...told.values()]
    .map((m) => ({ ...m, says: Math.log(markRatio(m.id) ?? 1) }))
    .filter((m) => m.says !== 0)
    .sort((a, b) => Math.abs(b.says) - Math.abs(a.says))
    .map((m) => ({ kind: 'mark', speaksFor: m.says > 0 ? 'factory' : 'resprayed', id: m.withheld ? null : m.id }));
}
