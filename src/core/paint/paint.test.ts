import fc from 'fast-check';
import { planOf } from '../body/plan';
import { normalDraw, seeded } from '../stats/random';
import { analysePaint } from './analyse';
import { type CensoredSample, type FilmPrior, fitCensored, medianEstimate, spreadEstimate } from './censored-fit';
import type { FilmReading } from './film-reading';
import { groupJobs } from './jobs';
import { DEFAULT_PROFILES, profileSchema } from './profiles';
import { readingsNeeded, sampleOf } from './sampling';
import { stateChances } from './state-chances';

const medianOf = (sample: CensoredSample, prior: FilmPrior) => medianEstimate(fitCensored(sample, prior)!, sample);

const PRIOR = {
  lnMedian: { mean: Math.log(220), sd: Math.log(3.2) },
  lnSpread: { mean: Math.log(0.2), sd: Math.log(2.1) },
};
const plan = planOf('fastback')!;

function draw(seed: number, n: number, medianUm: number, spread: number, ceilingUm = Infinity) {
  const random = seeded(seed);
  const values = Array.from({ length: n }, () => medianUm * Math.exp(spread * normalDraw(random)));
  return {
    readUm: values.filter((v) => v < ceilingUm),
    overUm: values.filter((v) => v >= ceilingUm).map(() => ceilingUm),
  };
}

const readings = (zone: string, values: (number | 'over' | 'none')[]): FilmReading[] =>
  values.map((v) =>
    v === 'none'
      ? { zone, state: 'none', thicknessUm: null, place: null }
      : v === 'over'
        ? { zone, state: 'over', thicknessUm: 500, place: null }
        : { zone, state: 'read', thicknessUm: v, place: null },
  );

describe('censored median', () => {
  it.each([
    [8, 0.13, Infinity, 0.86],
    [8, 0.28, Infinity, 0.86],
    [10, 0.25, 250, 0.86],
    // Here the median lies above the ceiling: "at least the ceiling" is right whenever it is said.
    [12, 0.3, 190, 0.93],
  ])('covers the true median about 8 times in 10 (n %d, spread %d, ceiling %d)', (n, spread, ceiling, atMost) => {
    let covered = 0;
    let judged = 0;
    for (let seed = 1; seed <= 500; seed++) {
      const sample = draw(seed, n, 200, spread, ceiling);
      const { value, low, high } = medianEstimate(fitCensored(sample, PRIOR)!, sample);
      judged++;
      // Above the ceiling the estimate only says "at least the ceiling": that covers whatever lies above it.
      if (value === null ? 200 >= low! : low! <= 200 && 200 <= high!) covered++;
    }
    expect(covered / judged).toBeGreaterThan(0.74);
    expect(covered / judged).toBeLessThan(atMost);
  });

  it('agrees with the textbook interval of an uncensored normal sample when the prior is flat', () => {
    // Student's t for n = 6: mean ± 1.476 s/√n holds 80 % (any table of t, 5 degrees of freedom).
    const flat = { lnMedian: { mean: 5, sd: 50 }, lnSpread: { mean: -1, sd: 50 } };
    const logs = [4.7, 4.85, 4.8, 5.0, 4.9, 4.95];
    const mean = logs.reduce((a, b) => a + b) / 6;
    const s = Math.sqrt(logs.reduce((a, b) => a + (b - mean) ** 2, 0) / 5);
    const { low, high } = medianOf({ readUm: logs.map(Math.exp), overUm: [] }, flat);
    expect(Math.log(low!)).toBeCloseTo(mean - (1.476 * s) / Math.sqrt(6), 2);
    expect(Math.log(high!)).toBeCloseTo(mean + (1.476 * s) / Math.sqrt(6), 2);
  });

  it('never lowers the median when a reading goes over the ceiling', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 60, max: 480, noNaN: true }), { minLength: 3, maxLength: 12 }),
        (values) => {
          const plain = medianOf({ readUm: values, overUm: [] }, PRIOR);
          const more = medianOf({ readUm: values, overUm: [500, 500] }, PRIOR);
          return more.value === null || more.value >= plain.value! * 0.999;
        },
      ),
      { seed: 11, numRuns: 60 },
    );
  });

  it('says at least the ceiling when most readings stand at it', () => {
    expect(medianOf({ readUm: [420], overUm: [500, 500, 500] }, PRIOR)).toEqual({
      value: null,
      low: 500,
      high: null,
      n: 4,
    });
  });

  it('handles no, one, equal and only censored readings', () => {
    expect(fitCensored({ readUm: [], overUm: [] }, PRIOR)).toBeNull();
    const one = medianOf({ readUm: [130], overUm: [] }, PRIOR);
    expect(one.low!).toBeLessThan(125);
    expect(one.high!).toBeGreaterThan(135);
    const equal = medianOf({ readUm: [130, 130, 130, 130, 130, 130], overUm: [] }, PRIOR);
    expect(equal.value!).toBeCloseTo(130, 0);
    expect(Number.isFinite(equal.high!)).toBe(true);
    const all = fitCensored({ readUm: [], overUm: [500, 500, 500] }, PRIOR)!;
    expect(medianEstimate(all, { readUm: [], overUm: [500, 500, 500] }).low).toBe(500);
    expect(Number.isFinite(spreadEstimate(all).value!)).toBe(true);
  });

  it('recovers the spread', () => {
    const { value } = spreadEstimate(fitCensored(draw(3, 200, 200, 0.3, 260), PRIOR)!);
    expect(value!).toBeGreaterThan(0.26);
    expect(value!).toBeLessThan(0.34);
  });
});

