import { type EngineTruth, madeLog, SOUND_ENGINE } from '@/instruments/running-engine';
import { leastSquares } from '../stats/least-squares';
import { analyseLog, type LogPoint } from './log-analysis';
import { bandsOf, type LogTable, logTable } from './log-table';

const T = logTable.defaults as LogTable;
const BANDS = bandsOf('Quillon', T);
const told = (truth: Partial<EngineTruth> = {}, minutes = 20, everyS = 30, seed = 1) =>
  analyseLog(madeLog({ ...SOUND_ENGINE, ...truth }, minutes, everyS, seed), BANDS, T);

it('fits a line with its doubt as a textbook does', () => {
  // Worked by hand: y = 1 + 2x exactly at four places, one of them off by 1.
  const fit = leastSquares(
    [
      [1, 0],
      [1, 1],
      [1, 2],
      [1, 3],
    ],
    [1, 3, 5, 8],
  )!;
  expect(fit.coefficients.map((c) => c.value)).toEqual([expect.closeTo(0.8, 9), expect.closeTo(2.3, 9)]);
  expect(fit.rss).toBeCloseTo(0.3, 9);
  // t(0.9; 2) = 1.8856, s² = 0.15, Sxx = 5.
  expect(fit.coefficients[1]!.high! - 2.3).toBeCloseTo(1.8856 * Math.sqrt(0.15 / 5), 3);
  expect(
    leastSquares(
      [
        [1, 2],
        [1, 2],
        [1, 2],
      ],
      [1, 2, 3],
    ),
  ).toBeNull();
  expect(
    leastSquares(
      [
        [1, 2],
        [1, 3],
      ],
      [1, 2],
    ),
  ).toBeNull();
});

it('finds on made logs where the thermostat opened and where it holds', () => {
  for (const [i, thermostatC] of [82, 86, 90].entries()) {
    const { thermostat } = told({ thermostatC }, 20, 30, 10 + i);
    if (!thermostat.ok) throw new Error(thermostat.reason);
    expect(Math.abs(thermostat.levelC.value! - thermostatC)).toBeLessThan(2);
    const opened = ((thermostatC - SOUND_ENGINE.ambientC) / SOUND_ENGINE.cPerMin) * 60;
    expect(Math.abs(thermostat.openedAtS - opened)).toBeLessThan(75);
    expect(thermostat.verdict).toBe('in-band');
  }
});

it.each<[string, Partial<EngineTruth>, 'thermostat' | 'oil' | 'charging', string]>([
  ['a thermostat stuck open', { thermostatC: 58 }, 'thermostat', 'early'],
  ['one that opens late', { thermostatC: 108 }, 'thermostat', 'late'],
  ['a sound one', {}, 'oil', 'in-band'],
  ['worn bearings', { oilKpa: 210, per1000Rpm: 60, per10C: 26 }, 'oil', 'low'],
  ['a gauge or pump that does not follow speed', { oilKpa: 420, per1000Rpm: -8 }, 'oil', 'does-not-rise'],
  ['a relief valve that sticks', { oilKpa: 760, per1000Rpm: 150 }, 'oil', 'high'],
  ['a sound one', {}, 'charging', 'in-band'],
  ['a dynamo that does nothing', { volts: 12.3 }, 'charging', 'none'],
  ['a regulator gone high', { volts: 15.6 }, 'charging', 'over'],
  ['a belt that slips as it warms', { volts: 14.2, sagVPerH: 2.2 }, 'charging', 'sags'],
])('%s: %j', (_name, truth, of, verdict) => {
  for (const seed of [1, 2, 3, 4, 5]) {
    const answer = told(truth, 20, 30, seed)[of];
    expect([seed, answer.ok ? answer.verdict : answer.reason]).toEqual([seed, verdict]);
  }
});

it('reads oil pressure warm at idle and fast, within its doubt as often as it says', () => {
  const hot = SOUND_ENGINE.oilKpa - SOUND_ENGINE.per10C * 6.6;
  let within = 0;
  for (let seed = 1; seed <= 100; seed++) {
    const { oil } = told({}, 18, 40, seed);
    if (oil.ok && oil.idleKpa.low! <= hot && hot <= oil.idleKpa.high!) within++;
  }
  expect(within).toBeGreaterThan(65);
  expect(within).toBeLessThan(95);
});

it('refuses what it cannot tell', () => {
  const reason = (a: { ok: boolean; reason?: string }) => (a.ok ? 'told' : a.reason);
  expect(reason(told({}, 2).thermostat)).toBe('too-few');
  expect(reason(told({}, 3, 10).thermostat)).toBe('too-short');
  expect(reason(told({ thermostatC: null, cPerMin: 3.5 }).thermostat)).toBe('no-bend');
  expect(reason(told({ thermostatC: 20 }).thermostat)).toBe('no-rise');
  expect(reason(told({ thermostatC: 50 }).oil)).toBe('not-warm');
  const still = madeLog(SOUND_ENGINE, 20, 30, 1).map((p): LogPoint => ({ ...p, rpm: 850 }));
  expect(reason(analyseLog(still, BANDS, T).oil)).toBe('speed-not-varied');
  expect(analyseLog([], BANDS, T)).toMatchObject({ seconds: 0, moved: { rpm: null } });
});

it('says of each gauge whether it moved', () => {
  expect(told().moved).toEqual({ rpm: true, oilKpa: true, tempC: true, volts: expect.any(Boolean) });
  const stuck = madeLog(SOUND_ENGINE, 20, 30, 1).map((p): LogPoint => ({ ...p, tempC: 40 }));
  expect(analyseLog(stuck, BANDS, T).moved.tempC).toBe(false);
});

it('tells an instrument’s ten thousand readings as it tells a hand’s forty', () => {
  const { thermostat, oil } = analyseLog(madeLog(SOUND_ENGINE, 60, 0.36, 5), BANDS, T);
  expect(thermostat).toMatchObject({ ok: true, verdict: 'in-band' });
  expect(oil).toMatchObject({ ok: true, verdict: 'in-band' });
  if (thermostat.ok) expect(Math.abs(thermostat.levelC.value! - SOUND_ENGINE.thermostatC!)).toBeLessThan(1);
});
