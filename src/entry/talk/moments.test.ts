import { momentsOf } from './moments';
import type { SortRow } from './sorting';

const AT = '2027-02-10T09:00:00Z';
const FILM = '0190f5c0-0000-7000-8000-000000000001';
const row = (more: Partial<SortRow> = {}): SortRow => ({
  key: 'k',
  text: 'one small chip',
  line: 3,
  fromS: 12.5,
  toS: 15,
  item: null,
  sure: 1,
  why: null,
  decision: null,
  ...more,
});
const put = (kind: 'finding' | 'look', id: string) => ({ kind, id, body: { zone: 'hood' } });

it('ties a moment to the finding among what a row became, with its place and words', () => {
  expect(momentsOf(FILM, row(), [put('look', 'a'), put('finding', 'b')], AT)).toEqual([
    {
      kind: 'moment',
      body: { film: FILM, fromS: 12.5, toS: 15, words: 'one small chip', of: 'b', zone: 'hood', at: AT },
    },
  ]);
});

it('makes none of words without times, nor of a row that became nothing', () => {
  const { fromS: _f, toS: _t, ...timeless } = row();
  expect(momentsOf(FILM, timeless, [put('look', 'a')], AT)).toEqual([]);
  expect(momentsOf(FILM, row(), [], AT)).toEqual([]);
});
