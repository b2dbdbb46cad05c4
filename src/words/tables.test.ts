import { DEFAULT_TABLES, TABLES, type TableName } from '@/core/grade/all-tables';
import { isScalar, leavesOf, pathText } from '@/core/model/leaves';
import { placeWords, TABLE_WORDS, unitOfPlace } from './tables';

it.each([
  ['bandsUm › factory', 'bands › factory', 'µm'],
  ['nominalMm', 'nominal', 'mm'],
  ['notice › farthestM', 'notice › farthest m', 'm'],
  ['remedies › clean › hours › 1', 'remedies › clean › hours › 1', 'h'],
  ['leadBeforeYear', 'lead before year', 'year'],
  ['missed', 'missed', ''],
])('%s is called %s, in %s', (place, words, unit) => {
  expect([placeWords(place), unitOfPlace(place)]).toEqual([words, unit]);
});

it('has a name for every place of every table', () => {
  for (const name of Object.keys(TABLES) as TableName[]) {
    expect(TABLE_WORDS[name].name).not.toBe('');
    for (const { path, value } of leavesOf(DEFAULT_TABLES[name]).filter((l) => isScalar(l.value)))
      expect([name, path, value, placeWords(pathText(path))]).not.toEqual([name, path, value, '']);
  }
});
