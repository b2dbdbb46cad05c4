import { triedOfText } from './functions';

it('counts as tried only what somebody tried', () => {
  expect(triedOfText(5, ['works', 'works', 'dead', 'untried', 'untried'])).toBe(
    '3 of 5 functions tried: 2 work, 1 does not; 2 not tried',
  );
  expect(triedOfText(4, ['untried', 'untried'])).toBe('0 of 4 functions tried; 4 not tried');
  expect(triedOfText(4, ['works', 'poor', 'disconnected', 'absent'])).toBe(
    '3 of 3 functions tried: 1 works, 1 works poorly, 1 does not',
  );
});
