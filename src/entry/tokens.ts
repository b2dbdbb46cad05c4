/** A word or a figure of the entry line, with what was typed. */
export type Token =
  | { readonly kind: 'word'; readonly text: string; readonly raw: string }
  | {
      readonly kind: 'number';
      readonly text: string;
      readonly raw: string;
      readonly value: number;
      readonly unit: LengthUnit | null;
      /** Said to be at least that much. */
      readonly atLeast?: true;
    };

export type LengthUnit = 'um' | 'mil' | 'mm' | 'cm' | 'm' | 'in' | '%';

export const UNITS: Readonly<Record<string, LengthUnit>> = {
  um: 'um',
  µm: 'um',
  μm: 'um',
  micron: 'um',
  microns: 'um',
  mu: 'um',
  mil: 'mil',
  mils: 'mil',
  thou: 'mil',
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
  cm: 'cm',
  m: 'm',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '%': '%',
  percent: '%',
};

/** Thickness units that may also stand alone after a list of figures. */
const ALONE = new Set<LengthUnit>(['um', 'mil']);

const NUMBER_WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
};

function numberToken(raw: string, digits: string, unit: LengthUnit | null): Extract<Token, { kind: 'number' }> {
  return { kind: 'number', text: raw, raw, value: Number(digits.replace(',', '.')), unit };
}

/** Quoted words stand apart: they are somebody's words and are kept as they are. A mark behind a figure is inches. */
export function quotedApart(text: string): { plain: string; quoted: string } {
  const quoted: string[] = [];
  const plain = text.replace(/(^|[\s,:])(?:“([^”]{2,})”|"([^"\d][^"]*)")/g, (_all, lead, curly, straight) => {
    quoted.push(String(curly ?? straight).trim());
    return `${lead} `;
  });
  return { plain, quoted: quoted.filter(Boolean).join('. ') };
}

/**
 * Splits a line into words and figures: `13.5`, `13,5`, `2mm`, `30 mm`, `x3`, `5%`, `≥500`. Commas between figures
 * divide unless they stand inside one. Lower-cases words; never throws.
 */
export function tokens(text: string): Token[] {
  // Words alone, as most pieces of talk are, need no regard for figures and marks.
  const spaced = BARE_WORDS.test(text) ? text : withoutMarks(text);
  const list: Token[] = [];
  for (const raw of spaced.split(SPACES)) {
    const held = PLAIN_WORDS.get(raw);
    if (held) list.push(held);
    else takeWord(list, raw);
  }
  return list;
}

const SPACES = /\s+/;
/** Words that are the same token wherever they stand, as most are: each made once. */
const PLAIN_WORDS = new Map<string, Token>();
const MOST_PLAIN_WORDS = 5000;
const ONLY_LETTERS = /^[a-z'-]+$/;

const BARE_WORDS = /^(?!.*\bno readings?\b)[a-z' -]*$/;

const withoutMarks = (text: string): string =>
  text
    .normalize('NFC')
    .replace(/(^|\s)x\s*(\d+)/gi, '$1$2')
    .replace(/(\d)\s*[x×](?=\s|$)/gi, '$1')
    .replace(/[≥>]\s*(?=\d)/g, ' ≥')
    .replace(/\bno\s+readings?\b/gi, ' nr ')
    .replace(/,(?!\d)|(?<!\d),/g, ' ')
    .replace(/[()[\]!?:]/g, ' ');

function takeWord(list: Token[], raw: string): void {
  if (raw === '') return;
  const figure = /\d/.test(raw) ? /^(?:≥)?(-?\d{1,7}(?:[.,]\d{1,4})?)([a-zµμ%"]*)\.?$/i.exec(raw) : null;
  const unit = figure ? UNITS[figure[2]!.toLowerCase()] : undefined;
  if (figure && (figure[2] === '' || unit)) {
    const token = numberToken(raw, figure[1]!, unit ?? null);
    list.push(raw.startsWith('≥') ? { ...token, atLeast: true } : token);
    return;
  }
  const word = raw.toLowerCase().replace(/[.,]+$/, '');
  if (word === '') return;
  const before = list[list.length - 1];
  const named = UNITS[word];
  if (
    named &&
    before?.kind === 'number' &&
    before.unit === null &&
    !(ALONE.has(named) && list.filter((t) => t.kind === 'number').length > 1)
  ) {
    list[list.length - 1] = { ...before, unit: named, raw: `${before.raw} ${raw}` };
  } else if (named && ALONE.has(named)) list.push({ kind: 'word', text: named, raw });
  else if (word in NUMBER_WORDS) list.push(numberToken(raw, String(NUMBER_WORDS[word]), null));
  else {
    const token = { kind: 'word', text: word, raw } as const;
    if (!named && ONLY_LETTERS.test(raw) && PLAIN_WORDS.size < MOST_PLAIN_WORDS) PLAIN_WORDS.set(raw, token);
    list.push(token);
  }
}
