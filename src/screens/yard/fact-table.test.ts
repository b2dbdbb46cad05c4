import { rowsOf, tableOf } from './fact-table';

const rows = [
  { id: 'a', grade: { low: 1.5 }, when: '' },
  { id: 'b', grade: null, when: 'in 2 days' },
];

it('says the name of each field once, and gives the same rows back', () => {
  const written = JSON.stringify(tableOf(rows));
  expect(written.match(/"when"/g)).toHaveLength(1);
  expect(rowsOf(JSON.parse(written))).toEqual(rows);
});

it('is a table of no rows', () => {
  expect(rowsOf(tableOf([]))).toEqual([]);
});
