import fc from 'fast-check';
import { planOf } from '../body/plan';
import { STYLES } from '../body/styles';
import { CONSTRUCTIONS, DEFAULT_WEAK_TABLE as T, weakTableSchema } from '../catalogue/weak-spots';
import type { AnyRecord } from '../kinds';
import { buildOf, nextLooks, type WeakPlace, weakPlaces } from './weak-places';

const AT = '2027-02-10T09:00:00Z';
const NOTHING = { vinylRoof: false, sunroof: false, skirts: false };
const quillon = { make: 'Quillon', model: 'Halyard', baseMetal: 'steel', build: null, fitted: NOTHING } as const;
const plan = planOf('fastback')!;
let serial = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const weak = (zone: string, spot: string, outcome: string, why: string | null = null) =>
  record('weak', { zone, spot, outcome, why, note: '', at: AT });
const finding = (zone: string, flaw: string, more = {}) =>
  record('finding', { zone, flaw, place: null, where: '', sizeMm: null, withheld: null, at: AT, ...more });
const at = (places: readonly WeakPlace[], id: string) => {
  const found = places.find((p) => p.id === id);
  if (!found) throw new Error(`${id} is none of ${places.map((p) => p.id).join(' ')}`);
  return found;
};

it('knows the construction as stated, as the make tells, or as the metal does', () => {
  expect(buildOf({ ...quillon, build: 'frame' }, T)).toBe('frame');
  expect(buildOf(quillon, T)).toBe('unitary');
  expect(buildOf({ ...quillon, make: ' aldmoor ' }, T)).toBe('aluminium-on-steel');
  expect(buildOf({ ...quillon, make: 'Other', baseMetal: 'glass-fibre' }, T)).toBe('glass-fibre');
  expect(buildOf({ ...quillon, make: 'Other' }, T)).toBeNull();
  expect(buildOf(null, T)).toBeNull();
});

it('lists weak spots for every style and construction, on zones that the plan has and inside them', () => {
  for (const { slug } of STYLES)
    for (const build of CONSTRUCTIONS) {
      const own = planOf(slug)!;
      const places = weakPlaces(own, [], { ...quillon, build }, T);
      expect([slug, build, places.length > 2]).toEqual([slug, build, true]);
      expect(new Set(places.map((p) => p.id)).size).toBe(places.length);
      for (const p of places) expect([own.zones.has(p.zone), p.state]).toEqual([true, 'unseen']);
    }
});

it('asks for the galvanic places of aluminium on steel, not for those of steel doors', () => {
  const own = planOf('utility')!;
  const spots = new Set(weakPlaces(own, [], { ...quillon, make: 'Aldmoor' }, T).map((p) => p.spot));
  expect([spots.has('door-galvanic'), spots.has('door-bottom'), spots.has('fender-bottom')]).toEqual([
    true,
    false,
    false,
  ]);
});

it('asks below vinyl and at sunroof drains only where these are fitted', () => {
  const fitted = { ...NOTHING, vinylRoof: true, sunroof: true };
  const spots = (f: typeof NOTHING) =>
    weakPlaces(planOf('fastback', { fitted: f })!, [], { ...quillon, fitted: f }, T).map((p) => p.spot);
  expect(spots(NOTHING)).not.toContain('vinyl-edge');
  expect(spots(fitted)).toEqual(expect.arrayContaining(['vinyl-edge', 'sunroof-drain']));
});

it('takes a tick as it was left, a finding over a tick, and nothing as not looked at', () => {
  const ticked = weakPlaces(plan, [weak('fender.left', 'fender-bottom', 'sound')], quillon, T);
  expect(at(ticked, 'fender-bottom@fender.left')).toMatchObject({ state: 'sound', chance: 0 });
  expect(at(ticked, 'fender-bottom@fender.right').state).toBe('unseen');
  const blocked = weakPlaces(plan, [weak('fender.left', 'fender-bottom', 'blocked', 'wet')], quillon, T);
  expect(at(blocked, 'fender-bottom@fender.left')).toMatchObject({ state: 'blocked', why: 'wet' });
  const both = [
    weak('fender.left', 'fender-bottom', 'sound'),
    finding('fender.left', 'rust-blister', { where: 'bottom' }),
  ];
  expect(at(weakPlaces(plan, both, quillon, T), 'fender-bottom@fender.left').state).toBe('rust');
});

it('lays a finding to the weak spot beside which it lies, not to the other one of the panel', () => {
  const spot = at(weakPlaces(plan, [], quillon, T), 'fender-bottom@fender.left');
  const places = weakPlaces(plan, [finding('fender.left', 'rust-scale', { place: spot.place })], quillon, T);
  expect(at(places, 'fender-bottom@fender.left').state).toBe('rust');
  expect(at(places, 'eyebrow@fender.left').state).toBe('unseen');
});

it('takes brightwork, chips and neat patches for no rust', () => {
  const places = weakPlaces(plan, [finding('trunk.well', 'chip'), finding('trunk.well', 'patch-neat')], quillon, T);
  expect(at(places, 'spare-well@trunk.well').state).toBe('unseen');
});

it('raises what shares the water, on its own side, and puts it first', () => {
  const found = [weak('floor.left.front', 'floor-front', 'rust')];
  const [before, after] = [weakPlaces(plan, [], quillon, T), weakPlaces(plan, found, quillon, T)];
  const rocker = at(after, 'rocker-front@rocker.left');
  expect(rocker.raisedBy).toEqual(['floor-front@floor.left.front']);
  expect(rocker.chance).toBeGreaterThan(at(before, 'rocker-front@rocker.left').chance);
  expect(at(after, 'rocker-front@rocker.right').raisedBy).toEqual([]);
  expect(
    nextLooks(plan, after, 1.6)
      .slice(0, 4)
      .map((p) => p.id),
  ).toContain('rocker-front@rocker.left');
  // What lies in the middle of the car shares its water with both sides.
  expect(at(after, 'cowl-drain@cowl').raisedBy).toEqual(['floor-front@floor.left.front']);
});

it('never makes a place likelier sound by a find, and asks for nothing twice', () => {
  const all = weakPlaces(plan, [], quillon, T);
  fc.assert(
    fc.property(fc.subarray([...all], { minLength: 1, maxLength: 6 }), (found) => {
      const after = weakPlaces(
        plan,
        found.map((p) => weak(p.zone, p.spot, 'rust')),
        quillon,
        T,
      );
      for (const [i, p] of after.entries()) expect(p.chance).toBeGreaterThanOrEqual(all[i]!.chance);
      const next = nextLooks(plan, after, 1.6);
      expect(next).toHaveLength(all.length - found.length);
      expect(new Set(next.map((p) => p.id)).size).toBe(next.length);
    }),
    { seed: 4, numRuns: 40 },
  );
});

it('refuses a table whose water runs to a spot that it does not have', () => {
  expect(weakTableSchema.safeParse(T).success).toBe(true);
  expect(weakTableSchema.safeParse({ ...T, water: [{ from: 'fender-bottom', to: 'nowhere' }] }).success).toBe(false);
});

it('gives the same places in the same order whatever order the table’s names stand in', () => {
  const turned = { ...T, spots: Object.fromEntries(Object.entries(T.spots).reverse()) };
  expect(weakPlaces(plan, [], quillon, turned)).toEqual(weakPlaces(plan, [], quillon, T));
});

it('says nothing of a car that nobody stated', () => {
  expect(weakPlaces(plan, [], null, T)).toEqual([]);
});
