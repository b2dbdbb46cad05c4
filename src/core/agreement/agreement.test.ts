import { limitsOfAgreement } from './bland-altman';
import { pairTable, weightedKappa } from './kappa';

/** Peak flow of 17 people by two meters (Bland and Altman, Lancet i, 1986, table 1, first readings). */
const WRIGHT = [494, 395, 516, 434, 476, 557, 413, 442, 650, 433, 417, 656, 267, 478, 178, 423, 427];
const MINI = [512, 430, 520, 428, 500, 600, 364, 380, 658, 445, 432, 626, 260, 477, 259, 350, 451];

it('gives the published limits of agreement', () => {
  const found = limitsOfAgreement(MINI.map((m, i) => [m, WRIGHT[i]!] as const))!;
  expect(found.bias).toBeCloseTo(-2.1, 1);
  expect(found.sd).toBeCloseTo(38.8, 1);
  // Published with two standard deviations for 1.96.
  expect(found.bias - 2 * found.sd).toBeCloseTo(-79.7, 0);
  expect(found.bias + 2 * found.sd).toBeCloseTo(75.5, 0);
  expect(found.biasLow).toBeCloseTo(-22.0, 1);
  expect(found.biasHigh).toBeCloseTo(17.8, 1);
});

it('says nothing of two pairs', () => {
  expect(
    limitsOfAgreement([
      [1, 2],
      [2, 3],
    ]),
  ).toBeNull();
});

/** Carcinoma of the cervix as two pathologists saw it (Agresti, Categorical Data Analysis, 2nd ed., table 10.8). */
const SLIDES = [
  [22, 2, 2, 0],
  [5, 7, 14, 0],
  [0, 2, 36, 0],
  [0, 1, 17, 10],
];

it('gives the published kappa with its standard error', () => {
  const found = weightedKappa(SLIDES, 'none')!;
  expect(found.observed).toBeCloseTo(0.636, 3);
  expect(found.expected).toBeCloseTo(0.281, 3);
  expect(found.kappa).toBeCloseTo(0.493, 3);
  expect(found.se).toBeCloseTo(0.057, 3);
});

it('weighs a near miss less than a wide one', () => {
  const near = [
    [10, 5, 0],
    [0, 10, 5],
    [0, 0, 10],
  ];
  const wide = [
    [10, 0, 5],
    [0, 15, 0],
    [5, 0, 5],
  ];
  expect(weightedKappa(near, 'quadratic')!.kappa).toBeGreaterThan(weightedKappa(near, 'none')!.kappa);
  expect(weightedKappa(wide, 'quadratic')!.kappa).toBeLessThan(weightedKappa(wide, 'none')!.kappa);
  expect(weightedKappa(SLIDES, 'linear')!.kappa).toBeCloseTo(0.6488, 3);
});

it('is one where all agree, and none where there is nothing to disagree on', () => {
  expect(
    weightedKappa([
      [5, 0],
      [0, 7],
    ])!.kappa,
  ).toBe(1);
  expect(
    weightedKappa([
      [9, 0],
      [0, 0],
    ]),
  ).toBeNull();
  expect(
    weightedKappa([
      [0, 0],
      [0, 0],
    ]),
  ).toBeNull();
});

it('counts pairs by their classes and leaves others out', () => {
  const pairs = [
    ['works', 'works'],
    ['works', 'dead'],
    ['poor', 'odd'],
  ] as const;
  expect(pairTable<string>(pairs, ['works', 'poor', 'dead'])).toEqual([
    [1, 0, 1],
    [0, 0, 0],
    [0, 0, 0],
  ]);
});
