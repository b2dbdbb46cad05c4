import { normalDraw, seeded } from '../stats/random';
import { afterMoving, type FitStation, fitPanel, type PanelFitResult, type Side } from './panel-fit';

interface Truth {
  readonly dxMm?: number;
  readonly dyMm?: number;
  readonly rotMrad?: number;
  readonly dzMm?: number;
  readonly tiltAboutXMrad?: number;
  readonly tiltAboutYMrad?: number;
}

/** Stations around a door of 1000 by 900 mm whose origin lies at its lower rear corner. */
function edges(each = 5): { side: Side; xMm: number; yMm: number }[] {
  const at = (i: number, length: number) => 60 + ((length - 120) * i) / (each - 1);
  return Array.from({ length: each }, (_, i) => [
    { side: 'front' as const, xMm: 1000, yMm: at(i, 900) },
    { side: 'rear' as const, xMm: 0, yMm: at(i, 900) },
    { side: 'top' as const, xMm: at(i, 1000), yMm: 900 },
    { side: 'bottom' as const, xMm: at(i, 1000), yMm: 0 },
  ]).flat();
}

/** What is measured around a door that hangs off its place so far, about the origin, with noise. */
function measured(truth: Truth, seed = 1, noise = 0.15, each = 5): FitStation[] {
  const random = seeded(seed);
  const move = {
    dxMm: 0,
    dyMm: 0,
    rotMrad: 0,
    dzMm: 0,
    tiltAboutXMrad: 0,
    tiltAboutYMrad: 0,
    ...truth,
    pivot: [0, 0] as const,
  };
  return edges(each).map((e) => {
    const { gapMm, flushMm } = afterMoving({ ...e, gapMm: 4.5, flushMm: 0 }, move);
    return {
      ...e,
      nominalMm: 4.5,
      gapMm: gapMm! + noise * normalDraw(random),
      gapSeMm: Math.max(0.02, noise),
      flushMm: flushMm! + noise * normalDraw(random),
      flushSeMm: Math.max(0.02, noise),
    };
  });
}

function fitted(stations: readonly FitStation[]): Extract<PanelFitResult, { ok: true }> {
  const fit = fitPanel(stations);
  if (!fit.ok) throw new Error(fit.reason);
  return fit;
}

it('agrees with a hand-worked example', () => {
  // Four stations of a door with its origin in the middle: front and rear at half height, front and rear at the top.
  // It has moved 1 mm forward and turned by 2 mrad from +x towards +y. At y = 0 a point moves forward by 1; at y = 400
  // by 1 − 0.002 · 400 = 0.2. Gaps: front 4.5 − 1 = 3.5 and 4.5 − 0.2 = 4.3; rear 5.5 and 4.7. The bottom station at
  // x = 300 moves up by 0.002 · 300 = 0.6: its gap grows to 5.1.
  const s = (side: Side, xMm: number, yMm: number, gapMm: number): FitStation => ({
    side,
    xMm,
    yMm,
    nominalMm: 4.5,
    gapMm,
    gapSeMm: 0.01,
    flushMm: null,
    flushSeMm: null,
  });
  const fit = fitted([
    s('front', 500, 0, 3.5),
    s('front', 500, 400, 4.3),
    s('rear', -500, 0, 5.5),
    s('rear', -500, 400, 4.7),
    s('bottom', 300, -400, 5.1),
  ]);
  expect(fit.inPlane.dxMm.value).toBeCloseTo(1, 2);
  expect(fit.inPlane.dyMm.value).toBeCloseTo(0, 2);
  expect(fit.inPlane.rotMrad.value).toBeCloseTo(2, 2);
  expect(fit.explained).toBeGreaterThan(0.9999);
  // Hinges: front edge, x = 500; heights −400 to 400, so y = 200 and −200. They must go back by 1 − 0.002 · y, and down
  // by 0.002 · 500 = 1.
  expect(fit.hinges.upper!.dxMm).toBeCloseTo(-0.6, 2);
  expect(fit.hinges.lower!.dxMm).toBeCloseTo(-1.4, 2);
  expect(fit.hinges.upper!.dyMm).toBeCloseTo(-1, 2);
  // The latch, at x = −500, y = 0, stands 0.002 · 500 = 1 too low and 1 too far forward.
  expect([fit.latch.dxMm, fit.latch.dyMm].map((v) => Number(v.toFixed(2)))).toEqual([-1, 1]);
  expect(fit.outOfPlane.dzMm).toEqual({ value: null, low: null, high: null, n: 0 });
});

