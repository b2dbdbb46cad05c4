import fc from 'fast-check';
import { type OdometerAsked, type OdometerReading, odometerHistories } from './histories';
import { KM_PER_MILE, odometerTable } from './odometer-table';

const t = odometerTable.defaults;
const five: OdometerAsked = { digits: 5, unit: 'mi', claim: null, built: null };
const rows = (...r: (readonly [on: string, value: number, changed?: boolean])[]): OdometerReading[] =>
  r.map(([on, value, changed]) => ({ on, value, source: 'service', ...(changed && { changed }) }));
const answer = (readings: OdometerReading[], more: Partial<OdometerAsked> = {}) =>
  odometerHistories(readings, { ...five, ...more }, t);

const CHAIN = rows(['1990-03-01', 41_200], ['1993-04-01', 52_100], ['1996-05-01', 61_300], ['1999-05-01', 68_900]);

describe('a distance', () => {
  it('is supported by a chain, and only by one', () => {
    expect(answer(CHAIN)).toMatchObject({
      status: 'supported',
      why: [{ what: 'chain', n: 4 }, { what: 'before-the-first' }],
    });
    expect(answer(CHAIN).histories.map((h) => h.total)).toEqual([68_900]);
    expect(answer(CHAIN.slice(2))).toMatchObject({
      status: 'not supported',
      why: [{ what: 'few-readings', n: 2, need: 3 }],
    });
    expect(answer([]).status).toBe('not supported');
    expect(answer(CHAIN, { claim: 69_200 }).status).toBe('supported');
  });
  it('is contradicted where no history comes to it', () => {
    expect(answer(CHAIN, { claim: 48_000 })).toMatchObject({
      status: 'contradicted',
      why: [{ what: 'no-history-fits', least: 68_900 }],
    });
    // Five digits that went round: what is shown is not what was run.
    const round = rows(['1968-05-01', 20], ['1972-06-01', 48_000], ['1976-06-01', 93_500], ['1979-06-01', 14_200]);
    expect(answer(round)).toMatchObject({ status: 'contradicted' });
    expect(answer(round, { claim: 114_200 })).toMatchObject({ status: 'supported' });
    expect(answer(round).histories[0]).toMatchObject({ total: 114_200, rounds: 1 });
  });
  it('falls only by going round: with six digits it cannot in that time', () => {
    const fall = rows(['1990-01-01', 93_500], ['1992-01-01', 52_000], ['1994-01-01', 60_000]);
    expect(answer(fall, { digits: 6 })).toMatchObject({
      status: 'contradicted',
      histories: [],
      why: [{ what: 'falls' }],
    });
    expect(answer(fall).histories[0]!.total).toBe(160_000);
    const quick = rows(['1990-01-01', 93_500], ['1990-03-01', 52_000]);
    expect(answer(quick)).toMatchObject({ status: 'contradicted', why: [{ what: 'falls' }] });
    const far = rows(['1990-01-01', 3500], ['1990-03-01', 52_000]);
    expect(answer(far)).toMatchObject({ status: 'contradicted', why: [{ what: 'too-far' }] });
  });
  it('may have gone round unseen in long years: every history is listed, with what would settle it', () => {
    const gap = rows(['1970-01-01', 12_000], ['1972-01-01', 31_000], ['1990-01-01', 62_000]);
    const { status, histories, why } = answer(gap);
    expect(status).toBe('not supported');
    expect(histories.map((h) => h.total)).toEqual([62_000, 162_000]);
    expect(why).toMatchObject([{ what: 'may-have-gone-round', from: { on: '1972-01-01' }, to: { on: '1990-01-01' } }]);
    // A reading between settles it.
    const settled = rows(
      ['1970-01-01', 12_000],
      ['1972-01-01', 31_000],
      ['1978-01-01', 47_000],
      ['1984-01-01', 58_000],
      ['1990-01-01', 62_000],
    );
    expect(answer(settled)).toMatchObject({ status: 'supported' });
  });
  it('may have gone round before the first reading, where the day of building leaves time for it', () => {
    expect(answer(CHAIN, { built: '1967-04-01' }).status).toBe('not supported');
    expect(answer(CHAIN, { built: '1967-04-01' }).histories.map((h) => h.rounds)).toEqual([0, 1, 2]);
    expect(answer(CHAIN, { built: '1986-04-01' }).status).toBe('supported');
  });
  it('is at least what is shown after a change', () => {
    const changed = rows(['1980-01-01', 71_000], ['1983-01-01', 0, true], ['1986-01-01', 24_000]);
    const { status, histories } = answer(changed, { claim: 95_500 });
    expect(histories).toMatchObject([{ total: 95_000, atLeast: true }]);
    expect(status).toBe('not supported');
    expect(answer(changed, { claim: 24_000 }).status).toBe('contradicted');
  });
  it('takes readings in any order, and tells distances a year', () => {
    const [h] = answer([...CHAIN].reverse()).histories;
    expect(h!.readings.map((r) => r.on)).toEqual(CHAIN.map((r) => r.on));
    expect(h!.readings[1]!.perYear).toBeCloseTo(10_900 / 3.085, -1);
  });
});

it('lists what trying every number of rounds finds', () => {
  const day = (d: number) => new Date(Date.UTC(1970, 0, 1) + d * 86_400_000).toISOString().slice(0, 10);
  const year = 365.2425;
  fc.assert(
    fc.property(
      fc.array(fc.record({ days: fc.integer({ min: 30, max: 5000 }), value: fc.integer({ min: 0, max: 9999 }) }), {
        minLength: 1,
        maxLength: 4,
      }),
      fc.constantFrom('km' as const, 'mi' as const),
      (steps, unit) => {
        let at = 0;
        const readings = steps.map(({ days, value }) => {
          at += days;
          return { on: day(at), value, source: 'x' };
        });
        const per = unit === 'mi' ? KM_PER_MILE : 1;
        const totals: number[][] = [];
        const tryAll = (i: number, so: readonly number[]) => {
          if (i === readings.length) {
            totals.push([...so]);
            return;
          }
          for (let k = 0; k < 60; k++) {
            const total = readings[i]!.value + 10_000 * k;
            if (i === 0) {
              if (k === 0) tryAll(1, [total]);
              continue;
            }
            const d = total - so[i - 1]!;
            const years = steps[i]!.days / year;
            const room = (perYear: number) => (perYear * years + t.atOnceKm) / per;
            const least = d >= 0 && d < 10_000;
            if (d >= 0 && d <= room(least ? t.mostKmPerYear : t.usualKmPerYear) && (least || d - 10_000 >= 0)) {
              const smallest = (((readings[i]!.value - so[i - 1]!) % 10_000) + 10_000) % 10_000;
              if (smallest <= room(t.mostKmPerYear)) tryAll(i + 1, [...so, total]);
            }
          }
        };
        tryAll(0, []);
        const found = odometerHistories(
          readings,
          { digits: 4, unit, claim: null, built: null },
          { ...t, mostHistories: 1000 },
        );
        const own = found.histories.map((h) => h.readings.map((r) => r.total).join());
        expect(found.more ? own.length : [...own].sort()).toEqual(
          found.more ? 1000 : totals.map((x) => x.join()).sort(),
        );
      },
    ),
    { numRuns: 150, seed: 17 },
  );
});
