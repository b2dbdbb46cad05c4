import { AXES, type Axis } from '../catalogue/axes';
import { lensDifference } from './lens-difference';
import { DEFAULT_GRADE_TABLES } from './shipped';
import { LENSES, type Lens } from './tables';
import { type WholeGrade, wholeOf } from './whole';

const whole = (axesOf: (lens: Lens) => Partial<Record<Axis, number>>): WholeGrade[] =>
  LENSES.map((lens) => {
    const axes = Object.fromEntries(AXES.map((a) => [a, axesOf(lens)[a] ?? 95])) as Record<Axis, number>;
    const value = wholeOf(axes, DEFAULT_GRADE_TABLES.lenses[lens]!, DEFAULT_GRADE_TABLES.exponent);
    return {
      lens,
      grade: { value, low: value, high: value, n: 1 },
      band: '',
      bands: [],
      forItsYears: 0,
      capped: false,
      axes,
    };
  });

it('says nothing where the schools nearly agree', () => {
  expect(
    lensDifference(
      whole(() => ({})),
      DEFAULT_GRADE_TABLES,
    ),
  ).toBeNull();
  expect(lensDifference([], DEFAULT_GRADE_TABLES)).toBeNull();
});

it('names the axis that makes the difference: an engine that does not run', () => {
  expect(
    lensDifference(
      whole(() => ({ running: 30 })),
      DEFAULT_GRADE_TABLES,
    ),
  ).toMatchObject({
    kindest: 'show',
    hardest: 'tourer',
    axes: ['running'],
  });
});

it('names originality for a perfect respray, and finish where a school alone minds it', () => {
  expect(
    lensDifference(
      whole(() => ({ authenticity: 42 })),
      DEFAULT_GRADE_TABLES,
    ),
  ).toMatchObject({
    hardest: 'keeper',
    axes: ['authenticity'],
  });
  const faded = whole((lens) => ({ finish: lens === 'show' ? 30 : 80 }));
  expect(lensDifference(faded, DEFAULT_GRADE_TABLES)).toMatchObject({ hardest: 'show', axes: ['finish'] });
});
