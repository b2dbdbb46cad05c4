import { contains, distanceToOutline } from '../body/geometry';
import { planOf, toPanel, toSheet } from '../body/plan';
import { analysePaint } from './analyse';
import type { FilmReading } from './film-reading';
import { DEFAULT_PROFILES } from './profiles';
import { gaugeCanRead, readingsNeeded } from './sampling';

const plan = planOf('fastback')!;
const panels = plan.lap.outside
  .map((z) => plan.zones.get(z)!)
  .filter((z) => z.aspects.includes('paint') && gaugeCanRead(z.metal));
const read = (zone: string, um: number, place: FilmReading['place'] = null): FilmReading => ({
  zone,
  state: 'read',
  thicknessUm: um,
  place,
});
const next = (readings: FilmReading[], on = plan) =>
  analysePaint({ readings, profiles: DEFAULT_PROFILES, plan: on }).next;
const enough = (zone: (typeof panels)[number], um = 120) =>
  Array.from({ length: readingsNeeded(zone.areaM2) }, (_, i) => read(zone.slug, um + i));

it('asks for places inside the panel and away from its edge', () => {
  for (const n of next([])) {
    const zone = plan.zones.get(n.zone)!;
    const at = toSheet(zone, n);
    expect([n.zone, contains(zone.outline, at), distanceToOutline(zone.outline, at) > 35]).toEqual([
      n.zone,
      true,
      true,
    ]);
  }
});

it('asks for the one panel that nobody measured', () => {
  const all = panels.filter((z) => z.slug !== 'door.right.front').flatMap((z) => enough(z));
  const [first] = next(all);
  expect(first).toMatchObject({
    zone: 'door.right.front',
    why: { because: 'none-yet', count: expect.any(Number) },
  });
});

it('asks where the state is least settled once every panel has enough', () => {
  const all = panels.flatMap((z) => (z.slug === 'roof' ? enough(z, 205) : enough(z)));
  const [first] = next(all);
  expect(first).toMatchObject({ zone: 'roof', why: { because: 'least-settled' } });
});

it('goes low on a flank while nothing low is measured', () => {
  const quarter = plan.zones.get('quarter.left')!;
  const high = [0.4, 0.5, 0.6].map((u) => read('quarter.left', 130, { uMm: 1700 * u, vMm: 700 }));
  const others = panels.filter((z) => z.slug !== 'quarter.left').flatMap((z) => enough(z));
  const [first] = next([...others, ...high]);
  expect(first!.zone).toBe('quarter.left');
  const height = Math.max(...quarter.outline.map((p) => toPanel(quarter, p).vMm));
  expect(first!.vMm).toBeLessThan(height / 4);
});

it('keeps away from what is measured already', () => {
  const hood = plan.zones.get('hood')!;
  const others = panels.filter((z) => z.slug !== 'hood').flatMap((z) => enough(z));
  const centre = toPanel(hood, hood.label);
  const [first] = next([...others, read('hood', 120, centre)]);
  expect(first!.zone).toBe('hood');
  expect(Math.hypot(first!.uMm - centre.uMm, first!.vMm - centre.vMm)).toBeGreaterThan(400);
});

it('asks for nothing where no gauge can read, nor without a plan', () => {
  expect(next([], planOf('fastback', { baseMetal: 'glass-fibre' })!)).toEqual([]);
  expect(analysePaint({ readings: [read('hood', 120)], profiles: DEFAULT_PROFILES, plan: null }).next).toEqual([]);
});

it.each([
  [0.05, 2],
  [0.2, 5],
  [0.5, 5],
  [0.51, 6],
  [0.75, 6],
  [1.0, 7],
  [1.85, 11],
  [null, 5],
])('needs for %s m² %i readings', (area, needed) => {
  expect(readingsNeeded(area)).toBe(needed);
});
