const UNITS =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  );
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fourty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
const SAID: ReadonlyMap<string, number> = new Map([
  ...UNITS.map((w, i) => [w, i] as const),
  ...Object.entries(TENS),
  ['oh', 0] as const,
]);
const unitOf = (w: string | undefined): number | null => {
  const i = w === undefined ? -1 : UNITS.indexOf(w);
  return i < 0 ? (w === 'oh' ? 0 : null) : i;
};
const digitOf = (w: string | undefined): number | null => {
  const u = unitOf(w);
  return u !== null && u <= 9 ? u : null;
};

/** What can be read at one place: the figure as written, its value, and how many words it takes. */
interface Figure {
  readonly text: string;
  readonly value: number;
  readonly took: number;
}
type Whole = readonly [value: number, took: number];

/** Whole numbers below a hundred at a place. */
function smalls(words: readonly string[], at: number): readonly Whole[] {
  const tens = TENS[words[at] ?? ''];
  if (tens !== undefined) {
    const unit = digitOf(words[at + 1]);
    return unit !== null && unit >= 1
      ? [
          [tens + unit, 2],
          [tens, 1],
        ]
      : [[tens, 1]];
  }
  const unit = unitOf(words[at]);
  return unit === null || words[at] === 'oh' ? [] : [[unit, 1]];
}

/** Whole numbers below a thousand at a place: with hundreds, or in pairs (one forty two, twenty seventeen). */
function belowThousand(words: readonly string[], at: number): readonly Whole[] {
  const out: Whole[] = [];
  for (const [value, took] of smalls(words, at)) {
    out.push([value, took]);
    const next = words[at + took];
    if (next === 'hundred') {
      out.push([value * 100, took + 1]);
      const and = words[at + took + 1] === 'and' ? 1 : 0;
      for (const [rest, more] of smalls(words, at + took + 1 + and))
        out.push([value * 100 + rest, took + 1 + and + more]);
    } else if (value >= 1) {
      // "one forty two", "twenty seventeen": the second takes two places.
      for (const [pair, more] of smalls(words, at + took)) if (pair >= 10) out.push([value * 100 + pair, took + more]);
      const unit = digitOf(words[at + took + 1]);
      if (next === 'oh' && unit) out.push([value * 100 + unit, took + 2]);
    }
  }
  return out;
}

function wholes(words: readonly string[], at: number): readonly Whole[] {
  return belowThousand(words, at).flatMap(([value, took]): Whole[] => {
    if (words[at + took] !== 'thousand') return [[value, took]];
    const and = words[at + took + 1] === 'and' ? 1 : 0;
    return [
      [value, took],
      [value * 1000, took + 1],
      ...belowThousand(words, at + took + 1 + and)
        .filter(([rest]) => rest < 1000)
        .map(([rest, more]): Whole => [value * 1000 + rest, took + 1 + and + more]),
    ];
  });
}

/** What stands behind a whole number: point five, and a half, a quarter. */
function tails(words: readonly string[], at: number): readonly (readonly [add: string, took: number])[] {
  if (words[at] === 'point') {
    const out: [string, number][] = [];
    let digits = '';
    for (let k = at + 1, d = digitOf(words[k]); d !== null; d = digitOf(words[++k])) {
      digits += String(d);
      out.push([`.${digits}`, digits.length + 1]);
    }
    return out;
  }
  if (words[at] !== 'and') return [];
  const [article, name] = [words[at + 1] === 'a' || words[at + 1] === 'one', words[at + 2]];
  if (article && name === 'half') return [['.5', 3]];
  if (article && name === 'quarter') return [['.25', 3]];
  return words[at + 1] === 'three' && name === 'quarters' ? [['.75', 3]] : [];
}

/** No film that is spoken of in whole µm is thinner, and none in mil thicker by whole numbers below twenty. */
const THINNEST_UM = 60;
const MOST_BEFORE_TENTHS = 20;
/** So many digits one by one are a number that is spelled, not several. */
const SPELLED_FROM = 4;