describe('states under the two schools', () => {
  const chances = (values: (number | 'over' | 'none')[], school: string) => {
    const { none, ...sample } = sampleOf(readings('hood', values));
    return stateChances(fitCensored(sample, PRIOR)!, none, DEFAULT_PROFILES.find((p) => p.id === school)!);
  };

  it('calls even thin film factory, and thick uneven film with points over the ceiling filled', () => {
    expect(chances([118, 124, 121, 130, 115, 126], 'survivor').factory).toBeGreaterThan(0.9);
    expect(chances([260, 210, 300, 255, 235, 280], 'survivor').resprayed).toBeGreaterThan(0.7);
    expect(chances([380, 'over', 'over', 460, 'over', 'over'], 'survivor').filled).toBeGreaterThan(0.6);
  });

  it('lets the rebuilt school accept what the survivor school calls heavy', () => {
    const values = [400, 380, 430, 395, 410, 420];
    const survivor = chances(values, 'survivor');
    const rebuilt = chances(values, 'rebuilt');
    expect(survivor.heavy).toBeGreaterThan(survivor.resprayed);
    expect(rebuilt.resprayed).toBeGreaterThan(rebuilt.heavy);
  });

  it('sums to one whatever is read', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.double({ min: 20, max: 499, noNaN: true }), fc.constant('over' as const)), {
          minLength: 1,
          maxLength: 15,
        }),
        (values) => {
          const sum = Object.values(chances(values, 'survivor')).reduce((a, b) => a + b, 0);
          return Math.abs(sum - 1) < 1e-9;
        },
      ),
      { seed: 5, numRuns: 50 },
    );
  });

  it('leans towards filler when points on steel show nothing', () => {
    expect(chances([300, 340, 420, 'none', 'none'], 'survivor').filled).toBeGreaterThan(
      chances([300, 340, 420], 'survivor').filled,
    );
  });

  it('ships profiles that its own schema accepts', () => {
    for (const p of DEFAULT_PROFILES) expect(profileSchema.parse(p)).toEqual(p);
  });
});

