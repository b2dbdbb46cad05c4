import { DEFAULT_SIGNS, type SignTable } from '../catalogue/drive-signs';
import { rollingM, tireSizeOf } from '../wheels/tire-size';
import { type DriveContext, type Felt, likelySources, wheelHz, worstKmh } from './drive-signs';

const NOTHING: DriveContext = { parts: new Map(), tireFaults: new Set(), rollingM: null };
const felt = (more: Partial<Felt>): Felt => ({
  what: 'vibration',
  at: null,
  withs: [],
  fromKmh: null,
  toKmh: null,
  coasts: null,
  hz: null,
  ...more,
});
const first = (f: Partial<Felt>, c: Partial<DriveContext> = {}) =>
  likelySources(felt(f), { ...NOTHING, ...c }, DEFAULT_SIGNS)[0];

describe('what is felt on the road', () => {
  // Textbook signs, each with what a workshop would look at first.
  it.each<[string, Partial<Felt>]>([
    ['wheel-balance-front', { at: 'steering-wheel', fromKmh: 90, toKmh: 110, coasts: 'stays' }],
    ['wheel-balance-rear', { at: 'seat', fromKmh: 95, toKmh: 115, coasts: 'stays' }],
    ['brake-runout', { at: 'pedal', withs: ['braking'], fromKmh: 60, toKmh: 90 }],
    ['axle-gears', { what: 'whine', at: 'rear', withs: ['coasting'], fromKmh: 60, toKmh: 75 }],
    ['constant-velocity-joints', { what: 'click', at: 'front', withs: ['turning-left', 'pulling'], toKmh: 15 }],
    ['wheel-bearing', { what: 'rumble', at: 'front', withs: ['turning-right'], fromKmh: 50, coasts: 'stays' }],
    ['suspension', { what: 'clunk', at: 'front', withs: ['bumps'], toKmh: 30 }],
    ['mounts', { what: 'clunk', at: 'floor', withs: ['pulling'], toKmh: 20, coasts: 'goes' }],
    ['exhaust', { what: 'roar', at: 'floor', withs: ['pulling'], coasts: 'goes' }],
    ['brake-rubs', { what: 'squeal', at: 'rear', toKmh: 30, coasts: 'stays' }],
  ])('%s', (id, f) => expect(first(f)?.id).toBe(id));

  it('says nothing of a vibration of which nothing else is said', () => {
    expect(likelySources(felt({}), NOTHING, DEFAULT_SIGNS)).toEqual([]);
  });

  it('is at the side away from the turn that wakes it, and at none where both do', () => {
    const rumble = { what: 'rumble', at: 'front', fromKmh: 50 } as const;
    expect(first({ ...rumble, withs: ['turning-left'] })?.side).toBe('right');
    expect(first({ ...rumble, withs: ['turning-right'] })?.side).toBe('left');
    expect(first({ ...rumble, withs: ['turning-left', 'turning-right'] })?.side).toBeNull();
  });

  it('tells a wheel from a shaft by how often it comes', () => {
    // 14 turns a second at 98 km/h of a wheel that rolls 1.95 m; a shaft of an axle of 3.7 to one turns 52 times.
    const at = { at: 'floor', fromKmh: 90, toKmh: 106, coasts: 'stays' } as const;
    expect(first({ ...at, hz: 52 })?.id).toBe('prop-shaft');
    expect(first({ ...at, hz: 14 })?.id).toMatch(/^wheel-balance/);
    expect(first({ ...at, hz: 104 })?.id).toBe('universal-joints');
  });

  it('believes what was seen below: a joint with play, and one that was sound', () => {
    const f = felt({ at: 'floor', fromKmh: 50, toKmh: 70, withs: ['pulling'] });
    const chance = (state?: 'play' | 'sound') =>
      likelySources(
        f,
        { ...NOTHING, parts: state ? new Map([['universal-joints', state]]) : new Map() },
        DEFAULT_SIGNS,
      ).find((s) => s.id === 'universal-joints')?.chance ?? 0;
    expect(chance('play')).toBeGreaterThan(chance());
    expect(chance('sound')).toBeLessThan(chance());
    const why = likelySources(f, { ...NOTHING, parts: new Map([['universal-joints', 'play']]) }, DEFAULT_SIGNS)[0]!.why;
    expect(why).toContainEqual({ what: 'part', part: 'universal-joints', state: 'play' });
  });

  it('finds the made source among the first two, by cars that do not know the table', () => {
    // A source is drawn, its signs are drawn from shares that differ from the table's by a log-normal of 0.3.
    let seed = 7;
    const uniform = () => {
      seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648;
      return seed / 2_147_483_648;
    };
    const normal = () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
    const off = (p: number) => Math.min(0.98, p * Math.exp(0.3 * normal()));
    const pick = <K extends string>(shares: Partial<Record<K, number>>): K | null => {
      const all = (Object.entries(shares) as [K, number][]).map(([k, p]) => [k, off(p)] as const);
      let u = uniform() * all.reduce((s, [, p]) => s + p, 0);
      for (const [k, p] of all) {
        u -= p;
        if (u <= 0) return k;
      }
      return all.at(-1)?.[0] ?? null;
    };
    const t: SignTable = DEFAULT_SIGNS;
    let [top, two, n] = [0, 0, 0];
    for (let i = 0; i < 900; i++) {
      const id = pick(Object.fromEntries(Object.entries(t.sources).map(([k, s]) => [k, s.common])))!;
      const s = t.sources[id]!;
      const band = pick(s.speed)!;
      const middle = { slow: 25, middle: 60, fast: 105 }[band];
      const seen = likelySources(
        felt({
          what: pick(s.is)!,
          at: pick(s.at),
          withs: (Object.entries(s.with) as [Felt['withs'][number], number][])
            .filter(([, p]) => uniform() < off(p))
            .map(([w]) => w),
          fromKmh: middle - 10,
          toKmh: middle + 10,
          coasts: uniform() < s.stays ? 'stays' : 'goes',
        }),
        NOTHING,
        t,
      );
      n++;
      if (seen[0]?.id === id) top++;
      if (seen.slice(0, 2).some((x) => x.id === id)) two++;
    }
    expect(top / n).toBeGreaterThan(0.55);
    expect(two / n).toBeGreaterThan(0.75);
  });
});