function figuresAt(words: readonly string[], at: number): readonly Figure[] {
  const out: Figure[] = [];
  for (const [value, took] of wholes(words, at)) {
    out.push({ text: String(value), value, took });
    const more = tails(words, at + took);
    for (const [add, also] of more)
      out.push({ text: `${value}${add}`, value: Number(`${value}${add}`), took: took + also });
    if (more.length > 0) continue;
    if (took === 1 && value >= 1 && value < MOST_BEFORE_TENTHS) {
      // "nineteen seven", "four nine": tenths, where nothing else can be meant.
      const tenth = digitOf(words[at + took]);
      if (tenth !== null) out.push({ text: `${value}.${tenth}`, value: value + tenth / 10, took: took + 1 });
    }
  }
  if (words[at] === 'point')
    for (const [add, took] of tails(words, at)) out.push({ text: `0${add}`, value: Number(`0${add}`), took });
  // "oh nine twelve": a week or a month with its nought.
  const month = words[at] === 'oh' || words[at] === 'zero' ? digitOf(words[at + 1]) : null;
  if (month !== null)
    for (const [year, took] of smalls(words, at + 2))
      if (year >= 10) out.push({ text: `0${month}${year}`, value: month * 100 + year, took: took + 2 });
  let digits = '';
  for (let k = at, d = digitOf(words[k]); d !== null; d = digitOf(words[++k])) digits += String(d);
  if (digits.length >= SPELLED_FROM || (digits.length === 3 && !digits.startsWith('0')))
    out.push({ text: digits, value: Number(digits), took: digits.length });
  return out;
}

const isSpoken = (w: string | undefined) => w !== undefined && (SAID.has(w) || w === 'point');
/** Two small whole numbers in a row are hardly that: readings are not so thin. */
const TOO_THIN = 0.6;
/** Tenths without their point are likelier in mil than in µm. */
const HUNDREDTHS = 0.7;
const TENTHS = { mil: 0, um: 0.3 } as const;

/** The likeliest figures of a run of number words: as few as can be, none too thin among several. */
function runOf(words: readonly string[], from: number, to: number, unit: 'um' | 'mil'): readonly Figure[] {
  const best: ({ cost: number; list: readonly Figure[] } | null)[] = Array.from({ length: to - from + 1 }, () => null);
  best[0] = { cost: 0, list: [] };
  for (let i = 0; i < to - from; i++) {
    const here = best[i];
    if (!here) continue;
    for (const figure of figuresAt(words.slice(0, to), from + i)) {
      const end = i + figure.took;
      const alone = i === 0 && end === to - from;
      const whole = !figure.text.includes('.');
      const unsaid = !whole && !words.slice(from + i, from + end).some((w) => w === 'point' || w === 'and');
      // Readings are told to a tenth.
      const digits = Math.max(0, (figure.text.split('.')[1]?.length ?? 0) - 1) * HUNDREDTHS;
      const cost =
        here.cost +
        1 +
        digits +
        (figure.text.startsWith('0.') ? TOO_THIN : 0) +
        (whole && !alone && figure.value < THINNEST_UM ? TOO_THIN : 0) +
        (unsaid ? TENTHS[unit] : 0);
      if (end <= to - from && (!best[end] || cost < best[end].cost)) best[end] = { cost, list: [...here.list, figure] };
    }
  }
  return best[to - from]?.list ?? [];
}

