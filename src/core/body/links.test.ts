import { shortestLinks } from './links';

it('joins points by the links that a hand would draw', () => {
  // A row of four with a fifth point beside the second.
  const links = shortestLinks([
    [0, 0],
    [1, 0],
    [2, 0],
    [3, 0],
    [1, 0.6],
  ]);
  const named = links.map(([a, b]) => [a, b].sort().join('-')).sort();
  expect(named).toEqual(['0-1', '1-2', '1-4', '2-3']);
});

it('needs one link fewer than there are points, and none for one or no point', () => {
  expect(shortestLinks([])).toEqual([]);
  expect(shortestLinks([[4, 4]])).toEqual([]);
  // Points in one place are joined too.
  expect(
    shortestLinks([
      [1, 1],
      [1, 1],
      [1, 1],
    ]),
  ).toHaveLength(2);
});
