import fc from 'fast-check';
import { text } from '../kinds/common';
import { clip } from './clip';

it.each([
  [`${'a'.repeat(199)}😀`, 200, 'a'.repeat(199)],
  [`${'a'.repeat(198)}😀`, 200, `${'a'.repeat(198)}😀`],
  ['e\u0301e\u0301', 3, 'e\u0301'],
  ['one\u0000two', 10, 'onetwo'],
  ['half \ud83d here', 20, 'half  here'],
  ['  short  ', 3, 'sho'],
])('cuts %j at %i', (given, max, expected) => {
  expect(clip(given, max)).toBe(expected);
});

it('gives a text that every schema of that length takes, whatever it is given', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary', maxLength: 60 }), fc.integer({ min: 1, max: 40 }), (given, max) => {
      const cut = clip(given, max);
      return cut.length <= max && cut.isWellFormed() && text(max).safeParse(cut).success;
    }),
    { seed: 71, numRuns: 500 },
  );
});

it.each(['a\u0000b', 'half \ud83d', 'bell \u0007'])('the schema of a text refuses %j', (odd) => {
  expect(text(100).safeParse(odd).success).toBe(false);
});

it('takes line breaks, tabs and whole emoji', () => {
  expect(text(100).safeParse('one\ntwo\t😀').success).toBe(true);
});
