/** A line as typed, or a caption with its times in seconds. */
export interface SpokenLine {
  readonly line: number;
  readonly text: string;
  readonly fromS?: number;
  readonly toS?: number;
}

/** A word of captions with its cue's times. */
export interface TimedWord {
  readonly text: string;
  readonly line: number;
  readonly fromS: number;
  readonly toS: number;
}

/** Words that are heard together: a run of talk, or one saying that is understood as a whole. */
export interface Stretch {
  readonly words: readonly TimedWord[];
  /** "Same on the other side", somebody else's word: by itself. */
  readonly apart: boolean;
}

/** Silence that parts two thoughts, s; the most words that are taken apart at a time. */
const PAUSE_S = 0.8;
const MOST_WORDS = 240;

/** Words that begin a new thought wherever they stand. */
export const FRESH =
  /^(?:okay|ok|alright|all right|right then|moving (?:on|over|to|down|along|around|up)|coming (?:around|round|up|to|back)|next|over (?:on|to)|on to|onto|let's|let us)\b/i;

/** "The same on the other side", however it is put. */
export const SAME_THERE = String.raw`(?:and\s+)?(?:it(?:'|’)?s\s+)?(?:the\s+)?(?:exact\s+)?same\s+(?:thing\s+|story\s+|deal\s+)?(?:over\s+)?(?:on|for)\s+(?:the\s+)?other\s+(?:side|one)(?:\s+too|\s+as\s+well)?`;
const BEGINS_SAME_THERE = new RegExp(`^${SAME_THERE}\\b`, 'i');
const HEARSAY =
  /^(?:and |but |so )?(?:(?:the )?(?:owner|seller|consignor|family|vendor|dealer) (?:says?|said|told (?:me|us)|claims?|claimed)|(?:he|she|they) (?:says?|said|told (?:me|us)|claims?)|i(?:'ve been| was|'m) told|according to (?:the )?\w+|supposedly|allegedly|reportedly|apparently)\b/i;
const SAYING_ENDS =
  /^(?:okay|ok|alright|moving|coming|next|over (?:on|to)|there(?:'s| is| are)|here(?:'s| is)|(?:we|i)(?:'m|'ve| see| got| have| don't| did| didn't| couldn't| could| can't| can| tried| looked| think| will)|and (?:a|the|he|she|then)|but|so|then|now|driver'?s|passenger'?s|comes? with|came with|the (?:hood|roof|trunk|deck|dash|engine|left|right|front|rear))\b/i;
/** So many words of somebody are taken for theirs at most. */
const LONGEST_SAYING = 16;

/** The words of captions with the times of their cues. */
const timedWords = (cues: readonly SpokenLine[]): readonly TimedWord[] =>
  cues.flatMap(({ text, line, fromS = 0, toS = fromS }) =>
    text
      .split(/\s+/)
      .filter(Boolean)
      .map((word) => ({ text: word, line, fromS, toS })),
  );

/**
 * Captions as the stretches that are heard together: parted at pauses and where a sentence ends, and where there is neither
 * before words that begin a new thought; what somebody else said, and what is said of the other side, apart.
 */
export function stretchesOf(cues: readonly SpokenLine[]): readonly Stretch[] {
  const words = timedWords(cues);
  const out: Stretch[] = [];
  let run: TimedWord[] = [];
  const close = () => {
    if (run.length > 0) out.push({ words: run, apart: false });
    run = [];
  };
  for (let i = 0; i < words.length; ) {
    const word = words[i]!;
    const before = words[i - 1];
    const ahead = words
      .slice(i, i + 8)
      .map((w) => w.text)
      .join(' ');
    if (before && (word.fromS - before.toS > PAUSE_S || /[.?!;]$/.test(before.text))) close();
    if (run.length >= MOST_WORDS && FRESH.test(ahead)) close();
    const took = apartAt(words, i, ahead);
    if (took === 0) {
      run.push(word);
      i++;
      continue;
    }
    close();
    out.push({ words: words.slice(i, i + took), apart: true });
    i += took;
  }
  close();
  return out;
}

/** How many words from a place are one saying of its own; 0: none. */
function apartAt(words: readonly TimedWord[], at: number, ahead: string): number {
  const same = BEGINS_SAME_THERE.exec(ahead);
  if (same) return same[0].split(' ').length;
  const lead = HEARSAY.exec(ahead);
  if (!lead) return 0;
  let took = lead[0].split(' ').length;
  for (; took < LONGEST_SAYING && at + took < words.length; took++) {
    const rest = words
      .slice(at + took, at + took + 4)
      .map((w) => w.text)
      .join(' ');
    if (SAYING_ENDS.test(rest) || HEARSAY.test(rest) || /[.?!;]$/.test(words[at + took - 1]!.text)) break;
  }
  return took;
}
