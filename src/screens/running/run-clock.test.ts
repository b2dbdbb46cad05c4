import { clockText } from './run-clock';

it('tells minutes, then hours, then days', () => {
  expect([0, 7, 67, 3599, 3600, 7500, 172_800].map(clockText)).toEqual([
    '0:00',
    '0:07',
    '1:07',
    '59:59',
    '1 h 00 min',
    '2 h 05 min',
    '2 days',
  ]);
});
