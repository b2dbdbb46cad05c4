import { brushed, keptShare } from './kept-share';
import { maskOf } from './run-lengths';

const bare = (w: number, h: number) => new Float32Array(w * h);

it('adds what the brush paints and takes away what it wipes, and leaves the given cover alone', () => {
  const before = bare(40, 30);
  const painted = brushed(before, 40, 30, { x: 20, y: 15, radius: 5, paints: true });
  expect(before.every((c) => c === 0)).toBe(true);
  expect(keptShare(painted, 40, 30).areaShare).toBeCloseTo((Math.PI * 25) / 1200, 2);
  expect(keptShare(brushed(painted, 40, 30, { x: 20, y: 15, radius: 6, paints: false }), 40, 30)).toMatchObject({
    areaShare: 0,
    spots: 0,
  });
});

it('stays on the sheet at its edges, and counts spots that do not touch', () => {
  const one = brushed(bare(40, 30), 40, 30, { x: 0, y: 0, radius: 4, paints: true });
  const two = brushed(one, 40, 30, { x: 39, y: 0, radius: 4, paints: true });
  const kept = keptShare(two, 40, 30);
  expect(kept.spots).toBe(2);
  expect(maskOf(kept.mask)!.mask.reduce((s, m) => s + m, 0)).toBe(two.filter((c) => c === 1).length);
});
