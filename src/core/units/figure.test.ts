import { figureOf, groupedFigureOf } from './figure';

it.each([
  ['4,2', 4.2],
  ['4.2', 4.2],
  [' -3 ', -3],
  ['−3', -3],
  ['.5', 0.5],
  ['', null],
  ['  ', null],
  ['4,2,1', 'bad'],
  ['four', 'bad'],
  ['1e3', 'bad'],
  ['4 mm', 'bad'],
])('%j', (text, value) => {
  expect(figureOf(text)).toBe(value);
});

it.each([
  ['62,180', 62180],
  ['62 180', 62180],
  ['62.180', 62180],
  ['1,062,180', 1062180],
  ['62180.5', 62180.5],
  ['62180,5', 62180.5],
  ['62180.125', 62180.125],
  ['62180', 62180],
  ['', null],
  ['62,18O', 'bad'],
])('a count %j', (text, value) => {
  expect(groupedFigureOf(text)).toBe(value);
});
