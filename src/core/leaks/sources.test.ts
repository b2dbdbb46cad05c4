import { madeLeak } from '@/instruments/made-leaks';
import { type LeakAmount, type LeakWhen, DEFAULT_LEAK_TABLE as T } from '../catalogue/leak-places';
import { seeded } from '../stats/random';
import { layoutOf, reachOf } from './reach';
import { type LeakSeen, leakSources } from './sources';

const front = layoutOf(T, 'front-engine')!;
const seen = (place: string, amount: LeakAmount, fluid: string | null = null, when: LeakWhen = 'after') =>
  ({ place, amount, fluid, when }) as LeakSeen;
const answer = (...all: LeakSeen[]) => leakSources(all, front, T);
const first = (...all: LeakSeen[]) => answer(...all).sources[0]!;

describe('the graph', () => {
  it.each(Object.keys(T.templates))(
    'of a %s car has no orphan: what leaks is seen somewhere, and every place is reached',
    (name) => {
      const layout = layoutOf(T, name)!;
      const reached = new Set(
        [...layout].flatMap(([p, { leaks }]) =>
          Object.keys(leaks).length > 0 ? [...reachOf(layout, p, 1).keys()] : [],
        ),
      );
      // A ground below which nothing lies that leaks stands for completeness.
      const grounds = [...layout].filter(([, p]) => p.ground).map(([s]) => s);
      expect([...layout.keys()].filter((p) => !reached.has(p) && !grounds.includes(p))).toEqual([]);
      for (const [slug, p] of layout)
        for (const to of Object.keys(p.to)) expect([slug, layout.has(to)]).toEqual([slug, true]);
    },
  );
  it('knows the ways of the book: valve cover and rear main to the bell-housing, gear oil to the wheel', () => {
    const reach = (from: string, to: string) => reachOf(front, from, 0.95).get(to) ?? 0;
    expect(reach('engine.valve-cover', 'bellhousing')).toBeGreaterThan(0.4);
    expect(reach('engine.rear-main', 'bellhousing')).toBeGreaterThan(0.8);
    expect(reach('axle.end.left', 'brake.wheel.left.rear')).toBeGreaterThan(0.5);
    expect(reach('bellhousing', 'engine.valve-cover')).toBe(0);
    expect(reachOf(layoutOf(T, 'rear-engine')!, 'engine.pan', 0.95).get('floor-below.rear')).toBeGreaterThan(0.4);
  });
  it('has no layout of an unknown name', () => expect(layoutOf(T, 'steam')).toBeNull());
});

describe('what is wet tells the source', () => {
  it('is nowhere while nothing is wet', () => {
    expect(answer(seen('engine.pan', 'dry'))).toEqual({ sources: [], next: null });
  });
  it('the highest wet place, with what lies above it dry', () => {
    const s = first(
      seen('engine.valve-cover', 'wet', 'engine-oil'),
      seen('bellhousing', 'damp', 'engine-oil'),
      seen('engine.pan', 'damp', 'engine-oil'),
    );
    expect(s.place).toBe('engine.valve-cover');
    expect(s.why.map((w) => w.what)).toEqual(expect.arrayContaining(['wet-itself', 'runs-to', 'fluid']));
  });
  it('a wet bell-housing below a dry valve cover: rear main, and the pan', () => {
    const { sources } = answer(
      seen('bellhousing', 'drips', 'engine-oil'),
      seen('engine.valve-cover', 'dry'),
      seen('engine.pan', 'dry'),
    );
    expect(sources[0]!.place).toBe('engine.rear-main');
    expect(sources[0]!.chance).toBeGreaterThan(0.6);
  });
  it('by the fluid: the same bell-housing with transmission fluid is the front seal', () => {
    expect(first(seen('bellhousing', 'wet', 'transmission'), seen('engine.valve-cover', 'dry')).place).toBe(
      'transmission.front',
    );
  });
  it('two fluids far apart are two leaks', () => {
    const { sources } = answer(
      seen('engine.valve-cover', 'wet', 'engine-oil'),
      seen('engine.pan', 'damp', 'engine-oil'),
      seen('axle.pinion', 'wet', 'differential'),
      seen('axle.cover', 'damp', 'differential'),
    );
    expect(
      sources
        .slice(0, 2)
        .map((s) => s.place)
        .sort(),
    ).toEqual(['axle.pinion', 'engine.valve-cover']);
    expect(sources[1]!.chance).toBeGreaterThan(0.8);
  });
  it('a hiss and a blown manifold are found as such', () => {
    expect(first(seen('engine.intake', 'damp', 'air')).fluid).toBe('air');
    expect(first(seen('exhaust.manifold', 'damp', 'gas')).place).toBe('exhaust.manifold');
  });
});

