import fc from 'fast-check';
import { fromUm, thicknessFigure, thicknessSign, thicknessText, toUm } from './thickness';

it('knows that a mil is 25.4 µm', () => {
  expect(toUm(10, 'mil')).toBeCloseTo(254, 12);
  expect(fromUm(254, 'mil')).toBeCloseTo(10, 12);
  expect(toUm(131, 'um')).toBe(131);
});

it('converts there and back', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 20000, noNaN: true }),
      fc.constantFrom('um' as const, 'mil' as const),
      (v, unit) => Math.abs(fromUm(toUm(v, unit), unit) - v) < 1e-9,
    ),
    { seed: 1 },
  );
});

it('shows figures as a gauge does, with their sign', () => {
  expect(thicknessFigure(131.6, 'um')).toBe('132');
  expect(thicknessFigure(132.08, 'mil')).toBe('5.2');
  expect(thicknessText(500, 'um')).toBe('500 µm');
  expect(thicknessText(500, 'mil')).toBe('19.7 mil');
  expect([thicknessSign('um'), thicknessSign('mil')]).toEqual(['µm', 'mil']);
});
