import { DEFAULT_PROFILES } from './profiles';
import { paintReasons, REASON_LIMITS, type ReasonInput, reasonSchema } from './reasons';

const [survivor, rebuilt] = [DEFAULT_PROFILES[0]!, DEFAULT_PROFILES[1]!];
const estimate = (value: number | null, low = value, high = value) => ({ value, low, high, n: 6 });
const panel = (extra: Partial<ReasonInput> = {}): ReasonInput => ({
  medianUm: estimate(120),
  spread: estimate(0.12),
  n: 6,
  over: 0,
  none: 0,
  lacks: 0,
  cause: null,
  baselineUm: estimate(118),
  twin: null,
  marks: [],
  ...extra,
});
const kinds = (input: ReasonInput, profile = survivor) => paintReasons(input, profile).map((r) => r.kind);
const first = (input: ReasonInput, profile = survivor) => paintReasons(input, profile)[0]!;

it('says of thin even paint its level and its evenness, both for the works', () => {
  expect(paintReasons(panel(), survivor)).toEqual([
    { kind: 'level', speaksFor: 'factory', um: 120, atLeast: false },
    { kind: 'even', speaksFor: 'factory', spread: 0.12 },
  ]);
});

it.each([
  [179, 'factory', 'factory'],
  [180, 'resprayed', 'resprayed'],
  [329, 'resprayed', 'resprayed'],
  [330, 'heavy', 'resprayed'],
  [499, 'heavy', 'heavy'],
  [500, 'filled', 'heavy'],
  [760, 'filled', 'filled'],
])('puts a median of %d µm in the band of its school', (um, bySurvivor, byRebuilt) => {
  expect(first(panel({ medianUm: estimate(um) })).speaksFor).toBe(bySurvivor);
  expect(first(panel({ medianUm: estimate(um) }), rebuilt).speaksFor).toBe(byRebuilt);
});

it('calls a level above the ceiling filled at least, by the lowest it can be', () => {
  const reasons = paintReasons(panel({ medianUm: estimate(null, 500, null), over: 6 }), survivor);
  expect(reasons[0]).toEqual({ kind: 'level', speaksFor: 'filled', um: 500, atLeast: true });
  expect(reasons[1]).toEqual({ kind: 'ceiling', speaksFor: 'filled', over: 6, of: 6 });
  // Four times the car's level and more: how much more is not known.
  expect(reasons.find((r) => r.kind === 'car')).toMatchObject({ ratio: 500 / 118, atLeast: true });
  // Nothing is said of evenness where every reading stands at the ceiling.
  expect(reasons.some((r) => r.kind.includes('even'))).toBe(false);
});

it('tells even film from uneven and from very uneven, from three readings on', () => {
  const { evenUpTo, fillerAbove } = REASON_LIMITS;
  expect(kinds(panel({ spread: estimate(evenUpTo) }))).toContain('even');
  expect(kinds(panel({ spread: estimate(evenUpTo + 0.01) }))).toContain('uneven');
  expect(kinds(panel({ spread: estimate(fillerAbove) }))).toContain('uneven');
  expect(kinds(panel({ spread: estimate(fillerAbove + 0.01) }))).toContain('very-uneven');
  expect(kinds(panel({ n: 2, spread: estimate(0.5) }))).toEqual(['level']);
  expect(kinds(panel({ spread: estimate(null) }))).toEqual(['level']);
});

it('compares with the car’s own level only where that stands apart', () => {
  expect(kinds(panel({ medianUm: estimate(118 * REASON_LIMITS.apart) }))).toContain('car');
  expect(kinds(panel({ medianUm: estimate(118 * REASON_LIMITS.apart - 1) }))).not.toContain('car');
  expect(kinds(panel({ medianUm: estimate(400), baselineUm: estimate(null, 500, null) }))).not.toContain('car');
});

it('brings the twin in when the difference is large and not by luck, in favour of the thinner one', () => {
  const twin = (ratio: number, p: number) =>
    paintReasons(panel({ twin: { ratio, p, atLeast: false } }), survivor).find((r) => r.kind === 'twin');
  expect(twin(2.2, 0.01)).toEqual({ kind: 'twin', speaksFor: 'resprayed', ratio: 2.2, p: 0.01, atLeast: false });
  expect(twin(1 / 2.2, 0.01)).toMatchObject({ speaksFor: 'factory' });
  expect(twin(2.2, REASON_LIMITS.twinP)).toBeUndefined();
  expect(twin(1.1, 0.001)).toBeUndefined();
});

it('lets silence speak for filler only where the film is likely too thick', () => {
  const silent = (cause: ReasonInput['cause']) =>
    paintReasons(panel({ none: 2, cause }), survivor).find((r) => r.kind === 'silent');
  expect(silent('thick')).toMatchObject({ speaksFor: 'filled', none: 2 });
  for (const cause of ['material', 'wrong-gauge', 'cold', 'probe'] as const)
    expect(silent(cause)).toMatchObject({ speaksFor: null, cause });
  expect(silent(null)).toBeUndefined();
});

it('says how many readings lack, and nothing of a panel that nobody measured but that', () => {
  const none = panel({ n: 0, medianUm: estimate(null), spread: estimate(null), lacks: 5 });
  expect(paintReasons(none, survivor)).toEqual([{ kind: 'few', speaksFor: null, lacks: 5 }]);
  expect(kinds(panel({ lacks: 1 })).at(-1)).toBe('few');
});

it('gives only what its own schema takes, for a sealed report is read by others', () => {
  const all = paintReasons(
    panel({
      medianUm: estimate(410),
      spread: estimate(0.5),
      over: 1,
      none: 1,
      cause: 'cold',
      lacks: 2,
      twin: { ratio: 3, p: 0.01, atLeast: true },
    }),
    survivor,
  );
  expect(all.map((r) => r.kind)).toEqual(['level', 'ceiling', 'very-uneven', 'car', 'twin', 'silent', 'few']);
  for (const reason of all) expect(reasonSchema.parse(reason)).toEqual(reason);
});
