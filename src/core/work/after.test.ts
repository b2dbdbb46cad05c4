import { planOf } from '../body/plan';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { judge } from '../judge/judge';
import { type AnyRecord, KINDS, type RecordKind } from '../kinds';
import { afterWork, rightedOn } from './after';

const plan = planOf('fastback')!;
const id = (n: number) => `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const BEFORE = '2027-02-10T09:00:00Z';
const LATER = '2027-03-10T09:00:00Z';
const record = (kind: RecordKind, n: number, body: object): AnyRecord =>
  ({ kind, id: id(n), version: 1, body: KINDS[kind].schema.parse({ at: BEFORE, ...body }) }) as AnyRecord;

const PEELING = record('finding', 1, { zone: 'hood', flaw: 'peeling' });
const DENT = record('finding', 2, { zone: 'door.left.front', flaw: 'dent' });
const painted = (more: object = {}) =>
  record('done', 9, { work: 'refinish', zone: 'hood', serves: [PEELING.id], on: '2027-03-01', ...more });
const ids = (records: readonly AnyRecord[]) => afterWork(records, plan).map((r) => r.id);

it('gives back the very list where nothing was done', () => {
  const records = [PEELING, DENT];
  expect(afterWork(records, plan)).toBe(records);
});

it('closes what a job put right and nothing beside it', () => {
  expect(ids([PEELING, DENT, painted()])).toEqual([DENT.id, id(9)]);
});

it('counts film that was read before the panel was painted no more, and what was read after it', () => {
  const read = (n: number, zone: string, at: string) =>
    record('reading', n, { zone, state: 'read', thicknessUm: 110, typed: { text: '110', unit: 'um' }, at });
  const records = [read(3, 'hood', BEFORE), read(4, 'hood', LATER), read(5, 'roof', BEFORE)];
  expect(ids([...records, painted()])).toEqual([id(4), id(5), id(9)]);
  expect(ids([...records, painted({ work: 'touch-in' })])).toEqual([id(3), id(4), id(5), id(9)]);
  expect(ids([...records, painted({ work: 'respray', zone: null })])).toEqual([id(4), id(9)]);
});

it('leaves a function that was mended untried until somebody tries it', () => {
  const tried = (n: number, state: string, at: string) => record('tried', n, { function: 'clock', state, at });
  const mended = record('done', 9, {
    work: 'small-electrical',
    zone: 'dash',
    serves: ['works:clock'],
    on: '2027-03-01',
  });
  expect(ids([tried(3, 'dead', BEFORE), mended])).toEqual([id(9)]);
  expect(ids([tried(3, 'dead', BEFORE), tried(4, 'works', LATER), mended])).toEqual([id(4), id(9)]);
});

it('is judged as neither bad nor good: the place is unseen again', () => {
  const paintOf = (records: readonly AnyRecord[]) => {
    const { coverage, findings } = judge({ plan, records, tables: DEFAULT_TABLES });
    const cell = coverage.cells.find((c) => c.zone.slug === 'hood' && c.aspect === 'paint')!;
    return [findings.all.length, cell.status];
  };
  expect(paintOf([PEELING])).toEqual([1, 'findings']);
  expect(paintOf([PEELING, painted()])).toEqual([0, 'unseen']);
  const look = record('look', 4, { zone: 'hood', aspect: 'paint', outcome: 'clean', at: LATER });
  expect(paintOf([PEELING, painted(), look])).toEqual([0, 'clean']);
});

it('names the last job that put a thing right', () => {
  const again = record('done', 10, { work: 'spot', zone: 'hood', serves: [PEELING.id], on: '2027-03-09' });
  expect(rightedOn([again, painted()]).get(PEELING.id)?.id).toBe(again.id);
});
