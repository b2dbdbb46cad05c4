import { grown, patchesOf } from './patches';

const drawn = (rows: readonly string[]) => Uint8Array.from(rows.join(''), (c) => (c === '#' ? 1 : 0));

it('counts patches whose pixels touch by sides or corners as one', () => {
  const found = patchesOf(drawn(['#..#.', '.#.#.', '.....', '####.']), 5, 4);
  expect(found.sizes.slice(1)).toEqual([2, 2, 4]);
  expect(found.label[0]).toBe(found.label[6]);
  expect(patchesOf(new Uint8Array(6), 3, 2).sizes).toEqual([0]);
});

it('does not join over the edge of the sheet', () => {
  expect(patchesOf(drawn(['...#', '#...']), 4, 2).sizes).toHaveLength(3);
});

it('grows each patch by steps over what belongs to none, and stays on the sheet', () => {
  const patches = patchesOf(drawn(['.....', '..#..', '.....', '.....']), 5, 4);
  const once = grown(patches, 5, 4, 1);
  expect([...once].filter((v) => v === 1)).toHaveLength(5);
  expect([...grown(patches, 5, 4, 20)].every((v) => v === 1)).toBe(true);
  expect([...grown(patches, 5, 4, 0)]).toEqual([...patches.label]);
});

it('leaves the place where two meet to one of them, and both keep their own', () => {
  const patches = patchesOf(drawn(['#...#']), 5, 1);
  const out = [...grown(patches, 5, 1, 3)];
  expect([out[0], out[4]]).toEqual([1, 2]);
  expect(out.every((v) => v === 1 || v === 2)).toBe(true);
});
