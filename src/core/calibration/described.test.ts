import { DEFAULT_TABLES } from '../grade/all-tables';
import { DESCRIBED_CARS, gradeDescribed } from './described';

it('describes ten cars, each with what it is and a range to lie in', () => {
  expect(DESCRIBED_CARS.map((c) => c.id)).toEqual([
    'spotless',
    'trifles',
    'respray-driver',
    'tired-non-runner',
    'no-start',
    'sills-through',
    'faded',
    'worn-cabin',
    'rail-weakened',
    'aluminium-utility',
  ]);
  for (const car of DESCRIBED_CARS) expect([car.id, car.says.length > 20]).toEqual([car.id, true]);
});

it.each(DESCRIBED_CARS.map((c) => [c.id, c] as const))('grades %s as people would', (_id, car) => {
  const { figures } = gradeDescribed(car, DEFAULT_TABLES);
  expect(figures).toHaveLength(Object.keys(car.expect).length);
  for (const f of figures) {
    expect([f.figure, f.value]).toEqual([f.figure, Math.max(f.range[0], f.value)]);
    expect([f.figure, f.value]).toEqual([f.figure, Math.min(f.range[1], f.value)]);
    expect(f.inRange).toBe(true);
  }
});

it('says which figures leave their range when a number is changed', () => {
  const sills = DESCRIBED_CARS.find((c) => c.id === 'sills-through')!;
  const mild = {
    ...DEFAULT_TABLES,
    grade: {
      ...DEFAULT_TABLES.grade,
      curves: {
        ...DEFAULT_TABLES.grade.curves,
        metal: [
          [0, 0],
          [1, 20],
        ] as [number, number][],
      },
    },
  };
  expect(
    gradeDescribed(sills, mild)
      .figures.filter((f) => !f.inRange)
      .map((f) => f.figure),
  ).toContain('tourer');
});
