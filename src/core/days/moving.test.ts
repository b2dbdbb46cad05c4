import { atCar, MOVING_MIN, moveMinutes } from './moving';

it('walks from bay to bay, row to row, place to place, and not to the first car', () => {
  const from = 'Tramshed, row A, bay 3';
  expect(moveMinutes(from, 'Tramshed, row A, bay 4')).toBe(MOVING_MIN.bay);
  expect(moveMinutes(from, 'tramshed , Row A, bay 3')).toBe(MOVING_MIN.bay);
  expect(moveMinutes(from, 'Tramshed, row B, bay 3')).toBe(MOVING_MIN.row);
  expect(moveMinutes(from, 'Yard 2, row A, bay 3')).toBe(MOVING_MIN.place);
  expect(moveMinutes('Hall 2', 'Hall 2')).toBe(MOVING_MIN.bay);
  expect(moveMinutes('Hall 2', 'Hall 3')).toBe(MOVING_MIN.place);
  expect(moveMinutes(undefined, from)).toBe(0);
});

it('reckons something where nobody said where a car stands, and nothing where ways are not asked', () => {
  expect(moveMinutes('', 'Tramshed, row A')).toBe(MOVING_MIN.unknown);
  expect(moveMinutes('Tramshed', ' ,')).toBe(MOVING_MIN.unknown);
  expect(moveMinutes('Tramshed', undefined)).toBe(0);
});

it('waits for the keys to be handed out, and finds them shut', () => {
  const keys = { minutes: 5, within: [540, 900] } as const;
  expect(atCar(510, undefined, { stands: 'a', keys })).toBe(545);
  expect(atCar(600, 'a', { stands: 'b', keys })).toBe(600 + 5 + MOVING_MIN.place);
  expect(atCar(901, undefined, { stands: 'a', keys })).toBeNull();
  expect(atCar(901, undefined, { stands: 'a' })).toBe(901);
});
