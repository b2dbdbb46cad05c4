import { type Plan, planOf } from '../body/plan';
import { flawById } from '../catalogue/flaws/by-id';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { judge } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { recordOf } from '../kinds/test-records';
import { INCIDENCE } from '../population/incidence';
import { carOfPractice } from './car-record';
import { COURSE, courseWish } from './course';
import { debriefOf } from './debrief';
import { type CHARACTERS, type PracticeTruth, practiceTruth } from './practice-car';
import { SIGNS, signOf } from './signs';

const YEAR = 2026;
const AT = '2026-06-01T09:00:00Z';
const truthOf = (car: number, seed = 7) => practiceTruth(courseWish(car, seed)!)!;
const planFor = (t: PracticeTruth): Plan => planOf(t.style)!;
const entered = (t: PracticeTruth, records: readonly AnyRecord[]) => {
  const plan = planFor(t);
  const judgement = judge({ plan, records: [carOfPractice(t, YEAR), ...records], tables: DEFAULT_TABLES });
  return debriefOf(t, judgement, { tables: DEFAULT_TABLES, onYear: YEAR });
};
const allFindings = (t: PracticeTruth) => t.findings.map((f) => recordOf('finding', { ...f, at: AT }));
const cleanEverywhere = (t: PracticeTruth) =>
  [...planFor(t).zones.values()].flatMap((z) =>
    z.aspects.map((aspect) => recordOf('look', { zone: z.slug, aspect, outcome: 'clean', at: AT })),
  );

describe('a practice car', () => {
  it('is the same for the same wish, and another for another seed', () => {
    expect(truthOf(5)).toEqual(truthOf(5));
    expect(truthOf(5, 8)).not.toEqual(truthOf(5));
  });
  it('has a seller of whom an honest one says nothing that does not hold, and one who hides says all', () => {
    const said = (seller: (typeof CHARACTERS)[number]) =>
      Array.from(
        { length: 30 },
        (_, i) => practiceTruth({ ...courseWish(11, i)!, ageYears: 55, climate: 4, seller })!.claims,
      );
    expect(
      said('honest')
        .flat()
        .every((c) => c.holds),
    ).toBe(true);
    expect(said('hiding').every((c) => c.length === 4)).toBe(true);
    expect(
      said('hiding')
        .flat()
        .some((c) => !c.holds),
    ).toBe(true);
    expect(said('hopeful').flat().length).toBeGreaterThan(said('honest').flat().length);
  });
  it('rusts more by the sea', () => {
    const rust = (climate: 1 | 5) =>
      Array.from({ length: 25 }, (_, i) => practiceTruth({ ...courseWish(4, i)!, climate })!)
        .flatMap((t) => t.findings)
        .filter((f) => flawById(f.flaw).stage !== undefined).length;
    expect(rust(5)).toBeGreaterThan(1.5 * rust(1));
  });
  it('has as many functions out of order as were found wrong, and no fault that names no place of its plan', () => {
    for (const { number } of COURSE) {
      const t = truthOf(number);
      expect(t.findings.every((f) => planFor(t).zones.has(f.zone))).toBe(true);
      expect(Object.keys(t.functions).length).toBeGreaterThan(10);
    }
    expect(practiceTruth({ ...courseWish(1, 1)!, style: 'tram' })).toBeNull();
  });
  it('has a sign for every fault that it can have, and none that names the fault', () => {
    for (const { flaw } of INCIDENCE.filter((i) => !['inoperative', 'works-poorly'].includes(i.flaw))) {
      expect([flaw, flaw in SIGNS]).toEqual([flaw, true]);
      expect(signOf(flaw).felt.toLowerCase()).not.toContain(flaw.replaceAll('-', ' '));
      expect([flaw, signOf(flaw).as === 'nothing' && signOf(flaw).felt === '']).toEqual([flaw, false]);
    }
  });
});

