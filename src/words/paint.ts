import { CHANGE_LIMITS } from '@/core/paint/change-along';
import type { WhyNext } from '@/core/paint/next';
import type { NoneCause } from '@/core/paint/no-reading';
import type { PanelChange } from '@/core/paint/panel-change';
import type { PaintReason } from '@/core/paint/reasons';
import { type ThicknessUnit, thicknessFigure, thicknessText } from '@/core/units/thickness';
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

const times = (ratio: number, atLeast = false) =>
  `${atLeast ? 'at least ' : ''}${ratio >= 10 ? Math.round(ratio) : ratio.toFixed(1)} times`;

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
      return `The film is even (spread ${Math.round(reason.spread * 100)} %), as from a works line.`;
    case 'uneven':
      return `The film is uneven (spread ${Math.round(reason.spread * 100)} %), as sprayed by hand.`;
    case 'very-uneven':
      return `The film is very uneven (spread ${Math.round(reason.spread * 100)} %): a few points far above their neighbours.`;
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

/** Reasons that differ between panels by a figure alone, and how that is read. */
const FIGURES: Readonly<Partial<Record<PaintReason['kind'], (r: PaintReason) => number>>> = {
  level: (r) => (r.kind === 'level' ? r.um : 0),
  even: (r) => ('spread' in r ? r.spread : 0),
  uneven: (r) => ('spread' in r ? r.spread : 0),
  'very-uneven': (r) => ('spread' in r ? r.spread : 0),
  car: (r) => (r.kind === 'car' ? r.ratio : 0),
};

/** What a reason has in common with the same one of another panel. */
const alikeKey = (r: PaintReason): string =>
  FIGURES[r.kind] && !('atLeast' in r && r.atLeast) ? `${r.kind} ${r.speaksFor}` : JSON.stringify(r);

/** One reason of several panels, with its figures from and to. */
function sharedText(same: readonly PaintReason[], unit: ThicknessUnit, words: Vocabulary): string {
  const figure = FIGURES[same[0]!.kind];
  const sorted = figure ? [...same].sort((a, b) => figure(a) - figure(b)) : same;
  const [low, high] = [sorted[0]!, sorted.at(-1)!];
  const [first, last] = [reasonText(low, unit, words), reasonText(high, unit, words)];
  if (first === last) return first;
  switch (low.kind) {
    case 'level':
      return `The medians of ${thicknessFigure(low.um, unit)} to ${thicknessText((high as typeof low).um, unit)} lie in the band of ${PAINT_STATE_WORDS[low.speaksFor]} paint.`;
    case 'car':
      return `They are ${times(low.ratio).replace(' times', '')} to ${times((high as typeof low).ratio)} as thick as the car’s own level.`;
    default:
      return first.replace(/spread (\d+) %/, (_, from) => `spread ${from} to ${/spread (\d+) %/.exec(last)![1]} %`);
  }
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
