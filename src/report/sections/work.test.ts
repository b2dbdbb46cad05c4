import { type AnyRecord, kindOf } from '@/core/kinds';
import type { Bundle } from '@/core/records/bundle';
import { carBody } from '@/data/test-entries';
import { published } from '../published';
import { shownOf } from './test-shown';
import { work } from './work';

const AT = '2027-02-10T09:00:00Z';
const id = (n: number) => `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const record = (kind: 'car' | 'finding' | 'worth' | 'remedy', n: number, body: object) =>
  ({
    kind,
    id: id(n),
    version: 1,
    schema: 1,
    body: kindOf(kind).schema.parse({ at: AT, ...body }),
  }) as unknown as AnyRecord;
const CAR = record('car', 1, carBody);
const FAULTS = [
  record('finding', 2, { zone: 'hood', flaw: 'peeling' }),
  record('finding', 3, { zone: 'seat.left.front', flaw: 'split', withheld: 'consignor wishes it' }),
];

it('tells nothing of money unless the house wants it', () => {
  expect(shownOf(work, [CAR, ...FAULTS]).blocks).toEqual([]);
  expect(shownOf(work, [CAR, ...FAULTS, record('worth', 4, { expected: 40_000 })]).blocks).toEqual([]);
});

it('tells the sum, its doubt and each job with the number of its finding, as inferred and as no offer', () => {
  const { blocks, text } = shownOf(work, [CAR, FAULTS[0]!, record('worth', 4, { shown: true, currency: 'VK' })]);
  expect(blocks[0]).toMatchObject({ kind: 'para', evidence: 'inferred' });
  expect(text).toMatch(/Refinish the panel, bonnet/);
  expect(text).toMatch(/no offer/);
  expect(text).toContain('VK');
});

it('counts what is withheld in the sum and names no work for it', () => {
  const shown = record('worth', 4, { shown: true, currency: 'VK' });
  const { text } = shownOf(work, [CAR, ...FAULTS, shown]);
  expect(text).not.toMatch(/seat cover/i);
});

it('publishes neither what the house expects nor what it would spend', () => {
  const bundle = (shown: boolean) =>
    ({
      records: {
        finding: FAULTS,
        worth: [record('worth', 4, { expected: 40_000, budget: 900, days: 12, source: 'sales of before', shown })],
        remedy: [
          record('remedy', 5, { of: id(2), remedy: 'leave', rule: 'refinish' }),
          record('remedy', 6, { of: id(3), remedy: 'leave', rule: 'seat-cover' }),
        ],
      },
      photos: [],
    }) as unknown as Bundle;
  expect(published(bundle(false), true).records).toMatchObject({ worth: [], remedy: [] });
  const { worth, remedy } = published(bundle(true), true).records;
  expect(worth![0]!.body).toMatchObject({ expected: null, budget: null, days: null, source: '', shown: true });
  expect(remedy!.map((r) => r.body.of)).toEqual([id(2)]);
});
