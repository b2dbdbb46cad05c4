import { SPOT_TESTS, TEST_RESULTS } from '../catalogue/spot-tests';
import { type Random, seeded } from '../stats/random';
import { readSpot, type SpotReading, type SpotResults } from './read-spot';
import { READ_METALS, type ReadMetal, SPOT_STATES, type SpotState, spotTable } from './spot-table';

const T = spotTable.defaults;
const ok = (r: SpotReading) => {
  if (!r.ok) throw new Error(r.reason);
  return r;
};
const verdict = (results: SpotResults, metal: ReadMetal = 'steel') => ok(readSpot(results, metal, T)).verdict;

it.each<[string, SpotResults, SpotState | 'undecided']>([
  [
    'bubbles and the magnet holds: rust that nobody has disguised',
    { surface: 'bubbles', magnet: 'holds' },
    'untouched-rust',
  ],
  ['holes and the magnet holds round them', { surface: 'holes', magnet: 'holds' }, 'untouched-rust'],
  [
    'magnet off and dull: filler, probably over rust',
    { surface: 'unbroken', magnet: 'off', tap: 'dull' },
    'disguised-repair',
  ],
  [
    'holed, and round the holes the magnet falls off and it sounds dull: filler that rusted through again',
    { surface: 'holes', magnet: 'off', tap: 'dull' },
    'disguised-repair',
  ],
  ['magnet weak and thick film', { surface: 'unbroken', magnet: 'weak', film: 'thick' }, 'disguised-repair'],
  ['no reading on steel, dull, smooth', { surface: 'unbroken', film: 'none', tap: 'dull' }, 'disguised-repair'],
  [
    'smooth, weak, dull, thick and rusty behind: no contradiction, filler over rust',
    { surface: 'unbroken', magnet: 'weak', tap: 'dull', film: 'thick', behind: 'rusty' },
    'disguised-repair',
  ],
  ['bare metal browned evenly, magnet holds', { surface: 'browned', magnet: 'holds' }, 'weathering'],
  [
    'flaking underseal with sound metal behind: old protection',
    { surface: 'flaking-underseal', behind: 'clean' },
    'old-underseal',
  ],
  ['sheet cut from something else', { surface: 'foreign-sheet', behind: 'patched' }, 'patch-poorly'],
  [
    'a neat seam, patched behind, holds, hard',
    { surface: 'neat-seam', behind: 'patched', press: 'hard' },
    'patch-well',
  ],
  ['unbroken, holds, rings', { surface: 'unbroken', magnet: 'holds', tap: 'rings' }, 'sound'],
  ['a magnet that holds, alone', { magnet: 'holds' }, 'undecided'],
  ['fresh underseal alone asks why', { surface: 'fresh-underseal' }, 'undecided'],
])('reads on steel: %s', (_says, results, expected) => {
  expect(verdict(results)).toBe(expected);
});

it.each<[string, SpotResults, SpotState | 'undecided']>([
  ['white swelling', { surface: 'white-swelling' }, 'galvanic'],
  ['bubbles under paint, soft', { surface: 'bubbles', press: 'gives' }, 'galvanic'],
  ['a magnet that does not hold says nothing', { magnet: 'off' }, 'undecided'],
  ['unbroken and no magnet', { surface: 'unbroken', magnet: 'off', tap: 'rings' }, 'sound'],
  ['thick and dull', { surface: 'unbroken', film: 'thick', tap: 'dull' }, 'disguised-repair'],
  [
    'a magnet that holds where sheet of another kind is seen: a steel patch',
    { surface: 'foreign-sheet', magnet: 'holds' },
    'patch-poorly',
  ],
])('reads on aluminium: %s', (_says, results, expected) => {
  expect(verdict(results, 'aluminium')).toBe(expected);
});

it('never calls aluminium rusty, nor steel swollen by aluminium’s cause', () => {
  for (const surface of TEST_RESULTS.surface) {
    expect(verdict({ surface, magnet: 'off' }, 'aluminium')).not.toBe('untouched-rust');
    expect(verdict({ surface, magnet: 'holds' })).not.toBe('galvanic');
  }
});

it('shows what contradicts and decides nothing then', () => {
  const found = ok(readSpot({ surface: 'browned', magnet: 'off', film: 'thick', tap: 'dull' }, 'steel', T));
  expect(found.verdict).toBe('undecided');
  expect(found.against.map((pair) => pair.map((r) => r.test).sort())).toContainEqual(['film', 'surface']);
});

it('gives the reasons, weightiest first, and what each speaks for', () => {
  const { reasons } = ok(readSpot({ surface: 'unbroken', magnet: 'off', tap: 'dull' }, 'steel', T));
  expect(reasons[0]).toMatchObject({ test: 'magnet', result: 'off', state: 'disguised-repair' });
  expect(reasons.map((r) => r.ratio)).toEqual([...reasons.map((r) => r.ratio)].sort((a, b) => b - a));
});

it('proposes the test that tells most, none twice, and none that says nothing there', () => {
  expect(ok(readSpot({ surface: 'unbroken', magnet: 'weak' }, 'steel', T)).next).toBe('behind');
  const all = Object.fromEntries(SPOT_TESTS.map((t) => [t, TEST_RESULTS[t][0]]));
  expect(ok(readSpot(all, 'steel', T)).next).toBeNull();
  expect(ok(readSpot({ surface: 'unbroken' }, 'aluminium', T)).next).not.toBe('wipe');
});

it('refuses without a test, and on what has no rules', () => {
  expect(readSpot({}, 'steel', T)).toEqual({ ok: false, reason: 'no-test' });
  expect(readSpot({ wipe: 'stays' }, 'aluminium', T)).toEqual({ ok: false, reason: 'no-test' });
  expect(readSpot({ magnet: 'off' }, 'glass-fibre', T)).toEqual({ ok: false, reason: 'no-rule-for-metal' });
  expect(readSpot({ magnet: 'off' }, 'wood', T)).toEqual({ ok: false, reason: 'no-rule-for-metal' });
});

const drawn = (chances: readonly number[], random: Random) => {
  const at = random() * chances.reduce((a, b) => a + b, 0);
  let before = 0;
  return Math.max(
    0,
    chances.findIndex((c) => {
      before += c;
      return at <= before;
    }),
  );
};

it.each(READ_METALS)(
  'is calibrated on made spots of %s: of what is called 70 to 80 %% something, about that share is',
  (metal) => {
    const random = seeded(31);
    const bins = Array.from({ length: 10 }, () => ({ said: 0, so: 0, n: 0 }));
    for (let i = 0; i < 3000; i++) {
      const truth =
        SPOT_STATES[
          drawn(
            SPOT_STATES.map((s) => T[metal][s].prior),
            random,
          )
        ]!;
      const tests = SPOT_TESTS.filter(() => random() < 0.5);
      const results = Object.fromEntries(
        tests.map((t) => [t, TEST_RESULTS[t][drawn(T[metal][truth].gives[t], random)]!]),
      );
      const read = readSpot(results, metal, T);
      if (!read.ok) continue;
      for (const s of SPOT_STATES) {
        const bin = bins[Math.min(9, Math.floor(10 * read.chances[s]))]!;
        bin.said += read.chances[s];
        bin.so += Number(s === truth);
        bin.n++;
      }
    }
    for (const { said, so, n } of bins) {
      if (n < 40) continue;
      expect(Math.abs(said - so) / n).toBeLessThan(3 * Math.sqrt(((said / n) * (1 - said / n)) / n) + 0.02);
    }
    expect(bins[7]!.n).toBeGreaterThan(40);
  },
);
