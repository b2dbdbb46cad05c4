import { DEFAULT_TABLES, TABLES, type TableName } from '../grade/all-tables';
import { leafAt, leavesOf, pathText, withLeaf } from '../model/leaves';
import { readTableCsv, tableCsv } from './table-file';

const NAMES = Object.keys(TABLES) as TableName[];

it.each(NAMES)('writes %s and reads the same back', (name) => {
  const shipped = DEFAULT_TABLES[name];
  const { table, bad } = readTableCsv(tableCsv(shipped, shipped));
  expect(bad).toEqual([]);
  expect(table).toEqual(shipped);
  expect(TABLES[name].schema.safeParse(table).success).toBe(true);
});

it('takes a change made in a spreadsheet, also one that writes semicolons', () => {
  const csv = tableCsv(DEFAULT_TABLES.paintLosses, DEFAULT_TABLES.paintLosses).replace(
    'filled,number,0.55',
    'filled,number,0.6',
  );
  expect(leafAt(readTableCsv(csv).table, ['filled'])).toBe(0.6);
  const semicolons = 'path;type;value\nfilled;number;0.6\n';
  expect(readTableCsv(semicolons).table).toEqual({ filled: 0.6 });
});

it.each([
  ['filled,number,much', '“much” is no number'],
  ['filled,colour,red', 'has the type “colour”'],
  ['filled,yes-no,maybe', 'is neither yes nor no'],
  [',number,1', 'has no path'],
  ['__proto__/x,number,1', 'has no path'],
])('names what is wrong with %s', (row, says) => {
  const { bad } = readTableCsv(`path,type,value\n${row}\n`);
  expect(bad).toHaveLength(1);
  expect(bad[0]!.message).toContain(says);
});

it('refuses a path that stands twice', () => {
  expect(readTableCsv('path,type,value\na,number,1\na,number,2\n').bad).toEqual([
    { line: 3, message: 'the path a stands twice' },
  ]);
});

it('sets one number and leaves the rest, in lists too', () => {
  const before = { a: [{ b: 1 }, { b: 2 }], c: null };
  const after = withLeaf(before, ['a', 1, 'b'], 3);
  expect(after).toEqual({ a: [{ b: 1 }, { b: 3 }], c: null });
  expect(before.a[1]!.b).toBe(2);
  expect(leavesOf(after).map((l) => pathText(l.path))).toEqual(['a › 1 › b', 'a › 2 › b', 'c']);
});
