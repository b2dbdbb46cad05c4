import { boxOf, contains, type Point } from './geometry';
import { FIGURE_SHAPE, labelPlaces, pairedNotches } from './label-places';
import { type Plan, planOf } from './plan';
import { STYLES } from './styles';

const plans: [string, Plan][] = STYLES.map((s) => [s.slug, planOf(s.slug)!]);
const SIZE = 92;
const rect = ([x, y]: Point, text: string) => {
  const [w, h] = [text.length * FIGURE_SHAPE.letter * SIZE, FIGURE_SHAPE.line * SIZE];
  return { minX: x - w / 2, maxX: x + w / 2, minY: y - h / 2, maxY: y + h / 2 };
};

it.each(plans)('puts a figure on its piece or beside it, never across an edge: %s', (_slug, plan) => {
  const texts = new Map(plan.lap.outside.map((z) => [z, '118']));
  const places = [...labelPlaces(plan, 'outside', texts, SIZE).values()];
  expect(places.map((p) => p.zone).sort()).toEqual([...texts.keys()].sort());
  for (const { zone, at, leader } of places) {
    const corners = (r: ReturnType<typeof rect>): Point[] => [
      [r.minX, r.minY],
      [r.maxX, r.minY],
      [r.minX, r.maxY],
      [r.maxX, r.maxY],
    ];
    const own = plan.zones.get(zone)!;
    const onIt = corners(rect(at, '118')).every((p) => contains(own.outline, p));
    // Beside it there is a line to it, and no piece below the text.
    const beside = leader !== null && plan.lap.outside.every((z) => !contains(plan.zones.get(z)!.outline, at));
    expect([zone, onIt || beside]).toEqual([zone, true]);
    if (leader) expect(contains(own.outline, leader[1])).toBe(true);
  }
});

it.each(plans)('lets no two figures lie on one another: %s', (_slug, plan) => {
  const texts = new Map(plan.lap.outside.map((z) => [z, '118']));
  const rects = [...labelPlaces(plan, 'outside', texts, SIZE).values()].map((p) => rect(p.at, '118'));
  const meets = rects.flatMap((a, i) =>
    rects.slice(i + 1).filter((b) => a.minX < b.maxX && b.minX < a.maxX && a.minY < b.maxY && b.minY < a.maxY),
  );
  expect(meets).toEqual([]);
});

it('gives the same places again, and none where nothing is to be said', () => {
  const plan = planOf('fastback')!;
  const texts = new Map([['valance.front', '126']]);
  expect(labelPlaces(plan, 'outside', texts, SIZE)).toEqual(labelPlaces(plan, 'outside', texts, SIZE));
  expect(labelPlaces(plan, 'outside', new Map(), SIZE).size).toBe(0);
  const [place] = labelPlaces(plan, 'outside', texts, SIZE).values();
  expect(place!.leader).not.toBeNull();
});

it.each(plans)('cuts notches into both pieces of a seam, within them: %s', (_slug, plan) => {
  const notches = pairedNotches(plan, 'outside', 26);
  expect(notches.length).toBeGreaterThan(plan.seams.size * 2);
  const zones = plan.lap.outside.map((z) => plan.zones.get(z)!);
  for (const [, end] of notches)
    expect(
      zones.some((z) => {
        const b = boxOf(z.outline);
        return end[0] > b.minX && end[0] < b.maxX && contains(z.outline, end);
      }),
    ).toBe(true);
});