describe('whole car', () => {
  const car = [
    ...readings('fender.left', [121, 118, 125, 130, 119]),
    ...readings('fender.right', [119, 124, 122, 117, 126]),
    ...readings('door.left.front', [262, 240, 290, 255, 231]),
    ...readings('door.right.front', [124, 120, 129, 118, 122]),
    ...readings('quarter.left', ['over', 'over', 412, 388, 'over', 'over', 350]),
    ...readings('quarter.right', [118, 115, 122, 126, 120]),
  ];
  const result = analysePaint({ readings: car, profiles: DEFAULT_PROFILES, plan });

  it('finds the factory level as the car’s own baseline', () => {
    expect(result.baselineUm.value!).toBeGreaterThan(117);
    expect(result.baselineUm.value!).toBeLessThan(126);
  });

  it('tells the two repaired panels from the factory job', () => {
    const job = (zone: string) => result.zones.find((z) => z.zone === zone)!.job;
    expect(['fender.left', 'fender.right', 'door.right.front', 'quarter.right'].map(job)).toEqual([1, 1, 1, 1]);
    expect(job('door.left.front')).not.toBe(1);
    expect(job('quarter.left')).not.toBe(job('door.left.front'));
  });

  it('contrasts each panel with its twin', () => {
    const of = (zone: string) => result.contrasts.find((c) => c.zone === zone)!;
    // Five against seven: no relabelling can be rarer than 2 in 792.
    expect(of('quarter.left').p).toBeLessThan(0.006);
    expect(of('quarter.left').ratio.low!).toBeGreaterThan(2);
    expect(of('fender.left').p).toBeGreaterThan(0.2);
  });

  it('says how far apart twins are at least, when one of them lies above the ceiling', () => {
    const found = analysePaint({
      plan,
      readings: [
        ...readings('fender.left', [118, 122, 120, 119, 121, 124]),
        ...readings('fender.right', ['over', 'over', 'over', 'over', 'over', 480]),
      ],
      profiles: DEFAULT_PROFILES,
    });
    const [contrast] = found.contrasts;
    expect(contrast).toMatchObject({ zone: 'fender.left', twin: 'fender.right' });
    expect(1 / contrast!.leastApart!).toBeGreaterThan(3.8);
    expect(1 / contrast!.leastApart!).toBeLessThanOrEqual(500 / 117);
    const told = found.zones.find((z) => z.zone === 'fender.right')!.reasons.find((r) => r.kind === 'twin');
    expect(told).toMatchObject({ atLeast: true, speaksFor: 'resprayed' });
    const other = found.zones.find((z) => z.zone === 'fender.left')!.reasons.find((r) => r.kind === 'twin');
    expect(other).toMatchObject({ atLeast: true, speaksFor: 'factory' });
  });

  it('asks next for panels nobody has measured, away from their edges', () => {
    expect(result.next).toHaveLength(3);
    for (const n of result.next) expect(plan.zones.has(n.zone)).toBe(true);
    expect(result.next.map((n) => n.zone)).toContain('hood');
  });

  it('says when a panel has too few readings', () => {
    const few = analysePaint({ readings: readings('hood', [120, 121, 119]), profiles: DEFAULT_PROFILES, plan });
    expect(few.zones[0]!.enough).toBe(false);
    expect(few.zones[0]!.lacks).toBe(readingsNeeded(plan.zones.get('hood')!.areaM2) - 3);
  });

  it('does not read filler into silence on glass fibre', () => {
    const fibre = planOf('fastback', { baseMetal: 'glass-fibre' })!;
    const [zone] = analysePaint({
      readings: readings('hood', ['none', 'none', 'none']),
      profiles: DEFAULT_PROFILES,
      plan: fibre,
    }).zones;
    expect(zone).toMatchObject({ unreadable: true, state: null, none: 3, medianUm: { value: null } });
  });

  it('is empty without readings', () => {
    const empty = analysePaint({ readings: [], profiles: DEFAULT_PROFILES, plan: null });
    expect(empty).toEqual({
      baselineUm: { value: null, low: null, high: null, n: 0 },
      zones: [],
      contrasts: [],
      next: [],
    });
  });
});

it('groups levels into jobs as far apart as the data show', () => {
  const level = (zone: string, um: number, spread = 0.12) => ({
    zone,
    mean: Math.log(um),
    sd: 0.04,
    lnSpread: Math.log(spread),
    lnSpreadSd: 0.25,
    areaM2: 1,
  });
  const one = groupJobs([level('a', 118), level('b', 122), level('c', 125)]);
  expect(new Set(one.values()).size).toBe(1);
  const two = groupJobs([level('a', 118), level('b', 122), level('c', 125), level('d', 260), level('e', 270)]);
  expect(
    [...two.entries()]
      .filter(([, j]) => j === 2)
      .map(([z]) => z)
      .sort(),
  ).toEqual(['d', 'e']);
  expect(groupJobs([]).size).toBe(0);
  // Alike in level, far apart in evenness: two jobs.
  const uneven = ['a', 'b', 'c', 'd'].map((z) => level(z, 200, 0.08));
  const hand = ['e', 'f', 'g', 'h'].map((z) => level(z, 212, 0.5));
  const found = groupJobs([...uneven, ...hand]);
  expect(new Set(['a', 'b', 'c', 'd'].map((z) => found.get(z))).size).toBe(1);
  expect(found.get('a')).not.toBe(found.get('e'));
});

it('counts the share above a cut beside the fitted one, and not above the ceiling', () => {
  const zone = analysePaint({
    readings: readings('hood', [120, 150, 200, 260, 'over', 'over', 'over', 'over']),
    profiles: DEFAULT_PROFILES,
    plan: null,
  }).zones[0]!;
  // Six of eight stand above 180 µm; of those at the ceiling of 500 µm only that is known.
  expect(zone.above.map((a) => [a.cutUm, a.freeShare])).toEqual([
    [180, 0.75],
    [330, 0.5],
    [500, 0.5],
  ]);
  const low = analysePaint({
    readings: readings('hood', [120, 150, 200]).concat({ zone: 'hood', state: 'over', thicknessUm: 300, place: null }),
    profiles: DEFAULT_PROFILES,
    plan: null,
  }).zones[0]!;
  expect(low.above.map((a) => a.freeShare)).toEqual([0.5, null, null]);
});
