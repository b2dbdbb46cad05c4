import { planOf } from '../body/plan';
import { fitCsv, readFitCsv } from './fit';

const SEAMS = ['door.left.front|fender.left', 'cowl|hood'];
const HEADER = 'seam,s_mm,gap_mm,gap_se_mm,flush_mm,flush_se_mm';
const gap = (seam: string, stations: object[]) => ({
  seam,
  by: 'feeler' as const,
  photo: null,
  evidence: 'measured' as const,
  note: '',
  at: '2027-02-10T09:00:00Z',
  stations: stations.map((s) => ({
    sMm: 0,
    gapMm: null,
    gapSeMm: null,
    flushMm: null,
    flushSeMm: null,
    edgesPx: null,
    touched: null,
    refused: null,
    ...s,
  })),
});

it('reads stations by seam; a seam written the other way round is the same, with flush turned', () => {
  const { seams, bad } = readFitCsv(
    `${HEADER}\ndoor.left.front|fender.left,50,4.5,0.1,1,\nhood|cowl,20,5,,1.5,0.2\ndoor.left.front|fender.left,150,,,-0.5,\n`,
    SEAMS,
  );
  expect(bad).toEqual([]);
  expect(seams.map((s) => s.seam)).toEqual(['door.left.front|fender.left', 'cowl|hood']);
  expect(seams[0]!.stations).toEqual([
    { sMm: 50, gapMm: 4.5, gapSeMm: 0.1, flushMm: 1, flushSeMm: null },
    { sMm: 150, gapMm: null, gapSeMm: null, flushMm: -0.5, flushSeMm: null },
  ]);
  expect(seams[1]!.stations[0]!.flushMm).toBe(-1.5);
});

it.each([
  ['door.left.front|fendr.left,1,4,,,', 'nearest: door.left.front|fender.left'],
  ['hood,1,4,,,', 'unknown seam'],
  ['cowl|hood,,4,,,', 's_mm'],
  ['cowl|hood,-1,4,,,', 's_mm'],
  ['cowl|hood,1,,,,', 'neither'],
  ['cowl|hood,1,x,,,', 'gap_mm “x” is no number'],
  ['cowl|hood,1,80,,,', 'cannot be a gap'],
])('tells what is wrong with %s', (row, says) => {
  expect(readFitCsv(`${HEADER}\n${row}\n`, SEAMS)).toEqual({
    seams: [],
    bad: [{ line: 2, message: expect.stringContaining(says) }],
  });
});

it('writes what it reads: the same stations come back, for every seam of every style', () => {
  for (const style of ['fastback', 'saloon4', 'pickup', 'van', 'estate']) {
    const known = [...planOf(style)!.seams.keys()];
    expect(known.length).toBeGreaterThan(5);
    const gaps = known.map((seam, i) => gap(seam, [{ sMm: 10 + i, gapMm: 4.25, gapSeMm: 0.125, flushMm: -0.5 }]));
    const { seams, bad } = readFitCsv(fitCsv(gaps), known);
    expect(bad).toEqual([]);
    expect(seams).toEqual(
      known.map((seam, i) => ({
        seam,
        stations: [{ sMm: 10 + i, gapMm: 4.25, gapSeMm: 0.125, flushMm: -0.5, flushSeMm: null }],
      })),
    );
  }
});

it('leaves out what was left out or refused', () => {
  const text = fitCsv([gap('cowl|hood', [{ gapMm: 4, touched: 'dropped' }, { refused: 'no-slot' }, { gapMm: 5 }])]);
  expect(text).toBe(`${HEADER}\r\ncowl|hood,0,5,,,\r\n`);
});
