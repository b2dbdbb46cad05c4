import type { GaugeEvent } from '@/core/gauge/line-protocol';
import { PRACTICE_NOTE } from '@/core/kinds/practice';
import { toUm } from '@/core/units/thickness';

/** What a gauge says of a place it was held to: a value, at least one, or that it showed nothing. */
export type GaugeShown = Extract<GaugeEvent, { kind: 'read' | 'over' | 'none' }>;

export const isShown = (event: GaugeEvent): event is GaugeShown =>
  event.kind === 'read' || event.kind === 'over' || event.kind === 'none';

export interface HeldTo {
  readonly zone: string;
  readonly place: { readonly uMm: number; readonly vMm: number } | null;
}

/** The thickness that it says, µm; null where it showed nothing. */
export const shownUm = (shown: GaugeShown): number | null =>
  shown.kind === 'none' ? null : toUm(shown.value, shown.unit);

/** The reading that comes of it. A stand-in's is marked as practice, so that no report holds it. */
export function readingOf(shown: GaugeShown, at: HeldTo, practice: boolean, visit: string | null, now: Date) {
  return {
    zone: at.zone,
    state: shown.kind,
    thicknessUm: shownUm(shown),
    typed:
      shown.kind === 'none'
        ? ({ text: 'none', unit: 'um' } as const)
        : { text: shown.kind === 'read' ? String(shown.value) : 'over', unit: shown.unit },
    place: at.place,
    visit,
    // What an instrument shows is no slip of the finger.
    confirmed: true,
    origin: practice ? ('practice' as const) : ('car' as const),
    note: practice ? PRACTICE_NOTE : '',
    at: now.toISOString(),
  };
}

/** The same in words, in the gauge's own unit. */
export const shownText = (shown: GaugeShown): string =>
  shown.kind === 'none'
    ? 'It showed nothing.'
    : `${shown.kind === 'over' ? 'Over its range: at least ' : ''}${shown.value} ${shown.unit === 'um' ? 'µm' : 'mil'}`;
