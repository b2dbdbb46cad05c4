import fc from 'fast-check';
import { correctedUm, correctionOf } from './correction';

const check = (when: 'start' | 'end', zeroUm: number, foilUm: number, foilReadUm: number) => ({
  when,
  zeroUm,
  foilUm,
  foilReadUm,
});

it('gives back the truth of a gauge that is off by offset and scale', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -20, max: 20, noNaN: true }),
      fc.double({ min: 0.85, max: 1.18, noNaN: true }),
      fc.double({ min: 0, max: 2000, noNaN: true }),
      (offset, scale, truth) => {
        const shows = (um: number) => um * scale + offset;
        const result = correctionOf([
          check('start', shows(0), 125, shows(125)),
          check('end', shows(0), 250, shows(250)),
        ]);
        return result.ok && Math.abs(correctedUm(shows(truth), result) - truth) < 1e-6 * (1 + truth) && !result.drifted;
      },
    ),
    { seed: 12 },
  );
});

it('tells a gauge that drifted between its checks, and one that did not', () => {
  expect(correctionOf([check('start', 0, 125, 125), check('end', 0, 125, 127)])).toMatchObject({ drifted: false });
  const drifted = correctionOf([check('start', 0, 125, 125), check('end', 6, 125, 138)]);
  expect(drifted).toMatchObject({ ok: true, drifted: true });
  expect(drifted.ok && drifted.driftUm).toBeGreaterThan(10);
  expect(correctionOf([check('start', 0, 125, 126)])).toMatchObject({ driftUm: null, drifted: false });
});

it('refuses no check, and checks that no working gauge would give', () => {
  expect(correctionOf([])).toEqual({ ok: false, reason: 'no-check' });
  for (const bad of [
    check('start', 0, 125, 240),
    check('start', 130, 125, 125),
    check('start', 90, 125, 215),
    check('start', 125, 125, 125),
  ])
    expect(correctionOf([bad])).toEqual({ ok: false, reason: 'implausible' });
  expect(correctedUm(131, { ok: false, reason: 'no-check' })).toBe(131);
  expect(correctedUm(1, { ok: true, scale: 1, offsetUm: -5, driftUm: null, drifted: false, checks: 1 })).toBe(0);
});
