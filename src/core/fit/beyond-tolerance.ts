import type { CarFit } from './car-fit';

/**
 * By how many tolerances each panel's measured gaps and flushness go beyond theirs: the mean over its stations of what
 * exceeds the tolerance, as a share of it. Panels within tolerance have 0; panels not measured are not in the map.
 */
export function beyondTolerance(fit: CarFit): Map<string, number> {
  const sums = new Map<string, { beyond: number; n: number }>();
  for (const f of fit.seams)
    for (const s of f.stations) {
      const off = [
        ...(s.gap ? [Math.abs(s.gap.value! - f.nominalMm) / f.goodMm] : []),
        ...(s.flushMm === null ? [] : [Math.abs(s.flushMm) / f.flushGoodMm]),
      ];
      for (const zone of f.seam.split('|')) {
        const held = sums.get(zone) ?? { beyond: 0, n: 0 };
        sums.set(zone, {
          beyond: held.beyond + off.reduce((t, v) => t + Math.max(0, v - 1), 0),
          n: held.n + off.length,
        });
      }
    }
  return new Map([...sums].map(([zone, { beyond, n }]) => [zone, n === 0 ? 0 : beyond / n]));
}
