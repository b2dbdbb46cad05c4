/** Thickness ramp of the plan: straw, ochre, umber, dark plum; lightness falls evenly so that it reads in grey too. */
const STOPS: readonly (readonly [um: number, l: number, c: number, h: number])[] = [
  [40, 0.965, 0.03, 98],
  [110, 0.925, 0.065, 92],
  [180, 0.86, 0.09, 85],
  [250, 0.765, 0.105, 74],
  [330, 0.645, 0.11, 58],
  [420, 0.51, 0.1, 42],
  [500, 0.38, 0.085, 15],
];

/** Fill and fitting text colour for a film thickness in µm. */
export function rampColour(um: number): { fill: string; text: string } {
  const last = STOPS[STOPS.length - 1]!;
  const at = Math.min(Math.max(um, STOPS[0]![0]), last[0]);
  const i = Math.max(
    1,
    STOPS.findIndex(([stop]) => stop >= at),
  );
  const [a, b] = [STOPS[i - 1]!, STOPS[i]!];
  const t = (at - a[0]) / (b[0] - a[0]);
  const mix = (k: 1 | 2 | 3) => a[k] + (b[k] - a[k]) * t;
  const l = mix(1);
  return {
    fill: `oklch(${l.toFixed(3)} ${mix(2).toFixed(3)} ${mix(3).toFixed(1)})`,
    text: l < 0.575 ? 'oklch(1 0 0)' : 'oklch(0.14 0.02 255)',
  };
}

/** The figures shown in the legend, µm. */
export const RAMP_LEGEND = [110, 180, 250, 330, 420] as const;
