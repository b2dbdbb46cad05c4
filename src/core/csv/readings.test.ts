import { readReadingsCsv } from './readings';
import { csvRows } from './rows';

const HEADER = 'zone,value,unit,state,u_mm,v_mm,at';
const read = (...rows: string[]) => readReadingsCsv([HEADER, ...rows].join('\n'), { ceilingUm: 500, zones: null });

it('reads values, mil, over, none, places and moments', () => {
  const { readings, bad } = read(
    'hood,131,um,read,,,',
    'hood,5.2,mil,read,100,200,2027-02-10T09:00:00Z',
    'hood,500,um,over,,,',
    'hood,,um,none,,,',
  );
  expect(bad).toEqual([]);
  expect(readings.map((r) => [r.state, r.thicknessUm === null ? null : Math.round(r.thicknessUm)])).toEqual([
    ['read', 131],
    ['read', 132],
    ['over', 500],
    ['none', null],
  ]);
  expect(readings[1]!.place).toEqual({ uMm: 100, vMm: 200 });
});

it('checks every row against the zones of the car, given as any iterable', () => {
  const zones = new Map([['hood', 1]]).keys();
  const { readings, bad } = readReadingsCsv(
    `${HEADER}\nhood,131,um,read,,,\nhood,128,um,read,,,\nroof,128,um,read,,,`,
    { ceilingUm: 500, zones },
  );
  expect(readings).toHaveLength(2);
  expect(bad).toEqual([{ line: 4, message: expect.stringContaining('nearest: hood') }]);
});

it('takes a value read at the gauge’s ceiling as at least that much', () => {
  expect(read('hood,500,um,read,,,').readings[0]).toMatchObject({ state: 'over', thicknessUm: 500 });
});

it.each([
  ['bonnet,131,um,read,,,', /unknown zone “bonnet”; nearest/],
  ['hood,131,mm,read,,,', /unit must be/],
  ['hood,131,um,seen,,,', /state must be/],
  ['hood,abc,um,read,,,', /no number/],
  ['hood,,um,read,,,', /needs its value/],
  ['hood,4,um,none,,,', /empty value/],
  ['hood,-4,um,read,,,', /cannot be a coating thickness/],
  ['hood,99999,um,read,,,', /cannot be a coating thickness/],
  ['hood,131,um,read,10,,', /two numbers or both empty/],
  ['hood,131,um,read,,,yesterday', /no date/],
  ['hood,131,um,read,,,,,,', /fields/],
])('tells the line and what is wrong: %s', (row, message) => {
  const { bad, readings } = read('hood,131,um,read,,,', row);
  expect(readings).toHaveLength(1);
  expect(bad).toHaveLength(1);
  expect(bad[0]!.line).toBe(3);
  expect(bad[0]!.message).toMatch(message);
});

it('keeps extra columns as notes and does not mind blank lines, quotes, a byte-order mark or CRLF', () => {
  const text = '\uFEFFzone,value,unit,state,light\r\n\r\n"hood",131,um,read,"sun, low"\r\n';
  expect(readReadingsCsv(text, { ceilingUm: 500, zones: null })).toMatchObject({
    bad: [],
    readings: [{ zone: 'hood', note: 'light: sun, low' }],
  });
});

it('reads quoted fields with commas, quotes and line breaks, and tells the line of the file where a row begins', () => {
  const text = 'a,b,c\r\n1,"x ""y"", z",3\r\n2,"over\r\ntwo lines",4\r\n5,6,7,8\r\n';
  const { taken, bad } = csvRows(text, ['a', 'b', 'c'], ['a'], (row) => row);
  expect(taken).toEqual([
    { a: '1', b: 'x "y", z', c: '3' },
    { a: '2', b: 'over\r\ntwo lines', c: '4' },
  ]);
  expect(bad).toEqual([{ line: 5, message: 'has 4 fields, the header 3' }]);
});

it('refuses a file without the header', () => {
  expect(readReadingsCsv('hood,131,um,read', { ceilingUm: 500, zones: null }).bad[0]).toMatchObject({ line: 1 });
  expect(readReadingsCsv('', { ceilingUm: 500, zones: null }).bad).toHaveLength(1);
});
