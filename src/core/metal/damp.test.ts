import { planOf } from '../body/plan';
import { DEFAULT_WEAK_TABLE as T } from '../catalogue/weak-spots';
import { dampFrom } from './damp';
import { weakPlaces } from './weak-places';

const plan = planOf('saloon4')!;
const car = {
  make: 'Quillon',
  model: '',
  baseMetal: 'steel',
  build: null,
  fitted: { vinylRoof: false, sunroof: false, skirts: false },
} as const;
const places = weakPlaces(plan, [], car, T);
const from = (zone: string) => dampFrom(plan, places, zone, T).map((p) => `${p.spot}@${p.zone}`);

it('traces a wet front carpet to cowl drain and screen, on its own side', () => {
  expect(from('carpet.left.front')).toEqual(expect.arrayContaining(['cowl-drain@cowl', 'screen-base@cowl']));
  expect(from('carpet.left.front').some((p) => p.includes('.right'))).toBe(false);
});

it('traces a wet trunk mat to the rear window and the gutter, and no place to itself', () => {
  const trunk = from('trunk.mat');
  expect(trunk).toEqual(expect.arrayContaining(['rear-window-base@deck', 'trunk-gutter@trunk.gutter']));
  expect(new Set(trunk).size).toBe(trunk.length);
});

it('knows nothing of what lies above no metal', () => {
  expect(from('headliner')).toEqual([]);
  expect(from('seat.left.front')).toEqual([]);
});