describe('the truth laid over an inspection', () => {
  const truth = truthOf(11);
  it('counts all as not looked at where nothing was entered, and surprises nobody by it', () => {
    const d = entered(truth, []);
    expect(new Set(d.faults.map((f) => f.outcome))).toEqual(new Set(['not-looked']));
    expect([d.invented, d.cost.missed, d.score, d.surprises]).toEqual([[], 0, 0, 0]);
    expect(d.functions.every((f) => f.said === null)).toBe(true);
    expect(d.claims.every((c) => c.right === null)).toBe(true);
    expect(d.stations.reduce((n, s) => n + s.faults, 0)).toBeLessThanOrEqual(truth.findings.length);
    expect(d.stations[0]!.cost).toBeGreaterThan(0);
  });
  it('counts all as missed where everything was called clean, and says what that takes', () => {
    const d = entered(truth, cleanEverywhere(truth));
    expect(d.faults.filter((f) => f.aspect !== null).every((f) => f.outcome === 'missed')).toBe(true);
    expect(d.score).toBe(0);
    expect(d.surprises).toBeGreaterThan(3);
    expect(d.cost.missed).toBeGreaterThan(0.9 * d.cost.whole);
  });
  it('counts all as found where all was entered, and nothing is left to take', () => {
    const d = entered(truth, allFindings(truth));
    expect(d.faults.every((f) => f.outcome === 'found')).toBe(true);
    expect([d.invented, d.cost.missed, d.score, d.stations]).toEqual([[], 0, 1, []]);
    expect(d.cost.whole).toBeGreaterThan(0);
  });
  it('tells what was called otherwise from what was missed, and what is not there at all', () => {
    const rust = truth.findings.find((f) => f.flaw === 'rust-scale' || f.flaw === 'rust-blister')!;
    const bare = [...planFor(truth).zones.values()].find(
      (z) => z.aspects.includes('glass') && !truth.findings.some((f) => f.zone === z.slug),
    )!;
    const d = entered(truth, [
      recordOf('finding', { zone: rust.zone, flaw: 'rust-film', at: AT }),
      recordOf('finding', { zone: bare.slug, flaw: 'glass-crack', at: AT }),
    ]);
    const here = d.faults.filter((f) => f.zone === rust.zone && f.called === 'rust-film');
    expect(here.map((f) => f.outcome)).toEqual(['called-otherwise']);
    expect(d.invented).toEqual([{ zone: bare.slug, flaw: 'glass-crack' }]);
  });
  it('sets what readings say beside each panel, and what was tried beside each function', () => {
    const [zone, state] = Object.entries(truth.panels).find(([z]) => (planFor(truth).zones.get(z)?.areaM2 ?? 0) > 0.3)!;
    const readings = [208, 221, 232, 215, 219, 226, 211, 230].map((um) =>
      recordOf('reading', { zone, state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' } }),
    );
    const [dead] = Object.entries(truth.functions).find(([, s]) => s === 'dead') ?? Object.entries(truth.functions)[0]!;
    const tried = recordOf('tried', { function: dead!, state: 'works', at: AT });
    const d = entered(truth, [...readings, tried]);
    expect(d.panels.find((p) => p.zone === zone)).toMatchObject({ truth: state, readings: 8 });
    expect(d.functions.find((f) => f.id === dead)).toMatchObject({ said: 'works' });
  });
  it('says of the seller’s words which were seen through', () => {
    const lies = Array.from({ length: 20 }, (_, i) => truthOf(10, i)).find((t) =>
      t.claims.some((c) => c.kind === 'no-rust' && !c.holds && t.findings.some((f) => f.flaw === 'perforated')),
    )!;
    const claims = lies.claims.map((c) => recordOf('claim', { ...c, source: 'seller', saidAt: AT }));
    const d = entered(lies, [...claims, ...allFindings(lies)]);
    expect(d.claims.find((c) => c.kind === 'no-rust')).toMatchObject({ holds: false, right: true });
  });
});
