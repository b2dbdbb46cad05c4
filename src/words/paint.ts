import type { NoneCause } from '@/core/paint/no-reading';
import type { PaintReason } from '@/core/paint/reasons';
import { type ThicknessUnit, thicknessText } from '@/core/units/thickness';
import { PAINT_STATE_WORDS } from './terms';

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
export function reasonText(reason: PaintReason, unit: ThicknessUnit): string {
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
    case 'few':
      return `${reason.lacks} more ${reason.lacks === 1 ? 'reading is' : 'readings are'} needed before it can be relied on.`;
  }
}
