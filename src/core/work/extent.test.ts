import { findingSchema } from '../kinds/finding';
import { drawnMm2, sizeOf } from './extent';

const corners = (...c: [number, number][]) => c.map(([uMm, vMm]) => ({ uMm, vMm }));
const SQUARE = corners([10, 10], [40, 10], [40, 50], [10, 50]);

it('reckons area and largest extent of what was drawn', () => {
  expect(drawnMm2(SQUARE)).toBeCloseTo(1200, 9);
  expect(drawnMm2([...SQUARE].reverse())).toBeCloseTo(1200, 9);
  expect(sizeOf({ sizeMm: null, outline: SQUARE })).toBeCloseTo(50, 9);
});

it('believes a stated size before a drawn one, and says nothing without either', () => {
  expect(sizeOf({ sizeMm: 12, outline: SQUARE })).toBe(12);
  expect(sizeOf({ sizeMm: null, outline: null })).toBeNull();
});

describe('an outline of a finding', () => {
  const body = (outline: unknown) => ({
    zone: 'fender.left',
    flaw: 'rust-scale',
    outline,
    at: '2027-02-10T09:00:00Z',
  });
  it('is taken where it goes round something', () => {
    expect(findingSchema.safeParse(body(SQUARE)).success).toBe(true);
    expect(findingSchema.parse(body(null)).outline).toBeNull();
  });
  it('is refused with two corners, and where it crosses itself', () => {
    expect(findingSchema.safeParse(body(SQUARE.slice(0, 2))).success).toBe(false);
    const eight = corners([0, 0], [100, 100], [100, 0], [0, 100]);
    expect(findingSchema.safeParse(body(eight)).error?.issues[0]?.message).toMatch(/crosses itself/);
  });
});
