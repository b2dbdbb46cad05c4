import { GAUGE_LIMITS } from '../gauge/limits';
import { type NoneContext, noneCause } from './no-reading';

const at = (extra: Partial<NoneContext> = {}): NoneContext => ({
  metal: 'steel',
  temperatureC: 18,
  gauge: 'combined',
  none: 1,
  read: 5,
  over: 0,
  ...extra,
});

it.each<[string, Partial<NoneContext>, ReturnType<typeof noneCause>]>([
  ['nothing was silent', { none: 0 }, null],
  ['glass fibre never answers', { metal: 'glass-fibre' }, 'material'],
  ['a magnetic gauge is silent on aluminium', { metal: 'aluminium', gauge: 'magnetic' }, 'wrong-gauge'],
  ['an eddy current gauge is silent on steel', { gauge: 'eddy' }, 'wrong-gauge'],
  ['a combined gauge reads both', { metal: 'aluminium' }, 'probe'],
  ['below the cold limit the gauge stops', { temperatureC: GAUGE_LIMITS.coldC - 1 }, 'cold'],
  ['at the limit it still reads', { temperatureC: GAUGE_LIMITS.coldC }, 'probe'],
  ['temperature not stated is not called cold', { temperatureC: null }, 'probe'],
  ['beside readings at the ceiling it is thick', { over: 1 }, 'thick'],
  ['several silent points on a metal that reads are thick', { none: 2 }, 'thick'],
  ['one silent point beside good ones is the probe', {}, 'probe'],
  ['a single silent point and nothing else is thick until shown otherwise', { read: 0 }, 'thick'],
  ['metal not known: judged by what the panel shows', { metal: null, none: 3 }, 'thick'],
])('%s', (_what, context, cause) => {
  expect(noneCause(at(context))).toBe(cause);
});

it('asks the material before the gauge, and the gauge before the cold', () => {
  expect(noneCause(at({ metal: 'glass-fibre', gauge: 'magnetic', temperatureC: -10 }))).toBe('material');
  expect(noneCause(at({ metal: 'aluminium', gauge: 'magnetic', temperatureC: -10 }))).toBe('wrong-gauge');
  expect(noneCause(at({ none: 4, over: 3, temperatureC: -10 }))).toBe('cold');
});
