import { type AnyRecord, kindOf, type RecordKind } from '@/core/kinds';
import { carBody } from '@/data/test-entries';
import { matters } from './matters';
import { shownOf } from './test-shown';

const AT = '2027-02-10T09:00:00Z';
let serial = 0;
const record = (kind: RecordKind, body: object) =>
  ({
    kind,
    id: `0190f5c0-0000-7000-8000-${String(++serial).padStart(12, '0')}`,
    version: 1,
    schema: 1,
    body: kindOf(kind).schema.parse({ at: AT, ...body }),
  }) as unknown as AnyRecord;
const CAR = record('car', carBody);

it('tells a structural hole before paint, a withheld fault never, and what nobody saw at once', () => {
  const { blocks, text } = shownOf(matters, [
    CAR,
    record('finding', { zone: 'hood', flaw: 'peeling' }),
    record('finding', { zone: 'rocker.left', flaw: 'perforated' }),
    record('finding', { zone: 'roof', flaw: 'dent', withheld: 'consignor wishes it' }),
  ]);
  const items = blocks.flatMap((b) => (b.kind === 'matters' ? b.items : []));
  expect(items.map((i) => i.title)).toEqual([
    expect.stringMatching(/^Rusted through, sill/),
    expect.stringMatching(/^Peeling/),
  ]);
  expect(items[0]!.text).toMatch(/carries the car/);
  expect(text).not.toMatch(/dent, roof/i);
  expect(blocks.find((b) => b.kind === 'box')).toMatchObject({ title: expect.stringMatching(/^Not seen/) });
});

it('says so where nothing that was found matters much', () => {
  const { blocks } = shownOf(matters, [CAR]);
  expect(blocks[0]).toMatchObject({ kind: 'para', text: expect.stringMatching(/^Nothing that was found does much/) });
});

it('tells what the seller says where the car speaks against it', () => {
  const faults = ['rocker.left', 'rocker.right', 'floor.left.front', 'quarter.left'].map((zone) =>
    record('finding', { zone, flaw: 'perforated' }),
  );
  const claim = record('claim', { kind: 'no-rust', text: 'no rust anywhere', source: 'Harald Voss', saidAt: AT });
  const { text } = shownOf(matters, [CAR, claim, ...faults]);
  expect(text).toContain('“no rust anywhere”');
});

it('shows nothing for reports of before it', () => {
  expect(matters.blocks({ sealed: { matters: undefined, notSeen: [] } } as never)).toEqual([]);
});
