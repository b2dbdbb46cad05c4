import { normalDraw, seeded } from '../stats/random';
import { changeAlong, type PathReading } from './change-along';

const path = (n: number, seed: number, edgeMm: number | null, factor = 2): PathReading[] => {
  const random = seeded(seed);
  return Array.from({ length: n }, (_, i) => {
    const sMm = i * 50;
    const level = edgeMm !== null && sMm > edgeMm ? 125 * factor : 125;
    const um = level * Math.exp(0.1 * normalDraw(random));
    return um >= 500 ? { sMm, um: 500, over: true } : { sMm, um, over: false };
  });
};

it('finds the edge of a repair between the right readings, ceiling or not', () => {
  for (const factor of [1.8, 6]) {
    const found = changeAlong(path(16, 3, 420, factor), seeded(1));
    expect(found.ok && [found.atMm, found.lowMm <= 420, found.highMm >= 420]).toEqual([425, true, true]);
    expect(found.ok && found.ratio).toBeGreaterThan(1.6);
  }
});

it('holds the edge 8 times in 10 or more, and finds none where there is none 19 times in 20', () => {
  let held = 0;
  let falls = 0;
  for (let seed = 1; seed <= 120; seed++) {
    const edge = 200 + ((seed * 37) % 350);
    const found = changeAlong(path(15, seed, edge, 1.35), seeded(seed));
    if (found.ok && found.lowMm <= edge && found.highMm >= edge) held++;
    if (changeAlong(path(15, seed + 500, null), seeded(seed)).ok) falls++;
  }
  expect(held / 120).toBeGreaterThan(0.78);
  expect(falls / 120).toBeLessThan(0.1);
});

it('refuses a handful, and readings that are all alike or all at the ceiling', () => {
  expect(changeAlong(path(5, 1, 100), seeded(1))).toEqual({ ok: false, reason: 'too-few' });
  const same = Array.from({ length: 10 }, (_, i) => ({ sMm: i * 10, um: 500, over: true }));
  expect(changeAlong(same, seeded(1))).toEqual({ ok: false, reason: 'no-change' });
});