it('recovers six freedoms, wherever the origin lies', () => {
  const truth = { dxMm: -1.2, dyMm: 0.8, rotMrad: -3, dzMm: 1, tiltAboutXMrad: 1.5, tiltAboutYMrad: -2 };
  const near = measured(truth, 3, 0.05);
  const fit = fitted(near);
  const flat = { ...fit.inPlane, ...fit.outOfPlane };
  for (const [name, value] of Object.entries(truth)) {
    const e = flat[name as keyof typeof flat];
    expect(Math.abs(e.value! - value)).toBeLessThan(0.2);
  }
  const shifted = near.map((s) => ({ ...s, xMm: s.xMm - 2500, yMm: s.yMm + 700 }));
  const far = fitted(shifted);
  expect(far.inPlane.rotMrad.value).toBeCloseTo(fit.inPlane.rotMrad.value!, 6);
  // The same place told about another origin: dx' = dx + θ · 700, dy' = dy + θ · 2500.
  expect(far.inPlane.dxMm.value).toBeCloseTo(fit.inPlane.dxMm.value! + 0.7 * fit.inPlane.rotMrad.value!, 6);
  expect(far.inPlane.dyMm.value).toBeCloseTo(fit.inPlane.dyMm.value! + 2.5 * fit.inPlane.rotMrad.value!, 6);
  expect(far.hinges.upper!.dzMm).toBeCloseTo(fit.hinges.upper!.dzMm, 6);
});

it('states intervals that hold the truth about 8 times in 10', () => {
  const truth = { dxMm: 1, dyMm: -1.5, rotMrad: 2.5, dzMm: -0.6, tiltAboutXMrad: 1, tiltAboutYMrad: 2 };
  const held: Record<string, number> = {};
  const runs = 400;
  for (let seed = 1; seed <= runs; seed++) {
    const fit = fitted(measured(truth, seed, 0.2, 3));
    const flat = { ...fit.inPlane, ...fit.outOfPlane };
    for (const [name, value] of Object.entries(truth)) {
      const e = flat[name as keyof typeof flat];
      if (e.low! <= value && value <= e.high!) held[name] = (held[name] ?? 0) + 1;
    }
  }
  for (const n of Object.values(held)) {
    expect(n / runs).toBeGreaterThan(0.74);
    expect(n / runs).toBeLessThan(0.9);
  }
  expect(Object.keys(held)).toHaveLength(6);
});

it('undoes the misfit when its own correction is applied', () => {
  const stations = measured({ dxMm: 1.4, dyMm: -1.8, rotMrad: 3, dzMm: 1.2, tiltAboutYMrad: 1 }, 9, 0.1);
  const { inPlane, outOfPlane } = fitted(stations);
  const back = {
    dxMm: -inPlane.dxMm.value!,
    dyMm: -inPlane.dyMm.value!,
    rotMrad: -inPlane.rotMrad.value!,
    dzMm: -outOfPlane.dzMm.value!,
    tiltAboutXMrad: -outOfPlane.tiltAboutXMrad.value!,
    tiltAboutYMrad: -outOfPlane.tiltAboutYMrad.value!,
    pivot: [0, 0] as const,
  };
  const after = stations.map((s) => ({ ...s, ...afterMoving(s, back) }));
  const again = fitted(after);
  expect(again.verdict).toBe('good');
  expect(Math.abs(again.inPlane.dyMm.value!)).toBeLessThan(0.02);
});

