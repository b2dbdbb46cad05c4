import { CHANGE_LIMITS } from '@/core/paint/change-along';
import type { WhyNext } from '@/core/paint/next';
import type { NoneCause } from '@/core/paint/no-reading';
import type { PanelChange } from '@/core/paint/panel-change';
import type { PaintReason } from '@/core/paint/reasons';
import { type ThicknessUnit, thicknessFigure, thicknessSign, thicknessText } from '@/core/units/thickness';
import { uncapital } from './capital';
import { seenText } from './marks';
import { PAINT_STATE_WORDS } from './terms';
import type { Vocabulary } from './vocabulary';

export const NONE_WORDS: Readonly<Record<NoneCause, string>> = {
  material: 'the gauge cannot read this material',
  'wrong-gauge': 'this gauge does not read on this metal',
  cold: 'it was too cold for the gauge',
  thick: 'the coating is likely above the gauge’s range',
  probe: 'the probe was likely not square: repeat the point',
};

const ratioFigure = (ratio: number): string => (ratio >= 10 ? String(Math.round(ratio)) : ratio.toFixed(1));
const times = (ratio: number, atLeast = false) => `${atLeast ? 'at least ' : ''}${ratioFigure(ratio)} times`;

/** From one figure to another, once where they read the same. */
const span = (from: string, to: string): string => (from === to ? to : `${from} to ${to}`);

const SPREAD_SAYS = {
  even: ['even', ', as from a works line'],
  uneven: ['uneven', ', as sprayed by hand'],
  'very-uneven': ['very uneven', ': a few points far above their neighbours'],
} as const;

/** How evenly the film lies on one panel, or on several from and to. */
function spreadText(kind: keyof typeof SPREAD_SAYS, least: number, most: number = least): string {
  const [lies, as] = SPREAD_SAYS[kind];
  const [from, to] = [Math.round(least * 100), Math.round(most * 100)];
  return `The film is ${lies} (spread ${span(String(from), String(to))} %)${as}.`;
}

/** A reason as a sentence that a bidder reads. */
export function reasonText(reason: PaintReason, unit: ThicknessUnit, words: Vocabulary): string {
  switch (reason.kind) {
    case 'level':
      return reason.atLeast
        ? `The film is thicker than the gauge can show (${thicknessText(reason.um, unit)}).`
        : `The median of ${thicknessText(reason.um, unit)} lies in the band of ${PAINT_STATE_WORDS[reason.speaksFor]} paint.`;
    case 'ceiling':
      return `${reason.over} of ${reason.of} readings stand at the gauge’s ceiling.`;
    case 'even':
    case 'uneven':
    case 'very-uneven':
      return spreadText(reason.kind, reason.spread);
    case 'car':
      return `It is ${times(reason.ratio, reason.atLeast)} as thick as the car’s own level.`;
    case 'twin':
      return reason.ratio > 1
        ? `It is ${times(reason.ratio, reason.atLeast)} as thick as the same panel on the other side.`
        : `The same panel on the other side is ${times(1 / reason.ratio, reason.atLeast)} as thick.`;
    case 'silent':
      return `${reason.none} ${reason.none === 1 ? 'point' : 'points'} showed nothing: ${NONE_WORDS[reason.cause]}.`;
    case 'mark':
      return reason.id === null
        ? 'Something left out of this report speaks against the works’ paint.'
        : `Seen: ${seenText(reason.id, words)}.`;
    case 'few':
      return `${reason.lacks} more ${reason.lacks === 1 ? 'reading is' : 'readings are'} needed before it can be relied on.`;
  }
}

/** The figure by which a reason differs between panels that it is told of together; null where it is none. */
function figureOf(r: PaintReason): number | null {
  if ('spread' in r) return r.spread;
  if ((r.kind === 'level' || r.kind === 'car') && !r.atLeast) return r.kind === 'level' ? r.um : r.ratio;
  return null;
}

/** What a reason has in common with the same one of another panel. */
const alikeKey = (r: PaintReason): string => (figureOf(r) === null ? JSON.stringify(r) : `${r.kind} ${r.speaksFor}`);

/** One reason of several panels, with its figures from and to. */
function sharedText(same: readonly PaintReason[], unit: ThicknessUnit, words: Vocabulary): string {
  const [first] = same as readonly [PaintReason, ...PaintReason[]];
  const figures = same.flatMap((r) => figureOf(r) ?? []);
  const [least, most] = [Math.min(...figures), Math.max(...figures)];
  if (same.length === 1 || figures.length === 0) return reasonText(first, unit, words);
  if ('spread' in first) return spreadText(first.kind, least, most);
  return first.kind === 'level'
    ? `The medians of ${span(thicknessFigure(least, unit), thicknessFigure(most, unit))} ${thicknessSign(unit)} lie in the band of ${PAINT_STATE_WORDS[first.speaksFor]} paint.`
    : `They are ${span(ratioFigure(least), ratioFigure(most))} times as thick as the car’s own level.`;
}

/** Panels with the same reasons, apart from their figures, together. */
export function groupedByReasons<Z extends { readonly reasons: readonly PaintReason[] }>(zones: readonly Z[]): Z[][] {
  const groups = new Map<string, Z[]>();
  for (const z of zones) {
    const key = z.reasons.map(alikeKey).join('|');
    groups.set(key, [...(groups.get(key) ?? []), z]);
  }
  return [...groups.values()];
}

/**
 * Why a panel is no plain factory paint, or several with the same reasons, in a paragraph: what speaks for the works stands
 * apart, and what is lacking last.
 */
export function whyNotFactoryText(
  panels: readonly (readonly PaintReason[])[],
  unit: ThicknessUnit,
  words: Vocabulary,
): string {
  const [reasons = []] = panels;
  const told = (of: (r: PaintReason) => boolean) =>
    reasons.flatMap((r, n) =>
      of(r)
        ? [
            sharedText(
              panels.map((p) => p[n]!),
              unit,
              words,
            ),
          ]
        : [],
    );
  const against = told((r) => r.kind !== 'few' && r.speaksFor !== 'factory');
  const [first, ...more] = told((r) => r.speaksFor === 'factory');
  const works =
    first === undefined ? [] : [against.length > 0 ? `For the works’ paint: ${uncapital(first)}` : first, ...more];
  return [...against, ...works, ...told((r) => r.kind === 'few')].join(' ');
}

/** Where the film changes along a path over a panel, or why nothing is said. */
export function changeText({ found, n }: PanelChange): string {
  if (!found.ok)
    return found.reason === 'too-few'
      ? `Only ${n} ${n === 1 ? 'reading lies' : 'readings lie'} along this path; ${CHANGE_LIMITS.atLeast} are needed.`
      : `No change along this path (${n} readings).`;
  const { ratio, atMm, lowMm, highMm } = found;
  const side = ratio > 1 ? 'beyond it' : 'before it';
  return `The film changes at ${Math.round(atMm)} mm (${Math.round(lowMm)} to ${Math.round(highMm)}): ${times(Math.max(ratio, 1 / ratio))} as thick ${side}. Likely the edge of a repair.`;
}

/** Why a reading is wanted at a place, as a sentence. */
export function whyNextText(why: WhyNext): string {
  switch (why.because) {
    case 'none-yet':
      return `No reading yet; ${why.count} are needed here.`;
    case 'too-few':
      return `${why.count} more ${why.count === 1 ? 'reading is' : 'readings are'} needed before this panel can be relied on.`;
    case 'how-far':
      return 'Shows how far the thick place reaches.';
    case 'least-settled':
      return 'The state of this panel is the least settled.';
  }
}
