import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { type AnyRecord, kindOf, type RecordKind } from '@/core/kinds';
import { carBody } from '@/data/test-entries';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { jobSheets } from './job-sheets';

const id = (n: number) => `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const record = (kind: RecordKind, n: number, body: object) =>
  ({
    kind,
    id: id(n),
    version: 1,
    schema: 1,
    body: kindOf(kind).schema.parse({ at: '2027-02-10T09:00:00Z', ...body }),
  }) as unknown as AnyRecord;
const CAR = record('car', 1, carBody);
const FAULTS = [
  record('finding', 2, { zone: 'hood', flaw: 'peeling', note: 'by the washer jet' }),
  record('finding', 3, { zone: 'rocker.left', flaw: 'perforated' }),
  record('finding', 4, { zone: 'seat.left.front', flaw: 'split', withheld: 'consignor wishes it' }),
];
const picture = record('photo', 9, {
  sha256: 'a'.repeat(64),
  name: 'p.jpg',
  type: 'image/jpeg',
  bytes: 10,
  widthPx: 40,
  heightPx: 30,
  zone: 'hood',
  finding: FAULTS[0]!.id,
});
const sheetsOf = (records: readonly AnyRecord[]) =>
  jobSheets({ records, tables: DEFAULT_TABLES, wording: PLAIN_WORDING });

it('is nothing for a car without a plan, and no sheet where nothing needs doing', () => {
  expect(sheetsOf(FAULTS)).toBeNull();
  expect(sheetsOf([CAR])?.sheets).toEqual([]);
});

it('gives each trade its own jobs with place, hours, fault, note and picture', () => {
  const { sheets } = sheetsOf([CAR, ...FAULTS, picture])!;
  const trades = sheets.map((s) => s.trade);
  expect(new Set(trades).size).toBe(trades.length);
  const paint = JSON.stringify(sheets.find((s) => s.trade === 'paint')!.blocks);
  expect(paint).toMatch(/Refinish the panel, bonnet/);
  expect(paint).toMatch(/by the washer jet/);
  expect(paint).toContain('a'.repeat(64));
  expect(paint).toMatch(/h likely, /);
  expect(paint).not.toMatch(/seat cover/i);
});

it('says what is wrong with a piece, of what plates it that it is paid by the piece, and where a fault is once', () => {
  const bumper = record('piece', 5, {
    zone: 'bumper.front',
    piece: 'bumper-front',
    presence: 'fitted',
    faults: ['pitted'],
  });
  const chip = record('finding', 6, { zone: 'hood', flaw: 'chip', sizeMm: 4, where: 'leading edge' });
  const { sheets } = sheetsOf([CAR, bumper, chip])!;
  const of = (trade: string) => JSON.stringify(sheets.find((s) => s.trade === trade)!.blocks);
  expect(of('plating')).toMatch(/The piece itself: pitted/);
  expect(of('plating')).toMatch(/1 job, paid by the piece/);
  expect(of('plating')).not.toMatch(/0 h/);
  expect(of('paint').match(/leading edge/g)).toHaveLength(1);
});

it('has what bidders do not read: a shop mends it all the same', () => {
  expect(JSON.stringify(sheetsOf([CAR, ...FAULTS])!.sheets)).toMatch(/seat cover/i);
});

it('numbers the jobs of a sheet on its plans as in its list', () => {
  for (const { blocks } of sheetsOf([CAR, ...FAULTS])!.sheets) {
    const pins = blocks.flatMap((b) => (b.kind === 'plan' ? b.pins.map((p) => p.number) : []));
    const named = blocks.flatMap((b) => (b.kind === 'heading' ? Number.parseInt(b.text, 10) : []));
    expect(named).toEqual(named.map((_, i) => i + 1));
    expect(pins.every((n) => named.includes(n))).toBe(true);
  }
});
