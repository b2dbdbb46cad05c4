import { planOf } from '../body/plan';
import { normalDraw, seeded } from '../stats/random';
import type { FilmReading } from './film-reading';
import { alongPath, panelChange, plainestChange } from './panel-change';

const zone = planOf('fastback')!.zones.get('door.left.front')!;

/** Readings over a panel whose film is thicker where `thick` says. */
function film(seed: number, thick: (u: number, v: number) => boolean, n = 24): FilmReading[] {
  const random = seeded(seed);
  return Array.from({ length: n }, () => {
    const [uMm, vMm] = [60 + 900 * random(), 60 + 450 * random()];
    const um = (thick(uMm, vMm) ? 360 : 125) * Math.exp(0.1 * normalDraw(random));
    return um >= 500
      ? { zone: zone.slug, state: 'over' as const, thicknessUm: 500, place: { uMm, vMm } }
      : { zone: zone.slug, state: 'read' as const, thicknessUm: um, place: { uMm, vMm } };
  });
}

it('takes the readings beside a path and measures along it', () => {
  const at = (uMm: number, vMm: number): FilmReading => ({
    zone: 'hood',
    state: 'read',
    thicknessUm: 120,
    place: { uMm, vMm },
  });
  const from = { uMm: 0, vMm: 0 };
  const to = { uMm: 300, vMm: 400 };
  // A path of 500 mm in the direction 3 : 4; the second reading lies 50 mm to its side, the third 200, the last behind it.
  const found = alongPath(
    [at(150, 200), at(40 + 150, -30 + 200), at(160 + 150, -120 + 200), at(-30, -40)],
    from,
    to,
    100,
  );
  expect(found.map((r) => Math.round(r.sMm))).toEqual([250, 250]);
  expect(alongPath([at(0, 0)], from, from, 100)).toEqual([]);
});

it('finds the edge of a repair low on a door, and the one across it, where they are', () => {
  const low = plainestChange(
    zone,
    film(1, (_u, v) => v < 200),
  );
  if (!low?.found.ok) throw new Error('no change found');
  expect(low.from.uMm).toBe(low.to.uMm);
  expect(low.found.lowMm).toBeLessThan(215);
  expect(low.found.highMm).toBeGreaterThan(185);
  // Above the edge the film is thinner.
  expect(low.found.ratio).toBeLessThan(0.5);
  const across = plainestChange(
    zone,
    film(2, (u) => u > 520),
  );
  if (!across?.found.ok) throw new Error('no change found');
  expect(across.from.vMm).toBe(across.to.vMm);
  expect(Math.abs(across.found.atMm - 520)).toBeLessThan(90);
  expect(across.found.ratio).toBeGreaterThan(2);
});

it('finds none on even film more than one time in seven, and says why on a path without readings', () => {
  let falls = 0;
  for (let seed = 1; seed <= 40; seed++)
    if (
      plainestChange(
        zone,
        film(seed + 100, () => false),
      )
    )
      falls++;
  expect(falls).toBeLessThanOrEqual(6);
  expect(
    panelChange(
      film(1, () => false),
      { uMm: 2000, vMm: 0 },
      { uMm: 2100, vMm: 0 },
    ),
  ).toMatchObject({
    n: 0,
    found: { ok: false, reason: 'too-few' },
  });
});