describe('what is heard', () => {
  const heard = (load: 'louder' | 'same' | 'softer' | null, fluid: 'air' | 'gas' | null = null) => [
    { ...seen('exhaust.manifold', 'wet', fluid), load },
    { ...seen('engine.intake', 'damp', fluid), load: null },
  ];
  const chance = (place: string, ...s: Parameters<typeof answer>) =>
    answer(...s).sources.find((x) => x.place === place)?.chance ?? 0;
  it('speaks for gas by growing with load, against it by fading, and for nothing where it was not tried', () => {
    const [louder, untold, softer] = (['louder', null, 'softer'] as const).map((l) =>
      chance('exhaust.manifold', ...heard(l, 'gas')),
    );
    expect(louder).toBeGreaterThanOrEqual(untold!);
    expect(softer).toBeLessThan(untold!);
  });
  it('says that it does not fit what it was called', () => {
    const [source] = answer({ ...seen('engine.intake', 'wet', 'air'), load: 'louder' }).sources;
    expect(source!.why).toContainEqual({ what: 'load', load: 'louder', fits: false });
  });
});

describe('when it was wet', () => {
  it('tells a seal that weeps while it stands from one that leaks while it runs', () => {
    const kind = (...w: [LeakWhen, LeakAmount][]) =>
      first(...w.map(([when, amount]) => seen('axle.pinion', amount, 'differential', when))).kind;
    expect(kind(['before', 'dry'], ['after', 'wet'])).toBe('running');
    expect(kind(['before', 'damp'], ['after', 'drips'])).toBe('running');
    expect(kind(['before', 'wet'], ['after', 'dry'])).toBe('standing');
    expect(kind(['after', 'dry'], ['standing', 'damp'])).toBe('standing');
    expect(kind(['before', 'wet'])).toBe('untold');
  });
  it('makes old traces say less than fresh ones', () => {
    const chance = (when: LeakWhen) => first(seen('steering.box', 'damp', null, when)).chance;
    expect(chance('before')).toBeLessThan(chance('after'));
  });
});

it('asks for the look that splits the two likeliest: one not looked at, else one of them cleaned and run again', () => {
  const open = answer(seen('bellhousing', 'wet', 'engine-oil'), seen('engine.pan', 'dry'));
  expect(open.next!.again).toBe(false);
  expect(['engine.valve-cover', 'engine.rear-main']).toContain(open.next!.look);
  expect([...open.next!.splits].sort()).toEqual(['engine.rear-main', 'engine.valve-cover']);
  const [top] = answer(...[...front.keys()].map((p) => seen(p, p.startsWith('tank') ? 'wet' : 'dry', null))).sources;
  expect(top!.place).toBe('tank.sender');
});

it('puts the right source of made leaks first in 80, among the first two in 93 of 100, with honest chances', () => {
  const random = seeded(7);
  const layouts = Object.keys(T.templates).map((n) => layoutOf(T, n)!);
  let [one, two, n] = [0, 0, 0];
  const bins = Array.from({ length: 5 }, () => ({ said: 0, true: 0, n: 0 }));
  for (let i = 0; i < 500; i++) {
    const layout = layouts[i % layouts.length]!;
    const made = madeLeak(layout, T, { ways: 0.35, looked: 0.6 }, random);
    // Of a leak that showed nowhere where somebody looked nothing can be told.
    if (!made.shows) continue;
    n++;
    const { sources } = leakSources(made.seen, layout, T);
    const at = sources.findIndex((s) => s.place === made.source);
    if (at === 0) one++;
    if (at >= 0 && at < 2) two++;
    for (const s of sources) {
      const bin = bins[Math.min(4, Math.floor(s.chance * 5))]!;
      bin.said += s.chance;
      bin.true += s.place === made.source ? 1 : 0;
      bin.n++;
    }
  }
  expect(n).toBeGreaterThan(430);
  expect(one / n).toBeGreaterThanOrEqual(0.8);
  expect(two / n).toBeGreaterThanOrEqual(0.93);
  for (const b of bins.filter((x) => x.n >= 40)) expect(Math.abs(b.said / b.n - b.true / b.n)).toBeLessThan(0.2);
});
