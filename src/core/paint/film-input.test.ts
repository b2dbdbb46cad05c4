import { planOf } from '../body/plan';
import { type AnyRecord, KINDS, type RecordKind } from '../kinds';
import { analysePaint } from './analyse';
import { filmInput } from './film-input';
import { DEFAULT_PROFILES } from './profiles';

it('explains a silent point by the conditions of its own visit', () => {
  const id = (n: number) => `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`;
  const record = (n: number, kind: RecordKind, body: object) =>
    ({ id: id(n), kind, version: 1, body: KINDS[kind].schema.parse(body) }) as AnyRecord;
  const visit = (n: number, temperatureC: number) =>
    record(n, 'visit', { startedAt: '2027-02-10T09:00:00Z', temperatureC, gauge: { name: 'Gauge', ceilingUm: 500 } });
  const silent = (n: number, visit: number) =>
    record(n, 'reading', {
      zone: 'hood',
      state: 'none',
      thicknessUm: null,
      typed: { text: 'nr', unit: 'um' },
      visit: id(visit),
      at: '2027-02-10T09:00:00Z',
    });
  const read = (n: number, visit: number) =>
    record(n, 'reading', {
      zone: 'hood',
      state: 'read',
      thicknessUm: 130 + n,
      typed: { text: String(130 + n), unit: 'um' },
      visit: id(visit),
      at: '2027-02-10T09:00:00Z',
    });
  const warm = [visit(1, 15), ...[10, 11, 12].map((n) => silent(n, 1)), ...[20, 21, 22].map((n) => read(n, 1))];
  const hood = (records: AnyRecord[]) =>
    analysePaint({ ...filmInput(records), profiles: DEFAULT_PROFILES, plan: planOf('fastback') }).zones[0]!;
  const before = hood(warm);
  expect(before.noneCause).toBe('thick');
  // A second, cold visit does not take away what the first one told.
  const after = hood([...warm, visit(2, 1), silent(30, 2)]);
  expect(after.noneCause).toBe('thick');
  expect(after.state!.survivor!.filled).toBeCloseTo(before.state!.survivor!.filled, 6);
  expect(hood([visit(2, 1), silent(30, 2), silent(31, 2), read(20, 2)]).noneCause).toBe('cold');
});
