import { contains } from '../body/geometry';
import { planOf, toSheet } from '../body/plan';
import type { FilmReading } from './film-reading';
import { panelMap, placedFilm } from './panel-map';

const hood = planOf('fastback')!.zones.get('hood')!;
const LEVEL = Math.log(120);
const at = (
  uMm: number,
  vMm: number,
  thicknessUm: number | null,
  state: FilmReading['state'] = 'read',
): FilmReading => ({
  zone: 'hood',
  state,
  thicknessUm,
  place: { uMm, vMm },
});
const thin = (map: NonNullable<ReturnType<typeof panelMap>>, uMm: number, vMm: number) => {
  const i = Math.min(map.cols - 1, Math.floor((uMm / map.widthMm) * map.cols));
  const j = Math.min(map.rows - 1, Math.floor((vMm / map.heightMm) * map.rows));
  return { um: map.um[j * map.cols + i]!, sd: map.sd[j * map.cols + i]! };
};

it('takes only readings that say where and what', () => {
  expect(
    placedFilm([
      at(100, 100, 120),
      at(200, 100, 500, 'over'),
      at(300, 100, null, 'none'),
      { zone: 'hood', state: 'read', thicknessUm: 130, place: null },
    ]),
  ).toEqual([
    { uMm: 100, vMm: 100, lnUm: Math.log(120), over: false },
    { uMm: 200, vMm: 100, lnUm: Math.log(500), over: true },
  ]);
});

it('draws nothing without a placed reading', () => {
  expect(panelMap(hood, [], LEVEL, 0.15)).toBeNull();
  expect(panelMap(hood, [{ zone: 'hood', state: 'read', thicknessUm: 130, place: null }], LEVEL, 0.15)).toBeNull();
});

describe('a hood with a thick spot', () => {
  const whole = panelMap(hood, [at(1, 1, 120)], LEVEL, 0.15)!;
  const [midU, midV] = [whole.widthMm / 2, whole.heightMm / 2];
  const around = [-300, -150, 150, 300].map((d) => at(midU + d, midV, 120));
  const map = panelMap(hood, [...around, at(midU, midV, 480)], LEVEL, 0.3)!;

  it('is empty outside the outline and whole within', () => {
    for (let j = 0; j < map.rows; j += 7)
      for (let i = 0; i < map.cols; i += 7) {
        const place = { uMm: ((i + 0.5) * map.widthMm) / map.cols, vMm: ((j + 0.5) * map.heightMm) / map.rows };
        expect(Number.isNaN(map.um[j * map.cols + i])).toBe(!contains(hood.outline, toSheet(hood, place)));
      }
  });

  it('rises at the spot, falls to its neighbours, and returns to the level far off', () => {
    const spot = thin(map, midU, midV).um;
    const beside = thin(map, midU + 300, midV).um;
    expect(spot).toBeGreaterThan(1.5 * beside);
    expect(beside).toBeGreaterThan(90);
    expect(beside).toBeLessThan(170);
    const farV = midV > 400 ? midV - 380 : midV + 380;
    const far = thin(panelMap(hood, [at(midU, midV, 480)], LEVEL, 0.3)!, midU, farV).um;
    expect(far).toBeLessThan(spot);
  });

  it('doubts more where nobody measured', () => {
    expect(thin(map, midU, midV).sd).toBeLessThan(thin(map, midU - 30, midV > 400 ? 60 : map.heightMm - 60).sd);
  });
});

it('lets a reading at the ceiling pull the film up without saying how far', () => {
  const middle = { u: 600, v: 500 };
  const plain = panelMap(hood, [at(middle.u, middle.v, 120)], LEVEL, 0.3)!;
  const over = panelMap(hood, [at(middle.u, middle.v, 500, 'over')], LEVEL, 0.3)!;
  const exact = panelMap(hood, [at(middle.u, middle.v, 500)], LEVEL, 0.3)!;
  expect(thin(over, middle.u, middle.v).um).toBeGreaterThan(2 * thin(plain, middle.u, middle.v).um);
  expect(thin(over, middle.u, middle.v).sd).toBeGreaterThan(thin(exact, middle.u, middle.v).sd);
});

it('has as many points as asked for, each finite or empty', () => {
  const map = panelMap(hood, [at(500, 500, 130)], LEVEL, 0.2, 40, 25)!;
  expect([map.cols, map.rows, map.um.length, map.sd.length, map.placed]).toEqual([40, 25, 1000, 1000, 1]);
  map.um.forEach((v, i) => {
    expect(Number.isNaN(v) || (v > 0 && Number.isFinite(v))).toBe(true);
    expect(Number.isNaN(v)).toBe(Number.isNaN(map.sd[i]!));
  });
});
