import { knownText } from './money';

const known = { p10: 2234, p90: 2791 };

it('tells what unseen places would add only where it shows', () => {
  expect(knownText({ known, unseen: { p90: 4 } })).toBe('what is known takes 2,230 – 2,790.');
  expect(knownText({ known, unseen: { p90: 640 } })).toBe(
    'what is known takes 2,230 – 2,790, places that nobody saw up to 640 more.',
  );
});
