import fc from 'fast-check';
import { readReadingsCsv } from './readings';
import { csvRows } from './rows';
import { csvCell, csvTable } from './write';
import { readingsCsv } from './write-readings';

it('makes cells harmless that a spreadsheet would run', () => {
  for (const bad of ['=1+1', '+cmd', '-2+3', '@SUM(A1)', '\t=1', '\r=1']) expect(csvCell(bad)).toMatch(/^"?'/);
  expect(csvCell(-12.5)).toBe('-12.5');
  expect(csvCell('-3')).toBe('-3');
  expect(csvCell('5 = 5')).toBe('5 = 5');
  expect(csvCell(null)).toBe('');
});

it('quotes as RFC 4180 does', () => {
  expect(csvTable(['a', 'b'], [['x "y"', 'p,q']])).toBe('a,b\r\n"x ""y""","p,q"\r\n');
});

const AT = '2027-02-10T09:00:00Z';
const reading = (um: number | null, state: 'read' | 'over' | 'none', unit: 'um' | 'mil', text: string) => ({
  zone: 'hood',
  state,
  thicknessUm: um,
  typed: { text, unit },
  place: { uMm: 10, vMm: 20 },
  visit: null,
  origin: text.length > 2 ? ('practice' as const) : ('car' as const),
  confirmed: false,
  note: '',
  at: AT,
});

it('writes readings that read back the same', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.oneof(
          fc.integer({ min: 40, max: 499 }).map((um) => reading(um, 'read', 'um', String(um))),
          fc.integer({ min: 20, max: 190 }).map((m) => reading((m / 10) * 25.4, 'read', 'mil', String(m / 10))),
          fc.constant(reading(500, 'over', 'um', 'over')),
          fc.constant(reading(null, 'none', 'um', 'none')),
        ),
        { minLength: 1, maxLength: 20 },
      ),
      (readings) => {
        const back = readReadingsCsv(readingsCsv(readings), { ceilingUm: 500, zones: null });
        expect(back.bad).toEqual([]);
        expect(back.readings.map((r) => [r.zone, r.state, r.thicknessUm?.toFixed(3), r.place, r.at, r.origin])).toEqual(
          readings.map((r) => [r.zone, r.state, r.thicknessUm?.toFixed(3), r.place, r.at, r.origin]),
        );
      },
    ),
    { seed: 11 },
  );
});

it('reads back its own notes with line breaks, commas and quotes', () => {
  const notes = ['first line\nsecond line', 'left, "rear"', 'plain'];
  const text = csvTable(
    ['n', 'note'],
    notes.map((note, i) => [i, note]),
  );
  const { taken, bad } = csvRows(text, ['n', 'note'], ['n', 'note'], ({ note }) => ({ note }));
  expect(bad).toEqual([]);
  expect(taken.map((r) => r.note)).toEqual(notes);
});
