import { renderToStaticMarkup } from 'react-dom/server';
import type { YardLot } from '@/core/yard/yard-lot';
import { due, rowFacts } from './row-facts';
import { yardAddress } from './yard-address';
import { YardRow } from './yard-rows';

const TODAY = '2027-02-10';
const lot = (extra: Partial<YardLot> = {}, summary: Partial<YardLot['summary']> = {}): YardLot => ({
  id: 'a1',
  number: 7,
  title: 'Ormelle Vireo sports, 1968',
  reportDueOn: '2027-02-12',
  keeper: '',
  questions: 0,
  withdrawn: false,
  inspectionId: 'i1',
  revision: 1,
  state: 'draft',
  summary: {
    records: 0,
    seen: 0,
    blocked: 0,
    grade: null,
    readings: 0,
    findings: 0,
    photos: 0,
    gates: [],
    car: '',
    ...summary,
  },
  ...extra,
});
const drawn = (row: YardLot) => renderToStaticMarkup(<YardRow row={rowFacts(row, TODAY)} />);
const words = (row: YardLot) =>
  drawn(row)
    .replace(/<[^>]*>/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

it('says of a lot nobody has been to that nothing is known', () => {
  const says = words(lot({ reportDueOn: '2027-03-01' }));
  expect(says).toContain('nobody yet · nothing entered');
  expect(says).toContain('no grade yet');
  expect(says).toContain('not begun');
  expect(says).not.toMatch(/grade \d/);
  expect(drawn(lot())).toContain('href="/lots/a1/intake"');
});

it('shows a title as it was typed, whatever stands in it', () => {
  const row = drawn(lot({ title: '</span><script>alert(1)</script> "Vireo" & co' }));
  expect(row).not.toContain('<script');
  expect(row).toContain('&lt;/span&gt;&lt;script&gt;alert(1)&lt;/script&gt; &quot;Vireo&quot; &amp; co');
});

it('leads to the walk once the car is stated, and to the report once it is sealed', () => {
  const begun = { records: 12, car: 'Ormelle Vireo 1968', seen: 0.31 };
  expect(drawn(lot({}, begun))).toContain('href="/lots/a1/walk"');
  const sealed = lot({ state: 'sealed', revision: 2 }, begun);
  expect(drawn(sealed)).toContain('href="/lots/a1/report"');
  expect(words(sealed)).toContain('revision 2');
});

it('tells thin and late lots, structural loss, and the grade with its doubt', () => {
  const summary = {
    records: 90,
    seen: 0.4,
    car: 'Ormelle Vireo 1968',
    grade: { low: 51.6, value: 58, high: 66.2, band: 'driver' },
    gates: ['structural-loss'],
  };
  expect(words(lot({}, summary))).toContain('thin');
  expect(words(lot({ reportDueOn: '2027-02-09' }, summary))).toMatch(/late 1 day late/);
  expect(words(lot({}, summary))).toContain('Structural loss: tell the manager');
  expect(drawn(lot({}, summary))).toContain('Grade 52 to 66 of 100');
  // Said to who listens as it is shown, also where a tenth would round otherwise.
  const half = { ...summary, grade: { ...summary.grade, low: 64.46 } };
  expect(words(lot({}, half))).toContain('64–66');
  expect(drawn(lot({}, half))).toContain('Grade 64 to 66 of 100');
  expect(words(lot({}, { ...summary, gates: [] }))).not.toContain('Structural loss');
});

it('counts days to the report as people do', () => {
  expect(due(lot({ reportDueOn: null }), TODAY)).toBe('no day set');
  expect(due(lot({ reportDueOn: TODAY }), TODAY)).toBe('due today');
  expect(due(lot({ reportDueOn: '2027-02-11' }), TODAY)).toBe('in 1 day');
  expect(due(lot({ reportDueOn: '2027-03-01' }), TODAY)).toBe('in 19 days');
  expect(due(lot({ reportDueOn: '2027-02-08' }), TODAY)).toBe('2 days late');
});

it('writes addresses that leave out what is usual', () => {
  expect(yardAddress({})).toBe('/yard');
  expect(yardAddress({ show: 'all', sort: 'number', search: '' })).toBe('/yard');
  expect(yardAddress({ show: 'thin', sort: 'due', search: 'dray & co', after: '2027-02-10~4' })).toBe(
    '/yard?show=thin&by=due&q=dray+%26+co&after=2027-02-10%7E4',
  );
});
