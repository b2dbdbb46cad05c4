import fc from 'fast-check';
import { planOfCar } from '../body/plan';
import { flawById } from '../catalogue/flaws/by-id';
import { FLAW_IDS } from '../catalogue/flaws/catalogue';
import { TRADES } from '../catalogue/remedies';
import { aspectOf } from '../coverage/coverage';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { judge } from '../judge/judge';
import { type AnyRecord, KINDS, type RecordKind } from '../kinds';
import { costTable, type Decision } from '../work/cost-table';
import { costOf, drawInputOf, jobCost, ratesOf, type Wishes, workOf } from './cost';
import { CONTAINS } from './job-rules';

const AT = '2027-02-10T09:00:00Z';
const COST = costTable.defaults;
const id = (n: number) => `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
let serial = 0;
const record = (kind: RecordKind, body: object, n = ++serial): AnyRecord =>
  ({ kind, id: id(n), version: 1, body: KINDS[kind].schema.parse({ at: AT, ...body }) }) as AnyRecord;
const car = (more: object = {}) =>
  record(
    'car',
    {
      make: 'Quillon',
      model: 'Halyard',
      year: 1967,
      style: 'fastback',
      baseMetal: 'steel',
      paintType: 'single-stage',
      ...more,
    },
    900_000,
  );
const finding = (zone: string, flaw: string, more: object = {}, n?: number) =>
  record('finding', { zone, flaw, ...more }, n);
const reading = (zone: string, um: number) =>
  record('reading', { zone, state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' } });

function judged(own: readonly AnyRecord[], more: object = {}) {
  const records = [car(more), ...own];
  const plan = planOfCar(records[0]!.body as never)!;
  return judge({ plan, records, tables: DEFAULT_TABLES });
}
function worked(own: readonly AnyRecord[], wishes: Wishes = {}, more: object = {}) {
  const judgement = judged(own, more);
  const work = workOf(judgement, COST, wishes);
  return { judgement, ...work, keys: work.jobs.map((j) => j.key).sort() };
}
const drawn = (own: readonly AnyRecord[], wishes: Wishes = {}, draws = 4000) => {
  const { judgement, ...work } = worked(own, wishes);
  return costOf(drawInputOf(judgement, work, { cost: COST, onYear: 2027, wishes, graded: DEFAULT_TABLES }), {
    draws,
    seed: 7,
  });
};
/** Film of the works on every panel, so that its paint is known to be that. */
const factoryFilm = (zones: readonly string[]) =>
  zones.flatMap((z) => [104, 108, 111, 106, 109, 105].map((um) => reading(z, um)));
const PANELS = [
  'hood',
  'roof',
  'deck',
  'fender.left',
  'fender.right',
  'door.left.front',
  'door.right.front',
  'quarter.left',
  'quarter.right',
];

describe('what is chosen by rule', () => {
  const factory = factoryFilm(PANELS);
  it.each([
    ['a few chips', 'hood', { flaw: 'chip', count: 3 }, 'touch-in'],
    ['swirls', 'hood', { flaw: 'swirl' }, 'polish'],
    ['a small dent in whole paint', 'door.left.front', { flaw: 'dent', sizeMm: 40 }, 'dent-out'],
    ['filler that shows', 'quarter.left', { flaw: 'filler-visible' }, 'strip-refinish'],
    ['a door that drops', 'door.left.front', { flaw: 'drops' }, 'hinges'],
    ['a hole in a rocker', 'rocker.left', { flaw: 'perforated' }, 'sill'],
    ['a hole in the floor', 'floor.left.front', { flaw: 'perforated' }, 'floor-section'],
    ['a pitted bumper', 'bumper.front', { flaw: 'pitting' }, 're-plate'],
    ['a dented bumper', 'bumper.front', { flaw: 'dent', sizeMm: 60 }, 're-plate'],
    ['a cracked screen', 'glass.windshield', { flaw: 'glass-crack' }, 'pane'],
    ['a torn seat', 'seat.left.front', { flaw: 'split' }, 'seat-cover'],
    ['a matching number that is not', 'engine', { flaw: 'number-mismatch' }, 'leave'],
  ] as const)('%s: the work that fits it', (_what, zone, body, remedy) => {
    const { decided } = worked([finding(zone, body.flaw, body)]);
    expect(decided.map((d) => d.decision)).toEqual([remedy]);
  });

  it('keeps the works’ paint: a long scratch through it is left and said, with what speaks against painting', () => {
    const long = { flaw: 'dent', sizeMm: 250 };
    expect(worked([...factory, finding('hood', long.flaw, long)]).decided[0]).toMatchObject({ decision: 'leave' });
    const [{ options }] = worked([...factory, finding('hood', long.flaw, long)]).decided as [
      ReturnType<typeof worked>['decided'][0],
    ];
    expect(options.options.find((o) => o.remedy === 'refinish')?.against).toEqual(['sparesFactoryPaint']);
    // Painted before, or past keeping, there is nothing to spare.
    expect(
      worked([
        ...PANELS.flatMap((z) => [240, 260, 255, 248].map((um) => reading(z, um))),
        finding('hood', long.flaw, long),
      ]).decided[0]!.decision,
    ).not.toBe('leave');
  });

  it('lets a person decide otherwise, but nothing that the thing does not have', () => {
    const own = [finding('hood', 'chip', { count: 3 }, 11)];
    const by = (decision: Decision) => worked(own, { decisions: new Map([[id(11), decision]]) }).decided[0]!;
    expect(by('refinish')).toMatchObject({ decision: 'refinish', byHand: true });
    expect(by('leave')).toMatchObject({ decision: 'leave', byHand: true });
    expect(by('engine-rebuild')).toMatchObject({ decision: 'touch-in', byHand: false });
  });
});

describe('work that is shared', () => {
  it('paints a panel once, however many faults it puts right there', () => {
    const { jobs } = worked([
      finding('hood', 'peeling'),
      finding('hood', 'colour-mismatch'),
      finding('hood', 'swirl'),
      finding('hood', 'filler-visible'),
    ]);
    expect(jobs.map((j) => [j.key, j.serves.length])).toEqual([['strip-refinish@hood', 4]]);
  });

  it('blends a metallic colour into neighbours that are not painted themselves, each once', () => {
    const faults = [finding('hood', 'peeling'), finding('fender.left', 'peeling')];
    const { keys } = worked(faults, {}, { paintType: 'metallic' });
    expect(keys).toContain('blend@fender.right');
    expect(keys).not.toContain('blend@fender.left');
    expect(new Set(keys).size).toBe(keys.length);
    expect(worked(faults).keys.some((k) => k.startsWith('blend'))).toBe(false);
  });

  it('counts what panels painted together share, from the third on', () => {
    const hours = (n: number) => {
      const { jobs } = worked(PANELS.slice(0, n).map((z) => finding(z, 'peeling')));
      return jobs.filter((j) => j.work === 'refinish').reduce((s, j) => s + j.hours[1], 0);
    };
    expect([hours(1), hours(2), hours(3), hours(4)]).toEqual([8, 16, 22, 28].map((h) => expect.closeTo(h, 6)));
  });

  it('resprays once where that is less than painting every panel by itself', () => {
    const all = [...planOfCar(car().body as never)!.zones.values()].filter(
      (z) => z.view === 'outside' && z.aspects.includes('paint'),
    );
    const { jobs } = worked(all.map((z) => finding(z.slug, 'cracking')));
    expect(jobs.map((j) => j.key)).toContain('respray@outside');
    expect(jobs.some((j) => j.work === 'strip-refinish' || j.work === 'refinish')).toBe(false);
  });

  it('takes a bumper off once for two jobs behind it, and not where it is off to be plated', () => {
    const behind = [finding('valance.front', 'peeling'), finding('valance.front', 'rust-blister')];
    expect(worked(behind).keys.filter((k) => k.startsWith('off-and-on'))).toEqual(['off-and-on@bumper.front']);
    expect(worked([...behind, finding('bumper.front', 'pitting')]).keys.some((k) => k.startsWith('off-and-on'))).toBe(
      false,
    );
  });

  const plan = planOfCar(car().body as never)!;
  const anything = fc
    .record({
      zone: fc.constantFrom(...plan.zones.keys()),
      flaw: fc.constantFrom(...[...FLAW_IDS].filter((f) => f !== 'own-words')),
      count: fc.integer({ min: 1, max: 60 }),
      sizeMm: fc.option(fc.integer({ min: 1, max: 900 })),
      share: fc.option(fc.double({ min: 0, max: 1, noNaN: true })),
    })
    .filter(({ zone, flaw }) => aspectOf(flaw, plan.zones.get(zone)!) !== null && flawById(flaw) !== undefined);

  it('never pays the same work twice, serves each thing once, and never waits for itself', () => {
    fc.assert(
      fc.property(
        fc.array(anything, { maxLength: 14 }),
        fc.constantFrom('metallic', 'single-stage'),
        (faults, paintType) => {
          const { jobs, decided } = worked(
            faults.map(({ zone, flaw, ...more }) => finding(zone, flaw, more)),
            {},
            { paintType },
          );
          const keys = jobs.map((j) => j.key);
          expect(new Set(keys).size).toBe(keys.length);
          for (const j of jobs)
            for (const k of jobs)
              if (j.zone === k.zone && j !== k)
                expect([j.key, CONTAINS[j.work]?.includes(k.work) ?? false]).toEqual([j.key, false]);
          const served = jobs.flatMap((j) => j.serves);
          expect([...served].sort()).toEqual(
            decided
              .filter((d) => d.decision !== 'leave')
              .map((d) => d.options.thing.key)
              .sort(),
          );
          // What comes before stands in no circle: taking out what waits for nothing empties the list.
          let left = jobs;
          while (left.length > 0) {
            const free = left.filter((j) => !j.after.some((a) => left.some((l) => l.key === a)));
            expect(free.length).toBeGreaterThan(0);
            left = left.filter((j) => !free.includes(j));
          }
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('money with its doubt', () => {
  it('has the mean of the triangles where nothing else is in doubt', () => {
    const { judgement, ...work } = worked([finding('hood', 'chip', { count: 5 }), finding('door.left.front', 'drops')]);
    const input = drawInputOf(judgement, work, { cost: { ...COST, tradeSd: 0 }, onYear: 2027, graded: DEFAULT_TABLES });
    const known = costOf({ ...input, unseen: [], surprises: [] }, { draws: 40_000, seed: 3 });
    const rates = ratesOf(judgement, {});
    const mean = work.jobs.reduce((s, j) => {
      const c = jobCost(j, rates);
      return s + (c.low + c.likely + c.high) / 3;
    }, 0);
    expect(known.whole.p50 / mean).toBeCloseTo(1, 1);
    expect(known.whole.p10).toBeLessThan(mean);
    expect(known.whole.p90).toBeGreaterThan(mean);
  });

  it('is the same for the same seed, and takes nothing of what the buyer does himself but its parts', () => {
    const own = [finding('hood', 'peeling'), finding('engine', 'leak-drips')];
    expect(drawn(own)).toEqual(drawn(own));
    const all = drawn(own, { own: [...TRADES] });
    const known = drawn(own).known;
    expect(all.known.p90).toBeLessThan(known.p10);
    expect(all.known.p50).toBeCloseTo(90 + 40, 0);
  });

  it('counts what nobody saw as it is on cars of its age, and nothing where all is known', () => {
    const empty = drawn([]);
    expect(empty.known).toEqual({ p10: 0, p50: 0, p90: 0 });
    expect(empty.unseen.p50).toBeGreaterThan(0);
    expect(empty.whole.p90).toBeGreaterThan(empty.whole.p10);
  });

  it('is dearer where filler may lie over rust, and says that this makes the doubt', () => {
    const filled = drawn([finding('quarter.left', 'filler-visible')]);
    expect(filled.movers.some((m) => m.key === 'rust-under@quarter.left')).toBe(true);
    const { judgement, ...work } = worked([finding('quarter.left', 'filler-visible')]);
    const input = drawInputOf(judgement, work, { cost: COST, onYear: 2027, graded: DEFAULT_TABLES });
    const sure = costOf({ ...input, surprises: [] }, { draws: 4000, seed: 7 });
    expect(filled.known.p90).toBeGreaterThan(sure.known.p90);
    expect(judged([finding('quarter.left', 'filler-visible')]).findings.all).toHaveLength(1);
  });

  it('grows with every lever: scarce parts, dearer hours', () => {
    const own = [finding('bumper.front', 'pitting'), finding('hood', 'peeling')];
    expect(drawn(own, { having: () => 'scarce' }).known.p50).toBeGreaterThan(drawn(own).known.p50);
    expect(drawn(own, { rates: { paint: 90 } }).known.p50).toBeGreaterThan(drawn(own).known.p50);
  });
});
