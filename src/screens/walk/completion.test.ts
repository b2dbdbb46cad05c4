import { completion } from './completion';

it.each<[string, string | null]>([
  ['bon', 'bonnet'],
  ['131 bon', 'bonnet'],
  ['quar', 'quarter'],
  ['bloc', 'blocked'],
  ['blis', 'blisters'],
  ['b', null],
  ['', null],
  ['131', null],
  ['131 ', null],
  ['xyz', null],
])('completes “%s” to %s', (text, word) => {
  expect(completion(text)).toBe(word);
});

it('never offers the word that is typed already', () => {
  expect(completion('bonnet')).not.toBe('bonnet');
});
