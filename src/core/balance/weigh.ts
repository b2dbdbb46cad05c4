/** How strong a mark speaks, as a likelihood ratio; against a claim by the inverse. */
export const STRENGTHS = { weak: 2, fair: 4, strong: 12, 'near-proof': 50 } as const;

/** A mark as it goes into the balance. */
export interface WeighedMark {
  readonly id: string;
  /** How many times likelier it is where the claim is true; below 1: it speaks against. */
  readonly ratio: number;
  /** Marks of one group share a cause. */
  readonly group: string;
}

/** The ratios as they count: of each group the strongest whole, the next by its square root, others not at all. */
export function countedRatios(marks: readonly WeighedMark[]): readonly number[] {
  const pull = (i: number) => Math.abs(Math.log(marks[i]!.ratio));
  // Equal pulls by name and ratio, so that the order in which marks were seen does not matter.
  const order = marks
    .map((_, i) => i)
    .sort(
      (a, b) =>
        pull(b) - pull(a) ||
        (marks[a]!.id < marks[b]!.id ? -1 : marks[a]!.id > marks[b]!.id ? 1 : marks[a]!.ratio - marks[b]!.ratio),
    );
  const rank = new Map<string, number>();
  const out = marks.map(() => 1);
  for (const i of order) {
    const m = marks[i]!;
    const n = rank.get(m.group) ?? 0;
    rank.set(m.group, n + 1);
    out[i] = n === 0 ? m.ratio : n === 1 ? Math.sqrt(m.ratio) : 1;
  }
  return out;
}

/** Posterior chance of a claim: prior odds times the product of what counts. Bayes in odds. */
export function posteriorOf(priorOdds: number, marks: readonly WeighedMark[]): number {
  const odds = countedRatios(marks).reduce((o, r) => o * r, priorOdds);
  return odds / (1 + odds);
}

export const CLAIM_WORDS_SCALE = [
  'contradicted',
  'doubtful',
  'open',
  'supported',
  'well-supported',
  'untested',
] as const;
export type ClaimWord = (typeof CLAIM_WORDS_SCALE)[number];

/** Words that say that a claim is borne out. */
export const isCarried = (word: ClaimWord): boolean => word === 'supported' || word === 'well-supported';

/** Words that say that what was found speaks against it. */
export const isDenied = (word: ClaimWord): boolean => word === 'contradicted' || word === 'doubtful';

/** The word for a posterior; untested where no mark was looked for. */
export function wordOf(posterior: number, marks: number): ClaimWord {
  if (marks === 0) return 'untested';
  if (posterior < 0.05) return 'contradicted';
  if (posterior < 0.25) return 'doubtful';
  if (posterior <= 0.75) return 'open';
  return posterior > 0.95 ? 'well-supported' : 'supported';
}

/** Entropy of a yes or no, bits. */
const bits = (p: number) => (p <= 0 || p >= 1 ? 0 : -p * Math.log2(p) - (1 - p) * Math.log2(1 - p));

/** One thing that a look may show: its ratio, and how often it shows where the claim is true. */
export interface LookOutcome {
  readonly id: string;
  readonly ratio: number;
  readonly ifTrue: number;
}

/**
 * How much a look that was not taken yet is expected to tell, bits: the entropy now less the entropy afterwards, over what it
 * may show (nothing included), under the posterior now and the group rule (expected information; Lindley 1956).
 */
export function expectedInformation(
  priorOdds: number,
  marks: readonly WeighedMark[],
  group: string,
  outcomes: readonly LookOutcome[],
): number {
  const now = posteriorOf(priorOdds, marks);
  let [after, leftTrue, leftFalse] = [0, 1, 1];
  for (const o of outcomes) {
    const ifFalse = Math.min(1, o.ifTrue / o.ratio);
    const chance = now * o.ifTrue + (1 - now) * ifFalse;
    leftTrue -= o.ifTrue;
    leftFalse -= ifFalse;
    after += chance * bits(posteriorOf(priorOdds, [...marks, { id: o.id, ratio: o.ratio, group }]));
  }
  // What is left is that it shows nothing, which moves nothing.
  const nothing = Math.max(0, now * leftTrue + (1 - now) * leftFalse);
  return Math.max(0, bits(now) - after - nothing * bits(now));
}

/** Marks each of which, if it were wrong, would change the word. */
export function sensitiveTo(priorOdds: number, marks: readonly WeighedMark[], word: ClaimWord): readonly number[] {
  return marks.flatMap((_, i) => {
    const without = marks.filter((__, k) => k !== i);
    return wordOf(posteriorOf(priorOdds, without), marks.length) === word ? [] : [i];
  });
}
