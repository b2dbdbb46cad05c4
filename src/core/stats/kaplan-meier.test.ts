import fc from 'fast-check';
import { kaplanMeier, kaplanMeierMedian, type Observation, shareAbove } from './kaplan-meier';

const at = (text: string): Observation[] =>
  text.split(' ').map((t) => ({ value: Number.parseFloat(t), censored: t.endsWith('+') }));

// Remission times of the 21 treated patients of Freireich et al. (Blood 21, 1963), worked in most textbooks of survival
// analysis (for example Collett, Modelling Survival Data, 3rd ed., ch. 2).
const TREATED = at('6 6 6 6+ 7 9+ 10 10+ 11+ 13 16 17+ 19+ 20+ 22 23 25+ 32+ 32+ 34+ 35+');
const PLACEBO = at('1 1 2 2 3 4 4 5 5 8 8 8 8 11 11 12 12 15 17 22 23');

it('gives the published curve of a worked example, with its errors', () => {
  const steps = kaplanMeier(TREATED);
  expect(steps.map((s) => [s.value, s.atRisk, Number(s.survival.toFixed(3)), Number(s.se.toFixed(3))])).toEqual([
    [6, 21, 0.857, 0.076],
    [7, 17, 0.807, 0.087],
    [10, 15, 0.753, 0.096],
    [13, 12, 0.69, 0.107],
    [16, 11, 0.627, 0.114],
    [22, 7, 0.538, 0.128],
    [23, 6, 0.448, 0.135],
  ]);
  expect(kaplanMeierMedian(TREATED)).toBe(23);
  expect(kaplanMeierMedian(PLACEBO)).toBe(8);
});

it('is the share above, where nothing is censored', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 40 }),
      fc.integer({ min: 0, max: 31 }),
      (values, cut) => {
        const steps = kaplanMeier(values.map((value) => ({ value, censored: false })));
        const above = values.filter((v) => v > cut).length / values.length;
        return Math.abs(shareAbove(steps, cut) - above) < 1e-9;
      },
    ),
    { seed: 5 },
  );
});

it('has no median when everything, or more than half, is censored', () => {
  expect(kaplanMeier(at('500+ 500+ 500+'))).toEqual([]);
  expect(kaplanMeierMedian(at('500+ 500+ 120'))).toBeNull();
  expect(kaplanMeierMedian([])).toBeNull();
  expect(kaplanMeierMedian(at('120'))).toBe(120);
  expect(shareAbove(kaplanMeier(at('500+ 500+ 120')), 499)).toBeCloseTo(2 / 3);
});