/** Phrases that are figures in talk; the longest first. */
const PHRASES: readonly (readonly [string, string])[] = [
  ['three quarters of an inch', '0.75 inch'],
  ['three quarter inch', '0.75 inch'],
  ['three quarter of an inch', '0.75 inch'],
  ['a quarter of an inch', '0.25 inch'],
  ['quarter of an inch', '0.25 inch'],
  ['an eighth of an inch', '0.125 inch'],
  ['eighth of an inch', '0.125 inch'],
  ['an eighth inch', '0.125 inch'],
  ['an inch and a half', '1.5 inch'],
  ['inch and a half', '1.5 inch'],
  ['an inch and a quarter', '1.25 inch'],
  ['inch and a quarter', '1.25 inch'],
  ['half of an inch', '0.5 inch'],
  ['half an inch', '0.5 inch'],
  ['a half inch', '0.5 inch'],
  ['half inch', '0.5 inch'],
  ['a quarter inch', '0.25 inch'],
  ['quarter inch', '0.25 inch'],
  ['a quarter mill', '0.25 mil'],
  ['a quarter mil', '0.25 mil'],
  ['half a mil', '0.5 mil'],
  ['half a dozen', '6'],
  ['about a dozen', '12'],
  ['a dozen', '12'],
  ['a couple of', '2'],
  ['couple of', '2'],
  ['a couple', '2'],
  ['couple', '2'],
  ['a pair of', '2'],
  ['pair of', '2'],
  ['a handful of', '5'],
  ['a few', '3'],
  ['an inch', '1 inch'],
  ['a hundred', 'one hundred'],
  ['a thousand', 'one thousand'],
];
const PHRASE = new RegExp(
  `\\b(?:${[...PHRASES]
    .sort((a, b) => b[0].length - a[0].length)
    .map(([p]) => p)
    .join('|')})\\b`,
  'g',
);
const BY_PHRASE = new Map(PHRASES);

/**
 * Number words as figures: thirteen and a half → 13.5, one forty two → 142, nineteen seven → 19.7, one forty one forty four
 * → 140 144. Where a run of words can be cut in several ways, the fewest figures of which none is a film too thin to be.
 * Lower case in and out.
 */
export function figuresOf(text: string, unit: 'um' | 'mil'): string {
  const words = text.replace(PHRASE, (p) => BY_PHRASE.get(p)!).split(/\s+/);
  const out: string[] = [];
  for (let i = 0; i < words.length; ) {
    if (!isSpoken(words[i])) {
      out.push(words[i++]!);
      continue;
    }
    let to = i;
    while (isSpoken(words[to]) || (to > i && joins(words, to))) to++;
    let list = runOf(words, i, to, unit);
    // A run that is no number to its end: what of its beginning is one.
    while (list.length === 0 && to > i) list = runOf(words, i, --to, unit);
    if (list.length === 0) {
      out.push(words[i++]!);
      continue;
    }
    out.push(list.map((f) => f.text).join(' '));
    i = to;
  }
  return out.join(' ');
}

/** Whether a word within a run of numbers belongs to it. */
function joins(words: readonly string[], at: number): boolean {
  const [w, next, then] = [words[at], words[at + 1], words[at + 2]];
  if (w === 'hundred' || w === 'thousand') return true;
  if (w === 'and')
    return (
      ((next === 'a' || next === 'one') && (then === 'half' || then === 'quarter')) ||
      (next === 'three' && then === 'quarters') ||
      (isSpoken(next) && (words[at - 1] === 'hundred' || words[at - 1] === 'thousand'))
    );
  const before = words[at - 1];
  if (w === 'a' || w === 'one') return before === 'and' && (next === 'half' || next === 'quarter');
  if (w === 'half' || w === 'quarter') return before === 'a' || before === 'one';
  return w === 'quarters' && before === 'three';
}

const TWICE: Readonly<Record<string, number>> = { double: 2, triple: 3 };

/**
 * A number that is spelled out, letter by letter and digit by digit: "q h zero four double one" → "QH0411". Null where a
 * word stands among them that is neither.
 */
export function spelledNumber(text: string): string | null {
  const words = text.split(/\s+/).filter(Boolean);
  let out = '';
  for (let i = 0; i < words.length; ) {
    const word = words[i]!;
    const times = TWICE[word];
    if (times !== undefined && digitOf(words[i + 1]) !== null) {
      out += String(digitOf(words[i + 1])).repeat(times);
      i += 2;
      continue;
    }
    const tens = smalls(words, i)[0];
    if (digitOf(word) !== null) {
      out += String(digitOf(word));
      i++;
    } else if (tens) {
      out += String(tens[0]);
      i += tens[1];
    } else if (word === 'dash' || word === 'hyphen') {
      out += '-';
      i++;
    } else if (/^[a-z]$|^[a-z]*[\d-][a-z\d-]*$/.test(word)) {
      out += word;
      i++;
    } else return null;
  }
  return out === '' ? null : out.toUpperCase();
}
