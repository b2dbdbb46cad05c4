import { DEFAULT_TABLES } from '../grade/all-tables';
import { blindBuyer, PRACTICE } from './blind-buyer';

describe('a blind buyer of made cars', () => {
  const found = blindBuyer(24, 11, DEFAULT_TABLES);
  it('counts what was said, what was true of it, and what surprised', () => {
    const { statements, visibleFaults, surprisesPerCar } = found;
    expect(statements.n).toBeGreaterThan(24 * 20);
    expect(statements.true).toBeLessThanOrEqual(statements.n);
    expect(statements.true / statements.n).toBeGreaterThan(0.97);
    expect(visibleFaults.disclosedOrNamed / visibleFaults.n).toBeGreaterThan(0.96);
    expect(found.surprisesCostPerCar).toBeGreaterThan(0);
    expect(found.falseClaims.n).toBeGreaterThan(10);
    expect(found.falseClaims.believed / found.falseClaims.n).toBeLessThan(0.1);
    expect(surprisesPerCar).toBeCloseTo((visibleFaults.n - visibleFaults.disclosedOrNamed) / 24, 9);
  });
  it('finds what a look misses: where nothing is missed nothing surprises', () => {
    const misses = PRACTICE.misses as { slight: number; other: number };
    const before = { ...misses };
    Object.assign(misses, { slight: 0, other: 0 });
    const keen = blindBuyer(6, 11, DEFAULT_TABLES);
    Object.assign(misses, before);
    expect([keen.surprisesPerCar, keen.surprisesCostPerCar]).toEqual([0, 0]);
  });
  it('holds what it takes between its tenths about as often as it says', () => {
    expect(found.cost.held).toBeGreaterThanOrEqual(0.6 * found.cost.n);
    expect(found.cost.n).toBe(24);
  });
  it('is the same for the same seed, and another for another', () => {
    expect(blindBuyer(3, 4, DEFAULT_TABLES)).toEqual(blindBuyer(3, 4, DEFAULT_TABLES));
    expect(blindBuyer(3, 5, DEFAULT_TABLES)).not.toEqual(blindBuyer(3, 4, DEFAULT_TABLES));
  });
});
