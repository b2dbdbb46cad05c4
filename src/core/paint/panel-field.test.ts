import { planOf } from '../body/plan';
import { normalDraw, seeded } from '../stats/random';
import { type PlacedFilm, panelField } from './panel-field';
import { panelMap } from './panel-map';

const LEVEL = Math.log(125);
const read = (uMm: number, vMm: number, um: number): PlacedFilm => ({ uMm, vMm, lnUm: Math.log(um), over: false });
const over = (uMm: number, vMm: number, um = 500): PlacedFilm => ({ uMm, vMm, lnUm: Math.log(um), over: true });

it('passes near its readings and returns to the panel’s level far from them, with the doubt grown', () => {
  const field = panelField([read(200, 200, 240)], LEVEL, 0.3);
  const [near, far] = [field.at(200, 200), field.at(2500, 200)];
  expect(Math.exp(near.mean)).toBeGreaterThan(225);
  expect(near.sd).toBeLessThan(0.06);
  expect(far.mean).toBeCloseTo(LEVEL, 2);
  expect(far.sd).toBeCloseTo(0.3, 2);
});

it('honours a reading at the ceiling as at least that much, and says no more', () => {
  const field = panelField([over(200, 200), read(900, 200, 130)], LEVEL, 0.5);
  const at = field.at(200, 200);
  expect(Math.exp(at.mean)).toBeGreaterThan(490);
  // A value read there would settle it; a reading at the ceiling leaves it open upwards.
  expect(at.sd).toBeGreaterThan(2 * panelField([read(200, 200, 520)], LEVEL, 0.5).at(200, 200).sd);
  expect(Math.exp(field.at(900, 200).mean)).toBeLessThan(160);
});

it('knows nothing without readings, and bears the same place twice', () => {
  const empty = panelField([], LEVEL, 0.2).at(0, 0);
  expect(empty).toEqual({ mean: LEVEL, sd: 0.2 });
  const twice = panelField([read(1, 1, 100), read(1, 1, 120), over(1, 1)], LEVEL, 0.3).at(1, 1);
  expect(Number.isFinite(twice.mean) && Number.isFinite(twice.sd)).toBe(true);
});

it('recovers a drawn patch of filler, and its 80 % intervals hold about so', () => {
  const random = seeded(31);
  let held = 0;
  let asked = 0;
  for (let car = 0; car < 40; car++) {
    const [cu, cv, r] = [300 + 500 * random(), 200 + 200 * random(), 110 + 60 * random()];
    const truth = (u: number, v: number) => LEVEL + 1.2 * Math.exp(-((u - cu) ** 2 + (v - cv) ** 2) / (2 * r * r));
    const readings = Array.from({ length: 40 }, (): PlacedFilm => {
      const [u, v] = [1100 * random(), 600 * random()];
      const ln = truth(u, v) + 0.05 * normalDraw(random);
      return ln >= Math.log(500) ? over(u, v) : read(u, v, Math.exp(ln));
    });
    const field = panelField(readings, LEVEL + 0.15, 0.4);
    for (let i = 0; i < 20; i++) {
      const [u, v] = [100 + 900 * random(), 60 + 480 * random()];
      const { mean, sd } = field.at(u, v);
      asked++;
      if (Math.abs(truth(u, v) - mean) <= 1.2816 * sd) held++;
    }
    expect(field.at(cu, cv).mean).toBeGreaterThan(field.at(cu < 550 ? 1080 : 20, 30).mean);
  }
  expect(held / asked).toBeGreaterThan(0.74);
  expect(held / asked).toBeLessThan(0.97);
});

it('draws a map inside the outline only', () => {
  const zone = planOf('fastback')!.zones.get('door.left.front')!;
  const readings = [
    { zone: zone.slug, state: 'read' as const, thicknessUm: 120, place: { uMm: 300, vMm: 400 } },
    { zone: zone.slug, state: 'over' as const, thicknessUm: 500, place: { uMm: 900, vMm: 100 } },
    { zone: zone.slug, state: 'read' as const, thicknessUm: 130, place: null },
  ];
  const map = panelMap(zone, readings, LEVEL, 0.3, 50, 40)!;
  expect([map.cols, map.rows, map.um.length, map.placed]).toEqual([50, 40, 2000, 2]);
  const inside = map.um.filter((v) => !Number.isNaN(v)).length * (map.widthMm / 50) * (map.heightMm / 40) * 1e-6;
  expect(Math.abs(inside / zone.areaM2 - 1)).toBeLessThan(0.03);
  expect(panelMap(zone, [readings[2]!], LEVEL, 0.3)).toBeNull();
});
