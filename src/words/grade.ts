import type { Axis } from '@/core/catalogue/axes';
import type { Lens } from '@/core/grade/tables';
import type { Gate } from '@/core/judge/models';

export const AXIS_WORDS: Readonly<Record<Axis, string>> = {
  finish: 'finish',
  fit: 'fit',
  brightwork: 'brightwork',
  metal: 'metal',
  'glass-soft': 'glass and soft parts',
  cabin: 'cabin',
  running: 'running and function',
  underside: 'underside',
  authenticity: 'authenticity',
};

export const LENS_WORDS: Readonly<Record<Lens, string>> = {
  keeper: 'originality first',
  tourer: 'use first',
  show: 'finish first',
  project: 'completeness and metal first',
};

export const GATE_WORDS: Readonly<Record<Gate, string>> = {
  'structural-loss':
    'Structural loss caps the whole. Tell the consignment manager now; it stands on the report’s first page.',
  'unsafe-brakes': 'Unsafe brakes cap running. The car is not to be driven.',
  'no-identity': 'Without a chassis number authenticity is capped.',
};

/** The first thing a reader must know where structure is lost; the house is told to tell its manager instead. */
const FIRST_OF_ALL: Readonly<Partial<Record<Gate, string>>> = {
  'structural-loss':
    'Structural loss was found. The car is not to be driven or lifted by it before a qualified repairer has seen it.',
};

/** What a report says of a gate; its bare name where this program has no words for it. */
export const gateText = (gate: string): string => FIRST_OF_ALL[gate as Gate] ?? GATE_WORDS[gate as Gate] ?? gate;

/** A grade's interval in whole points; a grade that a gate holds down reads as at most that much. */
export function gradeFigures(grade: { readonly low: number | null; readonly high: number | null }): string {
  const [low, high] = [Math.round(grade.low ?? 0), Math.round(grade.high ?? 100)];
  return low === high ? `≤ ${high}` : `${low}–${high}`;
}

/**
 * The word of a grade's band; with a question mark where much was not seen, and no word at all below the share that the
 * tables ask for. Reports sealed before there was such a share have none.
 */
export function bandText(band: string, seen: number, fromSeen = 0): string {
  if (seen < fromSeen) return 'Too little seen';
  return seen < MUCH_SEEN ? `${band}?` : band;
}

/** Whether a rank among cars of its age may be said. */
export const rankIsSaid = (seen: number, fromSeen: number): boolean => seen >= fromSeen;

/** Share of all places seen from which a band stands without a question mark. */
const MUCH_SEEN = 0.9;
