import { matchesZone } from './zone-pattern';

it.each([
  ['fender.left', 'fender.*', true],
  ['fender.right', 'fender.*', true],
  ['fender.left', 'fender.left', true],
  ['fender.left', 'fender.right', false],
  ['door.left.front', 'door.*.front', true],
  ['door.left.rear', 'door.*.front', false],
  ['door.left', 'door.*.front', false],
  ['fender', 'fender.*', false],
  ['fender.top', 'fender.*', false],
  ['fender.left.front', 'fender.*', false],
  ['front.fender.left', 'fender.*', false],
  ['hood', 'hood', true],
  ['hoods', 'hood', false],
])('%s is of %s: %s', (slug, pattern, is) => {
  expect(matchesZone(slug, pattern)).toBe(is);
});
