import type { Metal } from '../body/zone';
import { SPOT_TESTS, type SpotTest, TEST_RESULTS } from '../catalogue/spot-tests';
import { READ_METALS, type ReadMetal, SPOT_STATES, type SpotState, type SpotTable } from './spot-table';

/** What was tried at a spot, by test; a test that was not tried is left out. */
export type SpotResults = Readonly<Partial<Record<SpotTest, string>>>;

/** How one result moves the judgement. */
export interface SpotReason {
  readonly test: SpotTest;
  readonly result: string;
  /** The state that it speaks for most, and how many times likelier it is under that than under the others. */
  readonly state: SpotState;
  readonly ratio: number;
}

export type SpotReading =
  | {
      readonly ok: true;
      /** Chances of what it is, summing to 1. */
      readonly chances: Readonly<Record<SpotState, number>>;
      /** The likeliest; undecided where none stands out. */
      readonly verdict: SpotState | 'undecided';
      /** Results that say something, the weightiest first. */
      readonly reasons: readonly SpotReason[];
      /** Results that speak plainly for different things. */
      readonly against: readonly (readonly [SpotReason, SpotReason])[];
      /** The test not yet tried from which most is to be learnt; null where nothing is left to learn. */
      readonly next: SpotTest | null;
    }
  | { readonly ok: false; readonly reason: 'no-test' | 'no-rule-for-metal' };

const { log2 } = Math;
/** Tests that say nothing on a metal. */
const DUMB: Readonly<Record<ReadMetal, ReadonlySet<SpotTest>>> = { steel: new Set(), aluminium: new Set(['wipe']) };
/** Expected gain, bits, below which a test is not proposed. */
const LEAST_BITS = 0.04;

const entropy = (p: readonly number[]) => p.reduce((s, v) => (v > 0 ? s - v * log2(v) : s), 0);
const normed = (w: readonly number[]) => {
  const sum = w.reduce((a, b) => a + b, 0);
  return w.map((v) => v / sum);
};
const indexOf = (test: SpotTest, result: string) => (TEST_RESULTS[test] as readonly string[]).indexOf(result);

/** Chance of a result under each state, in the order of SPOT_STATES. */
const under = (t: SpotTable, metal: ReadMetal, test: SpotTest, k: number) =>
  SPOT_STATES.map((s) => t[metal][s].gives[test][k]!);

function reasonOf(t: SpotTable, metal: ReadMetal, test: SpotTest, result: string): SpotReason {
  const chance = under(t, metal, test, indexOf(test, result));
  const prior = SPOT_STATES.map((s) => t[metal][s].prior);
  const possible = SPOT_STATES.map((_, i) => i).filter((i) => prior[i]! > 0.005);
  const best = possible.reduce((a, b) => (chance[b]! > chance[a]! ? b : a), possible[0]!);
  const rest = possible.filter((i) => i !== best);
  const weight = rest.reduce((s, i) => s + prior[i]!, 0);
  const mean = rest.reduce((s, i) => s + prior[i]! * chance[i]!, 0) / weight;
  return { test, result, state: SPOT_STATES[best]!, ratio: chance[best]! / mean };
}

/** States under which the work is of one kind: no contradiction between them. */
const KIN: Readonly<Record<SpotState, string>> = {
  sound: 'sound',
  weathering: 'sound',
  'old-underseal': 'sound',
  'untouched-rust': 'rust',
  galvanic: 'rust',
  'disguised-repair': 'hidden',
  'patch-well': 'patch',
  'patch-poorly': 'patch',
};

/**
 * Pairs of results each of which is plainly likelier under its own state and unlikely under the other's, where the likeliest
 * state does not explain both: a smooth surface that is rusty behind is filler, and no contradiction.
 */
function contradictions(
  t: SpotTable,
  metal: ReadMetal,
  reasons: readonly SpotReason[],
  likeliest: SpotState,
): [SpotReason, SpotReason][] {
  const unlikely = (r: SpotReason, s: SpotState) =>
    t[metal][s].gives[r.test][indexOf(r.test, r.result)]! * t.speaks * 2 <
    t[metal][r.state].gives[r.test][indexOf(r.test, r.result)]!;
  const plain = reasons.filter((r) => r.ratio >= t.speaks);
  return plain.flatMap((a, i) =>
    plain
      .slice(i + 1)
      .flatMap((b): [SpotReason, SpotReason][] =>
        KIN[a.state] !== KIN[b.state] &&
        unlikely(a, b.state) &&
        unlikely(b, a.state) &&
        (unlikely(a, likeliest) || unlikely(b, likeliest))
          ? [[a, b]]
          : [],
      ),
  );
}

/** The untried test with the largest expected gain of information about the states, bits. */
function nextTest(t: SpotTable, metal: ReadMetal, posterior: readonly number[], tried: SpotResults): SpotTest | null {
  const now = entropy(posterior);
  const gains = SPOT_TESTS.filter((test) => tried[test] === undefined && test !== 'film' && !DUMB[metal].has(test)).map(
    (test) => {
      const after = TEST_RESULTS[test].reduce((sum, _r, k) => {
        const joint = under(t, metal, test, k).map((c, i) => c * posterior[i]!);
        const p = joint.reduce((a, b) => a + b, 0);
        return sum + p * entropy(normed(joint));
      }, 0);
      return { test, bits: now - after };
    },
  );
  const best = gains.reduce<(typeof gains)[number] | null>((a, b) => (a === null || b.bits > a.bits ? b : a), null);
  return best && best.bits >= LEAST_BITS ? best.test : null;
}

/**
 * What a spot of metal is, by the tests tried on it: chances of the states by Bayes' rule, tests taken as independent given
 * the state (table `spot-tests`), on steel and on aluminium by different rules; with the reasons, what speaks against one
 * another, and the test that would tell most (largest expected gain of information; Lindley, Ann. Math. Stat. 27, 1956).
 * Refuses without a test and on what is neither steel nor aluminium.
 */
export function readSpot(results: SpotResults, metal: Metal, t: SpotTable): SpotReading {
  if (!(READ_METALS as readonly string[]).includes(metal)) return { ok: false, reason: 'no-rule-for-metal' };
  const on = metal as ReadMetal;
  const tried = SPOT_TESTS.filter((test) => results[test] !== undefined && !DUMB[on].has(test));
  if (tried.length === 0) return { ok: false, reason: 'no-test' };
  const posterior = normed(
    SPOT_STATES.map((s, i) =>
      tried.reduce((p, test) => p * under(t, on, test, indexOf(test, results[test]!))[i]!, t[on][s].prior),
    ),
  );
  const reasons = tried.map((test) => reasonOf(t, on, test, results[test]!)).sort((a, b) => b.ratio - a.ratio);
  const best = posterior.indexOf(Math.max(...posterior));
  const against = contradictions(t, on, reasons, SPOT_STATES[best]!);
  const decided = posterior[best]! >= t.decided && against.length === 0;
  return {
    ok: true,
    chances: Object.fromEntries(SPOT_STATES.map((s, i) => [s, posterior[i]!])) as Record<SpotState, number>,
    verdict: decided ? SPOT_STATES[best]! : 'undecided',
    reasons,
    against,
    next: nextTest(t, on, posterior, results),
  };
}
