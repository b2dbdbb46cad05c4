import { movedStation, readOwnOrder } from './own-order';

it('moves a station by one place, and none beyond the ends', () => {
  expect(movedStation(['lap', 'cabin', 'below'], 'below', -1)).toEqual(['lap', 'below', 'cabin']);
  expect(movedStation(['lap', 'cabin'], 'lap', -1)).toEqual(['lap', 'cabin']);
  expect(movedStation(['lap', 'cabin'], 'cabin', 1)).toEqual(['lap', 'cabin']);
  expect(movedStation(['lap'], 'road', 1)).toEqual(['lap']);
});

it('reads what was kept, without what is no station or stands twice', () => {
  expect(readOwnOrder('below lap below tram cabin')).toEqual(['below', 'lap', 'cabin']);
  expect([readOwnOrder(null), readOwnOrder(''), readOwnOrder('tram')]).toEqual([null, null, null]);
});
