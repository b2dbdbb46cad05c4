import { planOfCar } from '@/core/body/plan';
import type { AnyRecord } from '@/core/kinds';
import { kindOf } from '@/core/kinds';
import type { Bundle } from '@/core/records/bundle';
import { carBody } from '@/data/test-entries';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { linkAt, momentsByRecord } from '../film-moments';
import { numberedFindings } from '../numbered';
import { published } from '../published';
import type { SectionView } from '../section';
import { film } from './film';

const AT = '2027-02-10T09:00:00Z';
const id = (n: number) => `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const record = (kind: 'film' | 'moment' | 'finding', n: number, body: object) =>
  ({
    kind,
    id: id(n),
    version: 1,
    schema: 1,
    body: kindOf(kind).schema.parse({ at: AT, ...body }),
  }) as unknown as AnyRecord;
const moment = (n: number, fromS: number, of: number, zone: string | null, words: string) =>
  record('moment', n, { film: id(1), fromS, of: id(of), zone, words });

const records = [
  record('film', 1, { name: 'lap.mp4', link: 'https://films.tramshed.example/lap?list=3&t=9' }),
  record('finding', 2, { zone: 'hood', flaw: 'chip' }),
  record('finding', 3, { zone: 'roof', flaw: 'dent', withheld: 'consignor wishes it' }),
  moment(11, 4, 2, 'hood', 'one small chip'),
  moment(12, 2, 2, 'hood', 'moving on to the hood'),
  moment(13, 9.6, 3, 'roof', 'a dent in the roof'),
  moment(14, 12, 2, null, 'as I said'),
  moment(15, 20, 2, 'hood', 'back at the hood'),
  moment(17, 20, 2, 'hood', 'back at the hood'),
];
const view = (own: readonly AnyRecord[]): SectionView<object> => {
  const car = kindOf('car').schema.parse(carBody) as SectionView<object>['car'];
  const plan = planOfCar(car)!;
  return {
    records: own,
    findings: numberedFindings(own, plan),
    plan,
    car,
    wording: PLAIN_WORDING,
    sealed: {},
  } as unknown as SectionView<object>;
};

it('has a chapter for each run at one place, in the order of time, with the number of each finding', () => {
  const [block] = film.blocks(view(records));
  expect(block).toMatchObject({ kind: 'film', name: 'lap.mp4', sha256: null });
  const chapters = block?.kind === 'film' ? block.chapters : [];
  expect(chapters.map((c) => [c.title, c.moments.map((m) => [m.fromS, m.finding])])).toEqual([
    [
      'Bonnet',
      [
        [2, 1],
        [4, 1],
      ],
    ],
    [
      'Roof',
      [
        [9.6, 2],
        [12, 1],
      ],
    ],
    ['Bonnet', [[20, 1]]],
  ]);
});

it('says nothing without a film, even of moments that wait for one', () => {
  expect(film.blocks(view(records.slice(1)))).toEqual([]);
  expect(momentsByRecord(records.slice(1)).size).toBe(0);
});

it('finds the seconds of a record in the order of time, and links to them', () => {
  expect(
    momentsByRecord(records)
      .get(id(2))
      ?.map((m) => m.fromS),
  ).toEqual([2, 4, 12, 20]);
  expect(linkAt('https://films.tramshed.example/lap?list=3&t=9', 9.6)).toBe(
    'https://films.tramshed.example/lap?list=3&t=9',
  );
  expect(linkAt('https://films.tramshed.example/lap', 75.9)).toBe('https://films.tramshed.example/lap?t=75');
});

it('publishes no words that became a withheld finding or a record that is gone', () => {
  const bundle = {
    records: {
      film: [records[0]],
      finding: [records[1], records[2]],
      moment: [...records.slice(3), moment(16, 30, 99, 'hood', 'what was taken back')],
    },
    photos: [],
  } as unknown as Bundle;
  const shown = published(bundle, true).records.moment ?? [];
  expect(shown.map((m) => m.body.words)).toEqual([
    'one small chip',
    'moving on to the hood',
    'as I said',
    'back at the hood',
    'back at the hood',
  ]);
});
