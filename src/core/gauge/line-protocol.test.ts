import fc from 'fast-check';
import { GAUGE_ERRORS, type GaugeEvent, gaugeLine, parseGaugeLine } from './line-protocol';

const event: fc.Arbitrary<GaugeEvent> = fc.oneof(
  fc.record({
    kind: fc.constant('read' as const),
    value: fc.integer({ min: 0, max: 20000 }).map((v) => v / 10),
    unit: fc.constantFrom('um' as const, 'mil' as const),
    mode: fc.constantFrom('F' as const, 'N' as const, null),
  }),
  fc.record({
    kind: fc.constant('over' as const),
    value: fc.integer({ min: 1, max: 2000 }),
    unit: fc.constantFrom('um' as const, 'mil' as const),
  }),
  fc.constant({ kind: 'none' as const }),
  fc.record({ kind: fc.constant('error' as const), why: fc.constantFrom(...GAUGE_ERRORS) }),
  fc.record({ kind: fc.constant('battery' as const), percent: fc.integer({ min: 0, max: 100 }) }),
);

it('reads back every line that it writes', () => {
  fc.assert(
    fc.property(event, (e) => JSON.stringify(parseGaugeLine(gaugeLine(e))) === JSON.stringify(e)),
    { seed: 4 },
  );
  const hello = { kind: 'hello', ceilingUm: 500, name: 'Survey gauge 2' } as const;
  expect(parseGaugeLine(gaugeLine(hello))).toEqual(hello);
});

it('takes a bare number as a gauge types it, in the unit of the reader', () => {
  expect(parseGaugeLine('131\r')).toEqual({ kind: 'read', value: 131, unit: 'um', mode: null });
  expect(parseGaugeLine(' 5,2 ', 'mil')).toEqual({ kind: 'read', value: 5.2, unit: 'mil', mode: null });
});

it('takes nothing else, and never throws', () => {
  for (const bad of [
    '',
    'R',
    'R x um',
    'R 131',
    'R 131 m',
    'R -4 um',
    'O 0 um',
    'N 1',
    'E hot',
    'B 101',
    'B',
    'G ceiling=x',
    '1e9',
    'drop',
  ])
    expect([bad, parseGaugeLine(bad)]).toEqual([bad, null]);
  fc.assert(
    fc.property(fc.string({ unit: 'binary' }), (s) => parseGaugeLine(s) !== undefined),
    { seed: 2 },
  );
});
