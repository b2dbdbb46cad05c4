import { planOf } from '@/core/body/plan';
import { checkRun } from '@/core/gauge/check-run';
import { correctedUm, correctionOf } from '@/core/gauge/correction';
import type { GaugeEvent } from '@/core/gauge/line-protocol';
import { type CoatingTruth, practiceCar } from './practice-car';
import { StandInGauge, SURVEY_GAUGE } from './thickness-gauge';

const plan = planOf('fastback')!;
const flat = (um: number, metal: 'steel' | 'aluminium' | 'glass-fibre' = 'steel'): CoatingTruth => ({
  um: () => um,
  metal: () => metal,
});
const value = (e: GaugeEvent) => (e.kind === 'read' ? e.value : Number.NaN);
const mean = (n: number, one: () => number) => Array.from({ length: n }, one).reduce((a, b) => a + b, 0) / n;

it('is off by its scale and offset, and its own foils put that right', () => {
  const gauge = new StandInGauge(flat(240));
  const shown = mean(400, () => value(gauge.measure('hood', 100, 100, 50)));
  expect(shown).toBeGreaterThan(245);
  const zeroUm = mean(50, () => value(gauge.onFoil(0)));
  const foilReadUm = mean(50, () => value(gauge.onFoil(125)));
  const correction = correctionOf([{ when: 'start', zeroUm, foilUm: 125, foilReadUm }]);
  expect(Math.abs(correctedUm(shown, correction) - 240)).toBeLessThan(1.5);
});

it('stops at its ceiling and says no more', () => {
  expect(new StandInGauge(flat(900)).measure('hood', 0, 0, 50)).toEqual({ kind: 'over', value: 500, unit: 'um' });
});

it('shows nothing on what it cannot read, and why in the cold, at an edge and with an empty battery', () => {
  const one = (truth: CoatingTruth, extra: object = {}, edge = 50) =>
    new StandInGauge(truth, { ...SURVEY_GAUGE, ...extra }).measure('hood', 0, 0, edge);
  expect(one(flat(120, 'glass-fibre'))).toEqual({ kind: 'none' });
  expect(one(flat(120, 'aluminium'), { modes: ['F'] })).toEqual({ kind: 'none' });
  expect(one(flat(120, 'aluminium'))).toMatchObject({ kind: 'read', mode: 'N' });
  expect(one(flat(120), { temperatureC: 2 })).toEqual({ kind: 'error', why: 'cold' });
  expect(one(flat(120), {}, 0.2)).toEqual({ kind: 'error', why: 'probe' });
  const gauge = new StandInGauge(flat(120));
  for (let i = 0; i < 1200; i++) gauge.measure('hood', 0, 0, 50);
  expect(gauge.battery()).toEqual({ kind: 'battery', percent: 0 });
  expect(gauge.measure('hood', 0, 0, 50)).toEqual({ kind: 'error', why: 'battery' });
});

it('misreads near an edge', () => {
  const gauge = new StandInGauge(flat(120));
  expect(mean(100, () => value(gauge.measure('hood', 0, 0, 2)))).toBeGreaterThan(
    1.1 * mean(100, () => value(gauge.measure('hood', 0, 0, 40))),
  );
});

it('gives the same car for a seed, with one panel resprayed and one filled at a place', () => {
  const [car, again] = [practiceCar(plan, 5), practiceCar(plan, 5)];
  const zones = [...plan.zones.values()].filter(
    (z) => z.view === 'outside' && z.aspects.includes('paint') && z.areaM2 > 0.3,
  );
  const levels = zones.map((z) => car.um(z.slug, 500, 480));
  expect(levels).toEqual(zones.map((z) => again.um(z.slug, 500, 480)));
  const thick = zones.filter((z) => {
    for (let u = 50; u < 1700; u += 40) for (let v = 20; v < 700; v += 40) if (car.um(z.slug, u, v) > 700) return true;
    return false;
  });
  expect(thick).toHaveLength(1);
  expect(thick[0]!.upright).toBe(true);
  expect(levels.filter((l) => l > 190).length).toBeGreaterThanOrEqual(1);
});

it('is checked as a gauge in the hand is, and the check brings its readings back to the truth', () => {
  const gauge = new StandInGauge(flat(140), {
    ...SURVEY_GAUGE,
    offsetUm: 6,
    scale: 1.06,
    noiseShare: 0.002,
    seed: 4,
  });
  const shows = (um: number) => {
    const event = gauge.onFoil(um);
    return event.kind === 'read' ? event.value : Number.NaN;
  };
  const several = (um: number) => Array.from({ length: 5 }, () => shows(um));
  const run = checkRun('start', several(0), 250, several(250));
  if (!run.ok) throw new Error(run.reason);
  const correction = correctionOf([run.check]);
  expect(Math.abs(shows(140) - 140)).toBeGreaterThan(10);
  expect(Math.abs(correctedUm(shows(140), correction) - 140)).toBeLessThan(4);
});
