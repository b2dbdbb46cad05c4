// Looked up once: simulations draw hundreds of thousands of these.
const { imul, sqrt, log, cos, PI } = Math;

/** A source of uniform numbers in [0, 1). */
export type Random = () => number;

/**
 * A small seeded generator (mulberry32: 32 bits of state, a Weyl step and a finaliser). Same seed, same numbers,
 * on every machine; for simulation, not for secrets.
 */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = imul(t ^ (t >>> 15), t | 1);
    t ^= t + imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** One draw of the standard normal (Box and Muller, Ann. Math. Stat. 29, 1958). */
export function normalDraw(random: Random): number {
  const u = 1 - random();
  return sqrt(-2 * log(u)) * cos(2 * PI * random());
}