describe('turning', () => {
  it('of a wheel by speed and rolling circumference', () => {
    expect(wheelHz(98, 1.95)).toBeCloseTo(13.96, 2);
    expect(worstKmh({ fromKmh: 70, toKmh: 90 })).toBe(80);
    expect(worstKmh({ fromKmh: null, toKmh: 30 })).toBe(30);
    expect(worstKmh({ fromKmh: null, toKmh: null })).toBeNull();
  });

  it.each([
    // Dynamic rolling circumferences as published for these sizes, mm.
    ['205/55 R 16', 1928],
    ['195/65R15', 1935],
  ])('%s rolls %d mm', (size, mm) => {
    const read = tireSizeOf(size, { metric: 0.8, inches: 0.95 })!;
    expect(Math.abs(rollingM(read, 3.05) * 1000 - mm) / mm).toBeLessThan(0.005);
  });

  it('reads inches and old metric sizes, and refuses letters and other things', () => {
    const unsaid = { metric: 0.8, inches: 0.95 };
    expect(tireSizeOf('5.60-15', unsaid)).toEqual({ widthMm: 5.6 * 25.4, aspect: 0.95, rimMm: 381 });
    expect(tireSizeOf('165 SR 15', unsaid)).toEqual({ widthMm: 165, aspect: 0.8, rimMm: 381 });
    expect(tireSizeOf('E70-14', unsaid)).toBeNull();
    expect(tireSizeOf('165 SR 99', unsaid)).toBeNull();
    expect(tireSizeOf('', unsaid)).toBeNull();
  });
});
