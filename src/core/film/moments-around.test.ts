import { momentsAround } from './moments-around';

describe('the moments at which a still is looked for', () => {
  it('lie within a second either side, the wanted one first', () => {
    const at = momentsAround(10, 60);
    expect(at).toHaveLength(7);
    expect(at[0]).toBeCloseTo(10, 6);
    expect([Math.min(...at), Math.max(...at)]).toEqual([9, 11]);
  });
  it('stay within the film', () => {
    for (const t of [...momentsAround(0.2, 5), ...momentsAround(4.9, 5)]) {
      expect(t).toBeGreaterThanOrEqual(0);
      expect(t).toBeLessThan(5);
    }
  });
});