describe('verdict', () => {
  it('is good for a door in its place, and adjust for one that hangs off it', () => {
    for (let seed = 1; seed <= 30; seed++) {
      expect(fitted(measured({}, seed)).verdict).toBe('good');
      const dropped = fitted(measured({ dyMm: -0.5, rotMrad: 2.5 }, seed));
      expect(dropped.verdict).toBe('adjust');
      expect(dropped.explained).toBeGreaterThan(0.8);
    }
  });

  it('is reshape for a bulge that no movement takes away, and names where', () => {
    // The lower rear is bent outwards over a third of its height, the front likewise inwards: nothing rigid does that.
    const bent = measured({}, 2).map((s) =>
      s.side === 'rear' && s.yMm < 500
        ? { ...s, gapMm: s.gapMm! - 2.2 }
        : s.side === 'rear'
          ? { ...s, gapMm: s.gapMm! + 2 }
          : s,
    );
    const fit = fitted(bent);
    expect(fit.verdict).toBe('reshape');
    expect(fit.worst!.side).toBe('rear');
    expect(fit.slips).toEqual([]);
  });

  it('is partly for a dropped door with a bent corner', () => {
    const both = measured({ dxMm: 1, dyMm: -2.4, rotMrad: 2 }, 4).map((s) =>
      s.side === 'top' && s.xMm < 500 ? { ...s, gapMm: s.gapMm! - 1.9 } : s,
    );
    expect(fitted(both).verdict).toBe('partly');
  });

  it('is beyond the slots where the hinges would have to move further than they can', () => {
    expect(fitted(measured({ dxMm: 5.5 }, 5)).verdict).toBe('beyond-slots');
  });
});

it('takes one wild station for a slip, and neighbours that agree for the metal', () => {
  const slip = measured({ dxMm: 0.8, dyMm: -1.5 }, 6).map((s, i) => (i === 9 ? { ...s, gapMm: s.gapMm! + 5 } : s));
  const fit = fitted(slip);
  expect(fit.slips.map((r) => r.index)).toEqual([9]);
  expect(fit.inPlane.dxMm.value).toBeCloseTo(0.8, 0);
  expect(fit.verdict).toBe('adjust');
  const dent = measured({ dxMm: 0.8, dyMm: -1.5 }, 6).map((s) =>
    s.side === 'rear' && s.yMm > 300 && s.yMm < 700 ? { ...s, gapMm: s.gapMm! + 3 } : s,
  );
  expect(fitted(dent).slips).toEqual([]);
});

it('widens what the stations do not tell, and refuses too few', () => {
  const rearOnly = measured({ dxMm: 1.5, dyMm: 2 }, 7).filter((s) => s.side === 'rear');
  const fit = fitted(rearOnly);
  expect(fit.inPlane.dxMm.value).toBeCloseTo(1.5, 0);
  expect(fit.untold).toContain('dyMm');
  expect(fit.inPlane.dyMm.high! - fit.inPlane.dyMm.low!).toBeGreaterThan(10);
  expect(fitPanel(rearOnly.slice(0, 2))).toEqual({ ok: false, reason: 'too-few-stations' });
  expect(fitPanel([])).toEqual({ ok: false, reason: 'too-few-stations' });
});

it('turns no verdict on a mirror: a left door is a right door seen from its own side', () => {
  const hood = fitPanel(measured({ dxMm: 1.4, dyMm: 0.6, rotMrad: 1.5 }, 8), { hung: 'hood' });
  expect(hood.ok && Object.keys(hood.hinges)).toEqual(['left', 'right']);
  // Hinged at the rear of the hood, x = 0.
  expect(hood.ok && hood.hinges.left!.xMm).toBe(0);
});
