import { spawnSync } from 'node:child_process';
import path from 'node:path';

it('ends no page of a report with a title that something should follow', () => {
  const program = path.join(__dirname, 'test-pdf-pages.ts');
  const { stdout, stderr } = spawnSync(process.execPath, ['--import', 'tsx', program, '4', '6', '8', '2', '9'], {
    encoding: 'utf8',
  });
  if (stdout === '') throw new Error(stderr);
  const reports: { endsWith: string; title: boolean }[][] = JSON.parse(stdout.trim().split('\n').at(-1)!);
  expect(reports.map((pages) => pages.length > 5)).toEqual([true, true, true, true, true]);
  expect(reports.flatMap((pages) => pages.filter((p) => p.title))).toEqual([]);
});
