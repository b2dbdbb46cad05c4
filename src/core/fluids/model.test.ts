import { planOf } from '../body/plan';
import { DEFAULT_FLUIDS } from '../catalogue/fluid-states';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { cautionsOf, judge } from '../judge/judge';
import { recordOf } from '../kinds/test-records';

const plan = planOf('saloon4')!;
const fluid = (f: string, ...looks: string[]) => recordOf('fluid', { fluid: f, looks });
const judged = (...records: Parameters<typeof recordOf>[1][]) =>
  judge({ plan, records: records as never, tables: DEFAULT_TABLES });

it.each([
  ['engine-oil', 'smells-of-fuel', /fuel in the oil/, false],
  ['engine-oil', 'smells-sweet', /coolant in the oil/, true],
  ['coolant', 'smells-of-fuel', /head gasket/, false],
  ['transmission', 'smells-sweet', /cooler/, true],
  ['transmission', 'burnt', /clutches or bands worn/, false],
])('%s that %s', (f, look, says, stops) => {
  const { fluids } = judged(fluid(f, look));
  expect(fluids.all[0]!.means.map((m) => m.says).join()).toMatch(says);
  expect(fluids.stop.length > 0).toBe(stops);
});

it('has meanings only for looks and levels that can be said, each once', () => {
  const keys = DEFAULT_FLUIDS.meanings.map((m) => `${m.fluid} ${m.when}`);
  expect(new Set(keys).size).toBe(keys.length);
});

it('a cabin that smells of fuel is a caution, until it is found where it leaks', () => {
  const smell = recordOf('finding', { zone: 'seat.rear', flaw: 'smell-fuel' });
  const leak = recordOf('finding', { zone: 'tank', flaw: 'leak-drips' });
  expect(cautionsOf(judged(smell))).toContain('fuel-smelt');
  expect(cautionsOf(judged(smell, leak))).not.toContain('fuel-smelt');
  expect(cautionsOf(judged(recordOf('finding', { zone: 'seat.rear', flaw: 'smell-mice' })))).not.toContain(
    'fuel-smelt',
  );
});
