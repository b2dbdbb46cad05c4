import { expectedLosses } from './expect';
import type { Piece } from './pieces';
import { SHIPPED_YARDSTICK as y } from './yardstick-table';

let n = 0;
const piece = (kind: string, axis: Piece['axis'], state: Piece['state'], share = 0): Piece => ({
  zone: `z${++n}`,
  of: kind.split('@')[0]!,
  axis,
  kind,
  whole: 100,
  state,
  blocked: null,
  losses: share === 0 ? [] : [{ share, finding: `f${n}` }],
});
const sill = piece('corrosion@outside', 'metal', 'unseen');
const floors = (share: number, state: Piece['state'] = 'looked') =>
  Array.from({ length: 6 }, () => piece('corrosion@underneath', 'underside', state, share));
const expected = (pieces: readonly Piece[], age = 58) => expectedLosses([sill, ...pieces], age, y).get(sill)!;

it('reckons with more at an unseen sill of a car whose floors are holed than of one whose floors are sound', () => {
  expect(expected(floors(0.9))).toBeGreaterThan(1.2 * expected([]));
  expect(expected(floors(0))).toBeLessThan(expected([]));
});

it('reckons with more on an older car', () => {
  expect(expected([], 90)).toBeGreaterThan(expected([], 30));
});

it('reckons with nothing where somebody looked', () => {
  expect([...expectedLosses(floors(0.2), 58, y)]).toEqual([]);
});

it('lets a finding of which alone is on record make the rest worse, and never better', () => {
  const before = expected([]);
  for (const share of [0.001, 0.1, 0.9])
    expect(expected(floors(share, 'partly'))).toBeGreaterThanOrEqual(before - 1e-12);
  expect(expected(floors(0.9, 'partly'))).toBeGreaterThan(before);
});

it('rises with every loss seen', () => {
  const at = [0, 0.02, 0.1, 0.3, 0.9].map((share) => expected(floors(share)));
  for (let i = 1; i < at.length; i++) expect(at[i]!).toBeGreaterThan(at[i - 1]!);
});
