import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { judge } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { recordOf as record } from '../kinds/test-records';
import { drawInputOf, ratesOf, workOf } from './cost';
import { valueOfLooking } from './looks';
import { mended } from './mend';
import { partOut } from './part-out';

const plan = planOf('fastback')!;
const { cost } = DEFAULT_TABLES;
const CAR = record('car', { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback', baseMetal: 'steel' });
const clean = (zone: string, aspect: string) => record('look', { zone, aspect, outcome: 'clean' });
const hoodClean = () => ['paint', 'shape', 'fit', 'corrosion'].map((a) => clean('hood', a));
const judged = (records: readonly AnyRecord[]) => judge({ plan, records: [CAR, ...records], tables: DEFAULT_TABLES });
const parts = (records: readonly AnyRecord[]) => {
  const judgement = judged(records);
  const found = partOut(judgement, cost, ratesOf(judgement, {}));
  return { ...found, hood: found.parts.find((p) => p.zone === 'hood') };
};

describe('a car in parts', () => {
  it('prices a sound part whole, a worn one by its condition, one that nobody saw at a share', () => {
    const whole = cost.partOut.parts.hood!.price[1];
    const sound = parts(hoodClean()).hood!;
    expect([sound.sound, sound.price[1]]).toEqual([1, whole]);
    const rusty = parts([...hoodClean(), record('finding', { zone: 'hood', flaw: 'perforated' })]).hood!;
    expect(rusty.sound).toBeLessThan(1);
    expect(rusty.price[1]).toBeCloseTo(whole * rusty.sound! ** cost.partOut.power, 6);
    const unseen = parts([]).hood!;
    expect([unseen.sound, unseen.price[1]]).toEqual([null, whole * cost.partOut.unseenTimes]);
  });

  it('sells an engine that does not turn as one to be rebuilt', () => {
    const engine = (own: readonly AnyRecord[]) => parts(own).parts.find((p) => p.zone === 'engine')!;
    const looked = [clean('engine', 'function'), clean('engine', 'leaks')];
    const stuck = engine([
      ...looked,
      record('finding', { zone: 'engine', flaw: 'inoperative', where: 'does not turn' }),
    ]);
    expect(engine(looked).sound).toBe(1);
    expect(stuck.sound).toBeGreaterThan(0.4);
    expect(stuck.sound).toBeLessThan(0.7);
  });

  it('sells a lid once, its inside with it', () => {
    const zones = parts([]).parts.map((p) => p.zone);
    expect([...plan.zones.keys()].filter((z) => z.endsWith('.inner'))).not.toEqual([]);
    expect(zones.filter((z) => z.endsWith('.inner'))).toEqual([]);
    expect(zones).toContain('deck');
    expect(parts([clean('deck.inner', 'corrosion')]).parts.find((p) => p.zone === 'deck')!.sound).toBe(1);
  });

  it('sells nothing that is missing', () => {
    expect(parts([record('finding', { zone: 'hood', flaw: 'missing' })]).hood).toBeUndefined();
  });

  it('brings more when more of it is known to be sound, with an ordered band', () => {
    const all = [...plan.zones.values()].flatMap((z) => z.aspects.map((a) => clean(z.slug, a)));
    const [unseen, sound] = [parts([]).brings, parts(all).brings];
    expect(sound.p50).toBeGreaterThan(unseen.p50);
    expect(sound.p10).toBeLessThan(sound.p50);
    expect(sound.p50).toBeLessThan(sound.p90);
  });
});

describe('what a look would do to the doubt', () => {
  const looks = (records: readonly AnyRecord[]) => {
    const judgement = judged(records);
    const work = workOf(judgement, cost);
    return valueOfLooking(drawInputOf(judgement, work, { cost, onYear: 2027, graded: DEFAULT_TABLES }), plan);
  };

  it('narrows most where most is unseen, and is nothing where all was seen', () => {
    const none = looks([]);
    expect(none.map((l) => l.narrows)).toEqual([...none.map((l) => l.narrows)].sort((a, b) => b - a));
    expect(none.every((l) => l.places > 0)).toBe(true);
    const all = [...plan.zones.values()].flatMap((z) => z.aspects.map((a) => clean(z.slug, a)));
    expect(looks(all)).toEqual([]);
  });

  it('leaves a way of looking out whose places were seen', () => {
    const below = [...plan.zones.values()].filter((z) => z.view === 'underneath');
    const seen = below.flatMap((z) => z.aspects.map((a) => clean(z.slug, a)));
    expect(looks(seen).map((l) => l.look)).not.toContain('below');
    expect(looks(seen).map((l) => l.look)).toContain('trying');
  });
});

it('puts a leak right with all that it ran to, and a worn tire with what was read of it', () => {
  const wet = (place: string, amount: string) => record('wet', { place, amount, fluid: 'engine-oil' });
  const leak = record('finding', { zone: 'engine', flaw: 'leak-drips' });
  const bald = record('finding', { zone: 'wheel.left.front', flaw: 'tire-worn' });
  const tire = record('tire', { zone: 'wheel.left.front', treadMm: 0.5, faults: [] });
  const records = [CAR, leak, wet('engine.valve-cover', 'wet'), wet('engine.pan', 'drips'), bald, tire];
  const judgement = judge({ plan, records, tables: DEFAULT_TABLES });
  const { decided, jobs } = workOf(judgement, cost);
  const after = mended(records, decided, jobs);
  const again = judge({ plan, records: after, tables: DEFAULT_TABLES });
  expect(again.leaks.answer.sources.filter((s) => s.chance >= 0.5)).toEqual([]);
  expect(again.wheels.tires.find((t) => t.zone === 'wheel.left.front')!.worn).not.toBe('worn-out');
});
