import fc from 'fast-check';
import { planOf } from '../body/plan';
import { FLAWS } from '../catalogue/flaws/catalogue';
import { OWN_WORDS } from '../catalogue/flaws/own-words';
import { aspectOf } from '../coverage/coverage';
import { fitsZone } from '../findings/likely';
import { anewOf, effortOf, findingEffort, paintSpoilt } from './effort';
import { workTable } from './work-table';

const plan = planOf('fastback')!;
const zone = (slug: string) => plan.zones.get(slug)!;
const table = workTable.defaults;
const told = (flaw: string, extra: object = {}) => ({
  flaw,
  count: 1,
  sizeMm: null,
  share: null,
  iso4628: null,
  touchedIn: false,
  where: '',
  ...extra,
});

it('reckons a piece of work by its likely hours, the mean rate of its trades and its parts', () => {
  // Worked by hand: 0.15 h at 52 and 1; 20 h at the mean of 48 and 52, and 160; a bumper's plating is bought.
  expect(effortOf('touch-in', table)).toBeCloseTo(0.15 * 52 + 1, 9);
  expect(effortOf('strip-refinish', table)).toBeCloseTo(20 * 50 + 160, 9);
  expect(effortOf('re-plate', table)).toBe(950);
});

it.each([
  ['rocker.left', 'corrosion', 32 * 50 + 340, 'a sill, which carries the car'],
  ['fender.left', 'corrosion', 16 * 50 + 260, 'a lower piece'],
  ['bumper.front', 'brightwork', 950, 're-plating'],
  ['engine', 'function', 90 * 50 + 2400, 'a rebuild'],
  ['headliner', 'trim', 9 * 45 + 110, 'a headliner'],
  ['wheel.left.front', 'tire', 0.5 * 50 + 110, 'a tire'],
] as const)('redoes %s %s as its place asks', (slug, aspect, effort, _what) => {
  const bears = zone(slug).structural && aspect === 'corrosion' ? table.structural : 1;
  expect(anewOf(zone(slug), aspect, table)).toBeCloseTo(effort * bears, 6);
});

it('redoes a large panel for more than a small one, and outer skin for more than a bay', () => {
  const paint = (slug: string) => anewOf(zone(slug), 'paint', table);
  expect(paint('hood')).toBeGreaterThan(2 * paint('fender.left'));
  expect(paint('fender.left') / zone('fender.left').areaM2).toBeGreaterThan(
    paint('deck.inner') / zone('deck.inner').areaM2,
  );
});

it('weighs an aspect that no row speaks of as nothing', () => {
  const bare = { ...table, anew: table.anew.filter((r) => r.aspect !== 'identity') };
  expect(anewOf(zone('engine'), 'identity', bare)).toBe(0);
  expect(findingEffort(told('number-mismatch'), zone('engine'), 'identity', bare)).toBe(0);
});

it('counts the first chips whole and the rest by half', () => {
  const chips = (count: number) => findingEffort(told('chip', { count }), zone('hood'), 'paint', table);
  expect(chips(5)).toBeCloseTo(5 * chips(1), 9);
  expect(chips(9)).toBeCloseTo(7 * chips(1), 9);
});

it('takes a thing that is named at a place as that thing, and the place as the place', () => {
  const dash = (where: string) => findingEffort(told('inoperative', { where }), zone('dash'), 'function', table);
  expect(dash('clock')).toBeCloseTo(effortOf('small-electrical', table), 9);
  expect(dash('')).toBeGreaterThan(3 * dash('clock'));
});

it('never takes more than redoing the place', () => {
  const whole = anewOf(zone('rocker.left'), 'corrosion', table);
  const huge = findingEffort(told('perforated', { sizeMm: 3000, count: 9 }), zone('rocker.left'), 'corrosion', table);
  expect(huge).toBeCloseTo(table.mostOfPlace * whole, 9);
});

it('spoils the paint over rust and dents, and not where there is none', () => {
  const rust = told('rust-blister');
  expect(paintSpoilt(rust, zone('fender.left'), 'corrosion', table)).toBeGreaterThan(0.1);
  expect(paintSpoilt(rust, zone('floor.left.front'), 'corrosion', table)).toBe(0);
  expect(paintSpoilt(told('chip'), zone('hood'), 'paint', table)).toBe(0);
});

const places = FLAWS.filter((f) => f.id !== OWN_WORDS).flatMap((f) =>
  [...plan.zones.values()].filter((z) => fitsZone(f, z)).map((z) => [f.id, z.slug] as const),
);

it('grows with number, size and share, for every flaw at every place that can have it', () => {
  const extent = fc.record({
    count: fc.integer({ min: 1, max: 60 }),
    sizeMm: fc.option(fc.integer({ min: 1, max: 3000 })),
    share: fc.option(fc.double({ min: 0.01, max: 0.9, noNaN: true })),
  });
  fc.assert(
    fc.property(fc.constantFrom(...places), extent, fc.integer({ min: 0, max: 2 }), ([flaw, slug], e, which) => {
      const aspect = aspectOf(flaw, zone(slug))!;
      const more = {
        count: e.count + (which === 0 ? 3 : 0),
        sizeMm: e.sizeMm === null ? null : e.sizeMm * (which === 1 ? 1.7 : 1),
        share: e.share === null ? null : Math.min(1, e.share * (which === 2 ? 1.5 : 1)),
      };
      const effort = (x: object) => findingEffort(told(flaw, x), zone(slug), aspect, table);
      expect(effort(more)).toBeGreaterThanOrEqual(effort(e) - 1e-9);
      expect(effort({ ...e, touchedIn: true })).toBeLessThanOrEqual(effort(e) + 1e-9);
      expect(paintSpoilt(told(flaw, more), zone(slug), aspect, table)).toBeGreaterThanOrEqual(
        paintSpoilt(told(flaw, e), zone(slug), aspect, table) - 1e-12,
      );
    }),
    { seed: 13, numRuns: 400 },
  );
});

it('ships a table that its own schema accepts', () => {
  expect(workTable.schema.parse(table)).toEqual(table);
});
