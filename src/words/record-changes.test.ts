import type { AnyRecord } from '@/core/kinds';
import { KINDS } from '@/core/kinds';
import { recordChanges } from '@/report/changes';
import { recordChangeText } from './record';
import { PLAIN_WORDING } from './vocabulary';

const AT = '2027-02-10T09:00:00Z';
const record = (n: number, kind: 'reading' | 'finding', body: object) =>
  ({
    id: `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`,
    kind,
    version: 1,
    body: KINDS[kind].schema.parse({ at: AT, ...body }),
  }) as AnyRecord;
const reading = (n: number, um: number) =>
  record(n, 'reading', { zone: 'roof', state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' } });
const chip = record(3, 'finding', { zone: 'hood', flaw: 'chip' });

it('tells what was taken out, changed and entered, and nothing of what stayed', () => {
  const changes = recordChanges(
    [reading(1, 98), reading(2, 120), chip],
    [reading(1, 93), reading(2, 120), reading(4, 101)],
  );
  expect(changes.map((c) => recordChangeText(c, PLAIN_WORDING, 'um'))).toEqual([
    'finding, Bonnet: taken out: stone chip',
    'reading, Roof: 98 µm → 93 µm',
    'reading, Roof: entered: 101 µm',
  ]);
});

it('finds nothing between a report and itself', () => {
  expect(recordChanges([reading(1, 98), chip], [chip, reading(1, 98)])).toEqual([]);
});
