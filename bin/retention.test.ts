import { backupMoment, backupName, outlived } from './retention';

const at = (iso: string) => backupName(new Date(iso));

it('names a backup by its moment and reads it back', () => {
  expect(at('2026-11-26T03:04:05Z')).toBe('farvin-2026-11-26T030405Z.backup');
  expect(backupMoment('farvin-2026-11-26T030405Z.backup')).toEqual(new Date('2026-11-26T03:04:05Z'));
  expect(backupMoment('holiday.zip')).toBeNull();
});

it('keeps days, then weeks, then months, and always the newest', () => {
  // One a day for two years.
  const all = Array.from({ length: 730 }, (_, i) => at(new Date(Date.UTC(2025, 0, 1 + i, 3)).toISOString()));
  const gone = new Set(outlived(all));
  const kept = all.filter((n) => !gone.has(n));
  expect(kept.at(-1)).toBe('farvin-2026-12-31T030000Z.backup');
  expect(kept.slice(-7).map((n) => n.slice(15, 17))).toEqual(['25', '26', '27', '28', '29', '30', '31']);
  // 7 days, 5 weeks of which 2 end in those days, 12 months of which one is told by a day.
  expect(kept.map((n) => n.slice(7, 17))).toEqual([
    '2026-01-31',
    '2026-02-28',
    '2026-03-31',
    '2026-04-30',
    '2026-05-31',
    '2026-06-30',
    '2026-07-31',
    '2026-08-31',
    '2026-09-30',
    '2026-10-31',
    '2026-11-30',
    '2026-12-06',
    '2026-12-13',
    '2026-12-20',
    '2026-12-25',
    '2026-12-26',
    '2026-12-27',
    '2026-12-28',
    '2026-12-29',
    '2026-12-30',
    '2026-12-31',
  ]);
  // Asked again, nothing more goes.
  expect(outlived(kept)).toEqual([]);
});

it('keeps the newest of a day, one that stands alone, and files that are not ours', () => {
  expect(outlived([at('2026-01-01T00:00:00Z'), 'notes.txt'])).toEqual([]);
  expect(outlived([at('2026-11-26T01:00:00Z'), at('2026-11-26T02:00:00Z')])).toEqual([at('2026-11-26T01:00:00Z')]);
});
