import fc from 'fast-check';
import polygonClipping from 'polygon-clipping';
import { areaM2, boxOf, contains, distanceToOutline, lengthMm, mirror, type Point } from './geometry';
import { type Plan, planOf, toPanel, toSheet } from './plan';
import { ALL_ZONES, nearestZone } from './slugs';
import { STYLES } from './styles';
import { EVERYTHING_FITTED } from './styles/options';

const plans: [string, Plan][] = STYLES.flatMap((s): [string, Plan][] => [
  [s.slug, planOf(s.slug)!],
  [`${s.slug} with everything fitted`, planOf(s.slug, { fitted: EVERYTHING_FITTED })!],
]);
const ring = (points: readonly Point[]): [number, number][] => points.map(([x, y]) => [x, y]);

/** Plausible panel areas of a mid-size closed car, m². */
const PLAUSIBLE: Record<string, [number, number]> = {
  hood: [1.2, 2.2],
  roof: [0.6, 1.8],
  deck: [0.6, 1.4],
  'fender.left': [0.4, 0.9],
  'door.left.front': [0.45, 1],
  'quarter.left': [0.5, 1.4],
  'rocker.left': [0.1, 0.4],
  'floor.left.front': [0.2, 0.6],
};
/** Where a style is no mid-size closed car. */
const PLAUSIBLE_FOR: Record<string, Record<string, [number, number]>> = {
  convertible: { deck: [0.9, 1.7] },
  hardtop: { deck: [0.9, 1.7] },
  estate: { roof: [2, 3] },
  utility: { roof: [1.5, 2.4] },
  van: { roof: [3, 4.2], 'fender.left': [0.1, 0.3] },
};

describe.each(plans)('plan of the %s', (_slug, plan) => {
  const zones = [...plan.zones.values()];
  const last = plan.zones.has('quarter.left') ? 'quarter' : 'bed';

  it('cuts no piece out of another', () => {
    for (const a of zones) {
      for (const b of zones) {
        if (a.slug >= b.slug || a.view !== b.view) continue;
        const common = polygonClipping.intersection([ring(a.outline)], [ring(b.outline)]);
        const overlap = common.flat().reduce((sum, r) => sum + areaM2(r), 0);
        expect({ pair: `${a.slug} ${b.slug}`, overlapsBy: overlap > 1e-4 ? overlap : 0 }).toEqual({
          pair: `${a.slug} ${b.slug}`,
          overlapsBy: 0,
        });
      }
    }
  });

  it('has outlines that enclose their own label and do not cross themselves', () => {
    for (const zone of zones) {
      expect([zone.slug, contains(zone.outline, zone.label)]).toEqual([zone.slug, true]);
      const cleaned = polygonClipping.union([ring(zone.outline)]);
      const union = cleaned.flat().reduce((sum, r) => sum + areaM2(r), 0);
      expect([zone.slug, Math.abs(union - zone.areaM2) < 1e-3]).toEqual([zone.slug, true]);
    }
  });

  it('lays every seam on both outlines, with about one length', () => {
    expect(plan.seams.size).toBeGreaterThan(10);
    for (const seam of plan.seams.values()) {
      expect(seam.slug).toBe([...seam.zones].sort().join('|'));
      seam.zones.forEach((slug, i) => {
        const zone = plan.zones.get(slug)!;
        for (const p of seam.lines[i]!)
          expect([seam.slug, slug, distanceToOutline(zone.outline, p) < 2]).toEqual([seam.slug, slug, true]);
        expect(zone.seams).toContain(seam.slug);
      });
      const [a, b] = seam.lines.map((l) => lengthMm(l)) as [number, number];
      if (!seam.zones.includes('panel.rear')) expect([seam.slug, Math.abs(a / b - 1) < 0.2]).toEqual([seam.slug, true]);
    }
  });

  it('mirrors twins', () => {
    for (const zone of zones) {
      if (!zone.twin) continue;
      const twin = plan.zones.get(zone.twin)!;
      expect(twin.twin).toBe(zone.slug);
      expect(twin.areaM2).toBeCloseTo(zone.areaM2, 9);
      expect(boxOf(mirror(twin.outline))).toEqual(boxOf(zone.outline));
    }
  });

  it('has plausible areas', () => {
    for (const [slug, [low, high]] of Object.entries({ ...PLAUSIBLE, ...PLAUSIBLE_FOR[plan.style] })) {
      const area = plan.zones.get(slug)?.areaM2;
      if (area === undefined) continue;
      expect([slug, area > low && area < high, area]).toEqual([slug, true, area]);
    }
  });

  it('numbers the lap of each view without holes', () => {
    for (const [view, lap] of Object.entries(plan.lap)) {
      expect(new Set(lap).size).toBe(lap.length);
      expect(lap.length).toBe(zones.filter((z) => z.view === view).length);
      expect(lap.map((slug) => plan.zones.get(slug)!.lap)).toEqual(lap.map((_, i) => i + 1));
    }
    expect(plan.lap.outside.indexOf('fender.left')).toBeLessThan(plan.lap.outside.indexOf(`${last}.left`));
    expect(plan.lap.outside.indexOf(`${last}.right`)).toBeLessThan(plan.lap.outside.indexOf('fender.right'));
  });

  it('turns sheet places into panel millimetres and back', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...zones),
        fc.double({ min: -500, max: 5000, noNaN: true }),
        fc.double({ min: -2000, max: 2000, noNaN: true }),
        (zone, x, y) => {
          const [bx, by] = toSheet(zone, toPanel(zone, [x, y]));
          return Math.abs(bx - x) < 1e-6 && Math.abs(by - y) < 1e-6;
        },
      ),
      { seed: 7 },
    );
  });

  it('measures height upwards on both flanks', () => {
    for (const slug of [`${last}.left`, `${last}.right`]) {
      const zone = plan.zones.get(slug)!;
      const wheel = plan.zones.get(slug.replace(last, 'wheel').concat('.rear'))!;
      expect(toPanel(zone, wheel.label).vMm).toBeLessThan(toPanel(zone, zone.label).vMm);
    }
  });
});

