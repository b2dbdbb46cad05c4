import { readStationsCsv } from './stations';

const HEADER = 'side,x_mm,y_mm,nominal_mm,gap_mm,gap_se_mm,flush_mm,flush_se_mm';

it('reads stations; empty cells are not measured, an error of 0 becomes the least there is', () => {
  const { stations, bad } = readStationsCsv(
    `${HEADER}\nfront,1000,200,4.5,4.1,0.2,0.3,0.15\nrear,0,200,4.5,,,-1.2,\ntop,300,900,4.5,5,0,,\n`,
  );
  expect(bad).toEqual([]);
  expect(stations[0]).toEqual({
    side: 'front',
    xMm: 1000,
    yMm: 200,
    nominalMm: 4.5,
    gapMm: 4.1,
    gapSeMm: 0.2,
    flushMm: 0.3,
    flushSeMm: 0.15,
  });
  expect(stations[1]).toMatchObject({ gapMm: null, gapSeMm: null, flushMm: -1.2, flushSeMm: null });
  expect(stations[2]).toMatchObject({ gapSeMm: 0.005, flushMm: null });
});

it.each([
  ['left,0,0,4.5,4,,,', 'side must be'],
  ['front,0,,4.5,4,,,', 'x_mm and y_mm'],
  ['front,0,0,,4,,,', 'nominal_mm'],
  ['front,0,0,4.5,wide,,,', 'gap_mm “wide” is no number'],
  ['front,0,0,4.5,-3,,,', 'cannot be a gap'],
  ['front,0,0,4.5,4,-1,,', 'standard error'],
  ['front,0,0,4.5,4,,90,', 'step between panels'],
  ['front,99999,0,4.5,4,,,', 'off any panel'],
  ['front,0,0,4.5,4,,,,,', 'fields'],
])('tells what is wrong with %s', (row, says) => {
  const { stations, bad } = readStationsCsv(`${HEADER}\n${row}\n`);
  expect(stations).toEqual([]);
  expect(bad).toEqual([{ line: 2, message: expect.stringContaining(says) }]);
});

it('names the columns that a header lacks', () => {
  expect(readStationsCsv('side,x_mm\nfront,1\n').bad[0]).toEqual({
    line: 1,
    message: expect.stringContaining('y_mm, nominal_mm, gap_mm'),
  });
});
