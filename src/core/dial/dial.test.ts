import type { Grey } from '../image/pixels';
import { type DialMark, type DialPoint, readDial } from './dial';
import { findNeedle } from './needle';

const PIVOT: DialPoint = [400, 300];
const RADIUS = 200;
/** Clockwise in the picture, degrees from its right. */
const at = (deg: number, r = RADIUS): DialPoint => [
  PIVOT[0] + r * Math.cos((deg * Math.PI) / 180),
  PIVOT[1] + r * Math.sin((deg * Math.PI) / 180),
];
const mark = (deg: number, value: number): DialMark => ({ at: at(deg), value });
/** A dial that runs from 135° over the top to 405°: 0 to 100. */
const ROUND = [mark(135, 0), mark(270, 50), mark(405, 100)];
const value = (marks: readonly DialMark[], tip: DialPoint) => {
  const r = readDial(PIVOT, marks, tip);
  return r.ok ? Math.round(r.value * 10) / 10 : r.reason;
};

describe('a needle against touched marks', () => {
  it.each([
    [135, 0],
    [202.5, 25],
    [270, 50],
    [300, 61.1],
    [405, 100],
    // A little before the first mark and beyond the last; then no figure.
    [128, -2.6],
    [412, 102.6],
    [90, 'off-scale'],
    [75, 'off-scale'],
  ])('at %d° shows %s', (deg, says) => expect(value(ROUND, at(deg))).toBe(says));

  it('reads scales that run against the clock, or fall', () => {
    expect(value([mark(45, 0), mark(315, 40)], at(0))).toBe(20);
    expect(value([mark(200, 100), mark(270, 60), mark(340, 40)], at(235))).toBe(80);
  });

  it('asks for a third mark where two do not say which way round the scale runs', () => {
    expect(value([mark(135, 0), mark(405, 100)], at(225))).toBe('third-mark');
  });

  it('follows a scale that is not drawn evenly, mark by mark', () => {
    const uneven = [mark(180, 0), mark(240, 10), mark(270, 30), mark(360, 40)];
    expect([210, 255, 315].map((d) => value(uneven, at(d)))).toEqual([5, 20, 35]);
  });

  it('refuses too few marks, marks at one place, and a touch beside the pivot', () => {
    expect(value([mark(180, 0)], at(200))).toBe('few-marks');
    expect(value([mark(180, 0), mark(181, 100)], at(200))).toBe('marks-together');
    expect(value([mark(180, 5), mark(270, 5)], at(200))).toBe('marks-together');
    expect(value(ROUND, at(200, 20))).toBe('needle-short');
  });

  it('says how well a finger reads it: better on a large dial', () => {
    const large = readDial(PIVOT, ROUND, at(200));
    const scaled = (m: DialMark) => ({
      value: m.value,
      at: [PIVOT[0] + (m.at[0] - PIVOT[0]) / 4, PIVOT[1] + (m.at[1] - PIVOT[1]) / 4] as const,
    });
    const small = readDial(PIVOT, ROUND.map(scaled), at(200, RADIUS / 4));
    if (!large.ok || !small.ok) throw new Error('both are read');
    expect(small.high - small.low).toBeCloseTo(4 * (large.high - large.low), 6);
    expect(large.high - large.low).toBeLessThan(4);
  });
});

const CENTRE: DialPoint = [200, 150];
const REACH = 100;
/** A drawn dial: ground, ring of figures, ticks, boss, noise, and a needle or none. */
function drawn(needle: number | null, { ground = 40, ink = 220, noise = 8, wide = 2, seed = 5 } = {}): Grey {
  const [width, height] = [400, 300];
  const data = new Float32Array(width * height);
  let s = seed;
  const random = () => {
    s = (s * 1_103_515_245 + 12_345) % 2_147_483_648;
    return s / 2_147_483_648;
  };
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [dx, dy] = [x - CENTRE[0], y - CENTRE[1]];
      const r = Math.hypot(dx, dy);
      const deg = ((Math.atan2(dy, dx) * 180) / Math.PI + 360) % 360;
      // Light falls across the dial; ticks stand at its edge, figures in patches inside it.
      let g = ground + 30 * (x / width);
      if (r > 0.85 * REACH && r < REACH && Math.abs((deg % 27) - 13.5) < 1.5) g = ink;
      if (r > 0.6 * REACH && r < 0.78 * REACH && Math.abs((deg % 54) - 27) < 7 && random() < 0.5) g = ink;
      if (r < 0.1 * REACH) g = ink / 2;
      if (needle !== null) {
        const a = (needle * Math.PI) / 180;
        const [along, across] = [dx * Math.cos(a) + dy * Math.sin(a), Math.abs(dy * Math.cos(a) - dx * Math.sin(a))];
        if (along > -0.2 * REACH && along < 0.85 * REACH && across < wide) g = ink;
      }
      data[y * width + x] = g + noise * (random() - 0.5) * 2;
    }
  return { width, height, data };
}
const degOf = (tip: DialPoint | null) =>
  tip && ((Math.atan2(tip[1] - CENTRE[1], tip[0] - CENTRE[0]) * 180) / Math.PI + 360) % 360;

describe('a needle on a picture', () => {
  it('is found to a degree, bright on dark and dark on bright, wherever it points', () => {
    for (let i = 0; i < 8; i++) {
      const deg = (17 + 31 * i) % 360;
      const picture = i % 2 === 0 ? drawn(deg, { seed: i }) : drawn(deg, { ground: 190, ink: 30, seed: i });
      const off = Math.abs(((degOf(findNeedle(picture, CENTRE, REACH))! - deg + 540) % 360) - 180);
      expect(off).toBeLessThan(1);
    }
  });
  it('is not made up: a dial without one, one too faint, one that leaves the picture', () => {
    expect(findNeedle(drawn(null), CENTRE, REACH)).toBeNull();
    expect(findNeedle(drawn(200, { ground: 100, ink: 108 }), CENTRE, REACH)).toBeNull();
    expect(findNeedle(drawn(200), [15, 15], REACH)).toBeNull();
  });
});
