import { boxOf } from '../geometry';
import { type Plan, planOf } from '../plan';
import { STYLES } from '../styles';
import { EVERYTHING_FITTED } from '../styles/options';
import { DRAWN, detailsOf, joinsOf } from './index';

const plans: [string, Plan][] = STYLES.map((s) => [s.slug, planOf(s.slug, { fitted: EVERYTHING_FITTED })!]);

it.each(plans)('draws what a piece is within its box: %s', (_slug, plan) => {
  for (const zone of plan.zones.values()) {
    const box = boxOf(zone.outline);
    for (const { points } of detailsOf(zone, plan)) {
      const b = boxOf(points);
      const out = Math.max(box.minX - b.minX, b.maxX - box.maxX, box.minY - b.minY, b.maxY - box.maxY);
      expect([zone.slug, out < 12]).toEqual([zone.slug, true]);
    }
  }
});

it.each(plans)('draws something in every view, and seats, dash and wheels as what they are: %s', (_slug, plan) => {
  for (const view of ['outside', 'cabin', 'underneath', 'engine'] as const)
    expect(plan.lap[view].some((z) => detailsOf(plan.zones.get(z)!, plan).length > 0)).toBe(true);
  for (const [slug, as] of [
    ['seat.left.front', 'seat'],
    ['dash', 'dash'],
    ['wheel.left.front', 'wheel'],
  ] as const)
    expect(plan.zones.get(slug)?.drawn).toBe(as);
});

it('draws the dials before the driver, wherever he sits', () => {
  const dials = (steering: 'left' | 'right') => {
    const plan = planOf('saloon4', { steering })!;
    const [dial] = detailsOf(plan.zones.get('dash')!, plan);
    const box = boxOf(dial!.points);
    return (box.minY + box.maxY) / 2;
  };
  expect(dials('left')).toBeLessThan(0);
  expect(dials('right')).toBeGreaterThan(0);
});

it('joins the wheels’ housings by axles, seen from below only', () => {
  const plan = planOf('fastback')!;
  expect(joinsOf(plan, 'underneath')).toHaveLength(6);
  expect(joinsOf(plan, 'outside')).toEqual([]);
});

it('knows every way of drawing that a style names, and no style leaves one unused', () => {
  const used = new Set(plans.flatMap(([, plan]) => [...plan.zones.values()].flatMap((z) => z.drawn ?? [])));
  expect([...used].filter((d) => !(d in DRAWN))).toEqual([]);
  expect(Object.keys(DRAWN).filter((d) => !used.has(d as keyof typeof DRAWN))).toEqual([]);
});