it('puts the steering wheel on the side of the car record', () => {
  expect(planOf('fastback', { steering: 'left' })!.zones.get('steering')!.label[1]).toBeLessThan(0);
  expect(planOf('fastback', { steering: 'right' })!.zones.get('steering')!.label[1]).toBeGreaterThan(0);
});

it('changes the zones by what is fitted', () => {
  const bare = planOf('hardtop')!;
  const full = planOf('hardtop', { fitted: EVERYTHING_FITTED })!;
  expect([...full.zones.keys()].filter((z) => !bare.zones.has(z)).sort()).toEqual([
    'skirt.left.rear',
    'skirt.right.rear',
    'sunroof',
  ]);
  expect([bare.zones.get('roof')!.metal, full.zones.get('roof')!.metal]).toEqual(['steel', 'textile']);
  expect(full.zones.get('roof')!.aspects).not.toContain('paint');
  // A skirt leaves the lower part of the wheel to see, on both sides.
  for (const side of ['left', 'right']) {
    const [skirt, wheel] = [`skirt.${side}.rear`, `wheel.${side}.rear`].map((z) => full.zones.get(z)!);
    expect(Math.abs(wheel!.label[1])).toBeGreaterThan(Math.abs(skirt!.label[1]));
  }
  // An open car has no roof to cut a sunroof into.
  expect(planOf('convertible', { fitted: EVERYTHING_FITTED })!.zones.has('sunroof')).toBe(false);
});

it('keeps the frame of steel under another skin', () => {
  const plan = planOf('utility', { baseMetal: 'aluminium' })!;
  expect([plan.zones.get('hood')!.metal, plan.zones.get('rail.left.front')!.metal]).toEqual(['aluminium', 'steel']);
  const moulded = planOf('sports', { baseMetal: 'glass-fibre' })!;
  expect([moulded.zones.get('hood')!.metal, moulded.zones.get('backbone')!.metal]).toEqual(['glass-fibre', 'steel']);
});

it('gives outer panels the base metal of the car', () => {
  expect(planOf('saloon4', { baseMetal: 'aluminium' })!.zones.get('hood')!.metal).toBe('aluminium');
  expect(planOf('saloon4', { baseMetal: 'aluminium' })!.zones.get('glass.windshield')!.metal).toBe('glass');
});

it('refuses a style it does not know and names the nearest zone', () => {
  expect(planOf('hovercraft')).toBeNull();
  expect(nearestZone('fendr.left')).toBe('fender.left');
  expect(nearestZone('door.left.frnt')).toBe('door.left.front');
  expect(ALL_ZONES).toContain('quarter.right');
});
