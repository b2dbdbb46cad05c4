import { checkRun } from './check-run';

it('takes the means on the plate and on the foil', () => {
  expect(checkRun('start', [1, 2, 2], 125, [127, 128, 126])).toEqual({
    ok: true,
    check: { when: 'start', zeroUm: 1.7, foilUm: 125, foilReadUm: 127 },
  });
});

it.each([
  ['few-on-plate', [1, 1], 125, [126, 126, 126]],
  ['unsteady-plate', [1, 9, 2], 125, [126, 126, 126]],
  ['no-foil', [1, 1, 1], null, [126, 126, 126]],
  ['few-on-foil', [1, 1, 1], 125, [126, 126]],
  ['unsteady-foil', [1, 1, 1], 125, [126, 139, 126]],
] as const)('refuses with %s', (reason, plate, foil, shown) => {
  expect(checkRun('end', plate, foil, shown)).toEqual({ ok: false, reason });
});
