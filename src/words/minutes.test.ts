import { minutesText } from './minutes';

it.each([
  [0.4, '0 min'],
  [59.4, '59 min'],
  [59.6, '1 h 00 min'],
  [125, '2 h 05 min'],
])('says %p', (minutes, says) => expect(minutesText(minutes)).toBe(says));
