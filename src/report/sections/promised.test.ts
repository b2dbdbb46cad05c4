import { type AnyRecord, kindOf, type RecordKind } from '@/core/kinds';
import type { Bundle } from '@/core/records/bundle';
import { carBody } from '@/data/test-entries';
import { published } from '../published';
import { findings } from './findings';
import { promised } from './promised';
import { shownOf } from './test-shown';

const AT = '2027-02-10T09:00:00Z';
const id = (n: number) => `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const record = (kind: RecordKind, n: number, body: object) =>
  ({
    kind,
    id: id(n),
    version: 1,
    schema: 1,
    body: kindOf(kind).schema.parse({ at: AT, ...body }),
  }) as unknown as AnyRecord;
const CAR = record('car', 1, carBody);
const PEELING = record('finding', 2, { zone: 'hood', flaw: 'peeling' });
const SPLIT = record('finding', 3, { zone: 'seat.left.front', flaw: 'split', withheld: 'consignor wishes it' });
const job = { work: 'refinish', zone: 'hood', serves: [PEELING.id] };
const promise = record('offer', 5, { ...job, sort: 'promise', by: '2027-03-12' });
const doneOn = (on: string) => record('done', 6, { ...job, on, by: 'Vennor Coachworks' });

it('is not there where nothing was offered or done', () => {
  expect(shownOf(promised, [CAR, PEELING]).blocks).toEqual([]);
});

it('tells an allowance with its money, left to the buyer', () => {
  const offer = record('offer', 4, { ...job, sort: 'allowance', amount: 1250, currency: 'VK' });
  expect(shownOf(promised, [CAR, PEELING, offer]).text).toMatch(/left to the buyer.*bonnet.*1,250 VK off the price/);
});

it('tells a promise as open, kept, or kept late', () => {
  expect(shownOf(promised, [CAR, PEELING, promise]).text).toMatch(/done by 12 Mar 2027\. Not on record as done/);
  const kept = shownOf(promised, [CAR, PEELING, promise, doneOn('2027-03-10')]).text;
  expect(kept).toMatch(/Done on 10 Mar 2027 by Vennor Coachworks\./);
  expect(shownOf(promised, [CAR, PEELING, promise, doneOn('2027-03-15')]).text).toMatch(
    /after the day that was promis/,
  );
});

it('tells what a job put right, and has it among the findings no more', () => {
  const records = [CAR, PEELING, doneOn('2027-03-10')];
  expect(shownOf(promised, records).text).toMatch(/Put right: peeling.*bonnet/);
  expect(shownOf(findings, records).text).not.toMatch(/peeling/i);
  expect(shownOf(findings, [CAR, PEELING]).text).toMatch(/peeling/i);
});

it('publishes no work that serves only what is withheld, and names no withheld finding', () => {
  const of = (n: number, serves: readonly string[]) =>
    record('done', n, { ...job, serves: [...serves], on: '2027-03-01' });
  const bundle = {
    records: { finding: [PEELING, SPLIT], done: [of(7, [SPLIT.id]), of(8, [SPLIT.id, PEELING.id])] },
    photos: [],
  };
  const { done } = published(bundle as unknown as Bundle, true).records;
  expect(done!.map((d) => [d.id, d.body.serves])).toEqual([[id(8), [PEELING.id]]]);
});

it('lays what was found on the left beside what was found on the right', () => {
  const left = record('finding', 12, { zone: 'fender.left', flaw: 'dent' });
  const { blocks } = shownOf(findings, [CAR, left, PEELING]);
  const folded = blocks.find((b) => b.kind === 'folded');
  expect(JSON.stringify(folded)).toMatch(/Front wing.*dent.*–/);
  expect(JSON.stringify(folded)).not.toMatch(/bonnet/i);
  expect(shownOf(findings, [CAR, PEELING]).blocks.some((b) => b.kind === 'folded')).toBe(false);
});
