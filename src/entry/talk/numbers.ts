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
const unitOf = (w: string | undefined): number | null => {
  const i = w === undefined ? -1 : UNITS.indexOf(w);
  return i < 0 ? (w === 'oh' ? 0 : null) : i;
};
const MOST_WORDS = 10;

/** A whole number below a hundred at a place: its value and how many words it takes. */
function small(words: readonly string[], at: number): readonly [value: number, took: number] | null {
  const tens = TENS[words[at] ?? ''];
  if (tens !== undefined) {
    const unit = unitOf(words[at + 1]);
    return unit !== null && unit >= 1 && unit <= 9 ? [tens + unit, 2] : [tens, 1];
  }
  const unit = unitOf(words[at]);
  return unit === null || words[at] === 'oh' ? null : [unit, 1];
}

/** A whole number at a place, as it is spoken: with hundreds and thousands, or in pairs (nineteen eighty four, one forty two). */
function whole(words: readonly string[], at: number): readonly [value: number, took: number] | null {
  const first = small(words, at);
  if (!first) return null;
  let [value, took] = first;
  const next = () => words[at + took];
  if (next() === 'hundred') {
    took++;
    value *= 100;
    const rest = small(words, at + took + (next() === 'and' ? 1 : 0));
    if (rest) {
      took += rest[1] + (next() === 'and' ? 1 : 0);
      value += rest[0];
    }
  } else if (value >= 1 && value <= 99) {
    const pair = small(words, at + took);
    // "one forty two", "twenty seventeen": the second takes two places.
    if (pair && pair[0] >= 10) {
      value = value * 100 + pair[0];
      took += pair[1];
    } else if (next() === 'oh' && unitOf(words[at + took + 1])) {
      value = value * 100 + unitOf(words[at + took + 1])!;
      took += 2;
    }
  }
  if (next() === 'thousand') {
    took++;
    value *= 1000;
    const rest = whole(words, at + took + (next() === 'and' ? 1 : 0));
    if (rest && rest[0] < 1000) {
      took += rest[1] + (next() === 'and' ? 1 : 0);
      value += rest[0];
    }
  }
  return [value, took];
}

/** What stands behind a whole number: point five, and a half, a quarter. */
function tail(words: readonly string[], at: number): readonly [add: string, took: number] | null {
  if (words[at] === 'point') {
    let digits = '';
    let k = at + 1;
    for (let u = unitOf(words[k]); u !== null && u <= 9; u = unitOf(words[++k])) digits += String(u);
    return digits === '' ? null : [`.${digits}`, k - at];
  }
  if (words[at] !== 'and') return null;
  const [article, name] = [words[at + 1] === 'a' || words[at + 1] === 'one', words[at + 2]];
  if (article && name === 'half') return ['.5', 3];
  if (article && name === 'quarter') return ['.25', 3];
  return words[at + 1] === 'three' && name === 'quarters' ? ['.75', 3] : null;
}

/** Phrases that are figures in talk; the longest first. */
const PHRASES: readonly (readonly [string, string])[] = [
  ['three quarters of an inch', '0.75 inch'],
  ['three quarter inch', '0.75 inch'],
  ['a quarter of an inch', '0.25 inch'],
  ['an eighth of an inch', '0.125 inch'],
  ['an inch and a half', '1.5 inch'],
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
  ['a dozen', '12'],
  ['a couple of', '2'],
  ['couple of', '2'],
  ['a couple', '2'],
  ['a handful of', '5'],
  ['a few', '3'],
  ['an inch', '1 inch'],
];
const PHRASE = new RegExp(`\\b(?:${PHRASES.map(([p]) => p).join('|')})\\b`, 'g');
const BY_PHRASE = new Map(PHRASES);

/** Number words as figures: thirteen and a half → 13.5, one forty two → 142. In mil, nineteen seven → 19.7. Lower case in and out. */
export function figuresOf(text: string, unit: 'um' | 'mil'): string {
  const words = text.replace(PHRASE, (p) => BY_PHRASE.get(p)!).split(/\s+/);
  const out: string[] = [];
  for (let i = 0; i < words.length; ) {
    const found = whole(words.slice(0, i + MOST_WORDS), i);
    if (!found) {
      out.push(words[i++]!);
      continue;
    }
    let [value, took] = found;
    const more = tail(words, i + took);
    if (more) {
      out.push(`${value}${more[0]}`);
      took += more[1];
    } else {
      const decimal = unitOf(words[i + took]);
      // A number that cannot go on as a whole one goes on as tenths, where tenths are spoken.
      if (
        unit === 'mil' &&
        value >= 10 &&
        value < 100 &&
        took === 1 &&
        UNITS.includes(words[i]!) &&
        decimal !== null &&
        decimal <= 9
      ) {
        out.push(`${value}.${decimal}`);
        took++;
      } else out.push(String(value));
    }
    i += took;
  }
  return out.join(' ');
}
