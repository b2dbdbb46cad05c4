import type { BodyOf } from '@/core/kinds';
import type { WavesRefusal } from '@/core/waves/limits';

export const WAVES_REFUSAL_WORDS: Readonly<Record<WavesRefusal, string>> = {
  outside: 'The stretch leaves the picture.',
  'too-short': 'The stretch is too short: waves of filler are up to 100 mm long, so take at least 150 mm.',
  'too-coarse': 'The stripes are too fine on the picture; go nearer or take a larger picture.',
  'no-stripes':
    'No stripes can be followed across this stretch. Hold the striped board so that it is reflected all along.',
  blurred: 'The stripes are out of focus; focus on the reflection, not on the panel.',
  'burnt-out': 'Much of the stretch is burnt out or drowned; take it in softer light.',
};

/** "0.42 mm in waves of 10 to 100 mm (0.38 to 0.47), 0.08 mm below 10 mm". */
export function wavesText({ longMm: l, shortMm: s }: Pick<BodyOf<'waves'>, 'longMm' | 'shortMm'>): string {
  return `${l.value.toFixed(2)} mm in waves of 10 to 100 mm (${l.low.toFixed(2)} to ${l.high.toFixed(2)}), ${s.value.toFixed(2)} mm below 10 mm`;
}

export const WAVES_CAUTION =
  'Bending of reflected stripes, root mean square. It ranks panels of one car, taken with one board in one set-up; it is no absolute measure.';
