import { type AnyRecord, kindOf, type RecordKind } from '@/core/kinds';
import { carBody } from '@/data/test-entries';
import { running } from './running';
import { shownOf } from './test-shown';

const AT = '2027-02-10T09:00:00Z';
const record = (kind: RecordKind, n: number, body: object) =>
  ({
    kind,
    id: `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`,
    version: 1,
    schema: 1,
    body: kindOf(kind).schema.parse({ at: AT, ...body }),
  }) as unknown as AnyRecord;
const CAR = record('car', 1, carBody);
const tried = (n: number, id: string) => record('tried', n, { function: id, zone: 'dash', state: 'works' });
const WORK = [tried(2, 'heater.fan'), tried(3, 'heater.control')];
const slow = (withheld: string | null) =>
  record('finding', 4, { zone: 'dash', flaw: 'works-poorly', where: 'heater fan, lowest speed', withheld });

it('does not tell as working what a finding says works poorly', () => {
  const { text } = shownOf(running, [CAR, ...WORK, slow(null)]);
  expect(text).toContain('Heater fan');
  expect(text).toContain('works poorly by finding 1; when tried: works');
  expect(text).toMatch(/2 of \d+ functions tried: 1 works, 1 works poorly/);
  expect(text).toContain('"Heater controls."');
});

it('tells nothing of a finding that is withheld', () => {
  const all = [CAR, ...WORK, slow('asked by the owner')];
  const { text } = shownOf(running, all, all.slice(0, 3));
  expect(text).not.toContain('by finding');
  expect(text).not.toContain('0190f5c0-0000-7000-8000-000000000004');
  expect(text).toMatch(/2 of \d+ functions tried: 2 work/);
});

it('spells and tells once why it was not driven, as its reader does', () => {
  const road = record('road', 5, { gate: { leave: 'no', tires: 'no' }, driven: false });
  const { text } = shownOf(running, [CAR, road]);
  expect(text).toContain('no to “tyres sound, not over age for the speed”');
});
