import { FLAW_IDS } from '../catalogue/flaws/catalogue';
import { MARK_IDS, MARKS } from '../catalogue/marks';
import { analysePaint } from './analyse';
import type { FilmReading } from './film-reading';
import { FLAWS_AGAINST, MARK_STRENGTH, markRatio, marksRatio, withMarks } from './marks';
import { DEFAULT_PROFILES } from './profiles';

const seen = (id: string, withheld = false) => ({ zone: 'hood', id, withheld });
const film = (values: readonly number[], zone = 'hood'): FilmReading[] =>
  values.map((thicknessUm) => ({ zone, state: 'read', thicknessUm, place: null }));
const hood = (values: readonly number[], marks: ReturnType<typeof seen>[]) =>
  analysePaint({ readings: film(values), profiles: DEFAULT_PROFILES, plan: null, marks }).zones[0]!;

it('names only flaws of the catalogue, and ratios that point the way they are said to', () => {
  for (const [id, ratio] of Object.entries(FLAWS_AGAINST)) {
    expect(FLAW_IDS.has(id)).toBe(true);
    expect(ratio).toBeLessThan(1);
  }
  for (const id of MARK_IDS) expect(MARKS[id].ratio > 1).toBe(MARKS[id].speaks === 'for');
});

it('weighs by Bayes’ rule, and leaves chances alone when nothing was seen', () => {
  const chances = { factory: 0.4, resprayed: 0.3, heavy: 0.2, filled: 0.1 };
  expect(marksRatio([])).toBe(1);
  expect(withMarks(chances, 1).factory).toBeCloseTo(chances.factory, 12);
  // Odds of the works' paint 0.4 : 0.6 times 3 are 2 : 1.
  const after = withMarks(chances, 3);
  expect(after.factory).toBeCloseTo(2 / 3, 9);
  expect(after.resprayed / after.filled).toBeCloseTo(3, 9);
  expect(after.factory + after.resprayed + after.heavy + after.filled).toBeCloseTo(1, 12);
});

it('counts the same thing once, of one cause the strongest and the root of the next, and never more than the bound', () => {
  const [turned, other] = [markRatio('fasteners-turned')!, markRatio('sealer-other')!];
  expect(marksRatio(['fasteners-turned', 'fasteners-turned'])).toBeCloseTo(turned, 12);
  // Bolts and sealer are two causes: their odds multiply. Dust and a masking edge are one: the spraying.
  expect(marksRatio(['fasteners-turned', 'sealer-other'])).toBeCloseTo(other * turned, 9);
  expect(marksRatio(['dust-nib', 'masking-line'])).toBeCloseTo(
    markRatio('masking-line')! * Math.sqrt(markRatio('dust-nib')!),
    9,
  );
  expect(
    marksRatio([...MARK_IDS.filter((id) => MARKS[id].speaks === 'against'), ...Object.keys(FLAWS_AGAINST)]),
  ).toBeCloseTo(1 / MARK_STRENGTH.most, 9);
  expect(marksRatio(['chip', 'dent'])).toBe(1);
});

it('moves a doubtful panel either way by what was seen, and says so, the most telling first', () => {
  const doubtful = [170, 205, 180, 150, 215, 190];
  const bare = hood(doubtful, []);
  const against = hood(doubtful, [seen('dust-nib'), seen('masking-line')]);
  const speaksFor = hood(doubtful, [seen('label-in-place'), seen('fasteners-untouched')]);
  expect(against.state!.survivor!.factory).toBeLessThan(0.4 * bare.state!.survivor!.factory);
  expect(speaksFor.state!.survivor!.factory).toBeGreaterThan(bare.state!.survivor!.factory);
  expect(against.reasons.filter((r) => r.kind === 'mark')).toEqual([
    { kind: 'mark', speaksFor: 'resprayed', id: 'masking-line' },
    { kind: 'mark', speaksFor: 'resprayed', id: 'dust-nib' },
  ]);
  expect(against.medianUm).toEqual(bare.medianUm);
});

it('does not argue measured filler away', () => {
  const filled = [480, 910, 700, 620, 1200, 400];
  const praised = hood(
    filled,
    MARK_IDS.filter((id) => MARKS[id].speaks === 'for').map((id) => seen(id)),
  );
  expect(praised.state!.survivor!.factory).toBeLessThan(0.01);
});

it('counts what the report leaves out without naming it, and nothing seen on other panels', () => {
  const doubtful = [170, 205, 180, 150, 215, 190];
  const hidden = hood(doubtful, [seen('masking-line', true)]);
  expect(hidden.state).toEqual(hood(doubtful, [seen('masking-line')]).state);
  expect(hidden.reasons).toContainEqual({ kind: 'mark', speaksFor: 'resprayed', id: null });
  expect(hood(doubtful, [{ ...seen('masking-line'), zone: 'roof' }]).state).toEqual(hood(doubtful, []).state);
});
