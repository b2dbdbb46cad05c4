import Papa from 'papaparse';
import { renamePerson } from '@/data/people';
import { testDatabase } from '@/data/test-database';
import { testHouse } from '@/data/test-house';
import { auditFile } from './audit-file';

it('holds all that was done in the house, in the same words in both forms, and runs nothing in a spreadsheet', async () => {
  const { db, owner, end } = await testDatabase();
  const house = await testHouse(db, owner, 'audited');
  const other = await testHouse(db, owner, 'beside');
  await other.lot();
  for (let i = 0; i < 3; i++) await house.lot();
  await renamePerson(db, house.manager, house.manager.userId, '=HYPERLINK("x"),"quoted"');
  await renamePerson(db, { ...house.manager, name: '=1+1' }, house.inspector.userId, 'Ilse, Brandvik');
  const text = async (format: 'csv' | 'json') => {
    let all = '';
    for await (const piece of auditFile(db, house.manager, format)) all += piece;
    return all;
  };
  const json = JSON.parse(await text('json'));
  const rows = Papa.parse<Record<string, string>>(await text('csv'), { header: true, skipEmptyLines: true }).data;
  expect(json.map((e: { what: string }) => e.what)).toEqual([
    'lot-added',
    'lot-added',
    'lot-added',
    'name-changed',
    'name-changed',
  ]);
  expect(rows.map((r) => [r.at, r.what, JSON.parse(r.detail!)])).toEqual(
    json.map((e: { at: string; what: string; detail: object }) => [e.at, e.what, e.detail]),
  );
  expect(rows.at(-1)!.who).toBe("'=1+1");
  await end();
});
