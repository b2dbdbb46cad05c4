import { readOdometerCsv, saysChanged } from './odometer';

it('reads days and figures as people write them, in any order', () => {
  const { readings, bad } = readOdometerCsv('on,value,source\n1979-06-01,"14,200",sale\n1968-05-01,20,delivery\n', 5);
  expect(bad).toEqual([]);
  expect(readings).toEqual([
    { on: '1979-06-01', value: 14_200, source: 'sale' },
    { on: '1968-05-01', value: 20, source: 'delivery' },
  ]);
});

it.each([
  ['12.5.1968,20,x', /is no day/],
  ['1968-02-30,20,x', /is no day/],
  ['1968-05-01,about,x', /is no reading/],
  ['1968-05-01,-3,x', /is no reading/],
  ['1968-05-01,100000,x', /more than 5 digits/],
])('tells a bad row by its line: %s', (row, message) => {
  const { readings, bad } = readOdometerCsv(`on,value,source\n1967-01-01,1,x\n${row}\n`, 5);
  expect(readings).toHaveLength(1);
  expect(bad).toMatchObject([{ line: 3, message: expect.stringMatching(message) }]);
});

it.each([
  ['odometer replaced', true],
  ['new speedometer fitted', true],
  ['clock changed at 71,000', true],
  ['service', false],
  ['new owner', false],
])('“%s” says that it is another odometer: %s', (source, changed) => {
  expect(saysChanged(source)).toBe(changed);
  const { readings } = readOdometerCsv(`on,value,source\n1967-01-01,1,${source.replace(',', ' ')}\n`, 5);
  expect(readings[0]!.changed ?? false).toBe(changed);
});
