import { parse } from '@plussub/srt-vtt-parser';
import type { SpokenLine } from './cues';

export type Captions =
  | { readonly ok: true; readonly cues: readonly SpokenLine[] }
  | { readonly ok: false; readonly why: 'empty' | 'no-times' | 'unreadable' };

/** More is no walk-round: three hours of talk. */
const MOST_CUES = 20_000;
const LONGEST_CUE = 2000;

const MARKS: Readonly<Record<string, string>> = {
  '\u0085': '…',
  '\u0091': '‘',
  '\u0092': '’',
  '\u0093': '“',
  '\u0094': '”',
  '\u0096': '–',
  '\u0097': '—',
};

/** The text of a file in the encodings that captions come in: UTF-8, UTF-16 by its mark, else Windows-1252. */
export function textOf(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    // Some runtimes leave its marks as control characters.
    return new TextDecoder('windows-1252').decode(bytes).replaceAll(/[\u0085\u0091-\u0097]/g, (c) => MARKS[c] ?? ' ');
  }
}

/** Words without the marks of style, speaker, sound and entities that captions carry. */
const bare = (text: string): string =>
  text
    .replaceAll(/<[^>]*>/g, ' ')
    .replaceAll(/\{\\[^}]*\}/g, ' ')
    .replaceAll(/\[[^\]]*\]|♪/g, ' ')
    .replaceAll(/^\s*(?:>>|-)\s*/gm, ' ')
    .replaceAll('&nbsp;', ' ')
    .replaceAll('&amp;', '&')
    .replaceAll(/&(?:lt|gt);/g, ' ')
    .replaceAll('&#39;', "'")
    .replaceAll('&quot;', '"')
    .replaceAll(/\s+/g, ' ')
    .trim();

/** How many words the end of one text and the beginning of the other have in common, at least two of them or all. */
function overlap(before: readonly string[], own: readonly string[]): number {
  for (let n = Math.min(before.length, own.length); n > 0; n--) {
    if (n === 1 && own.length > 1) return 0;
    if (own.slice(0, n).every((w, i) => w === before[before.length - n + i])) return n;
  }
  return 0;
}

/** Captions that roll up repeat the line before in each: each word once, with the time at which it first stood there. */
function withoutRepeats(cues: readonly SpokenLine[]): readonly SpokenLine[] {
  const out: SpokenLine[] = [];
  let before: readonly string[] = [];
  let until = Number.NEGATIVE_INFINITY;
  for (const cue of cues) {
    const own = cue.text.split(' ');
    // Only what follows at once repeats; the same words later are said again.
    const again = (cue.fromS ?? 0) - until <= ROLLS_WITHIN_S ? overlap(before, own) : 0;
    before = own;
    until = cue.toS ?? 0;
    const rest = own.slice(again).join(' ');
    if (rest !== '') out.push({ ...cue, text: rest });
  }
  return out;
}
const ROLLS_WITHIN_S = 0.05;

/**
 * The cues of a file of captions (WebVTT or SubRip) in order, with their times in seconds and each word once. Refuses what
 * holds no times, nothing, or cannot be read.
 */
export function captionsOf(text: string): Captions {
  const plain = text.replace(/^\uFEFF/, '').replaceAll(/\r\n?/g, '\n');
  if (plain.trim() === '') return { ok: false, why: 'empty' };
  if (!/\d\d:\d\d[.,]\d{3}\s*-->/.test(plain)) return { ok: false, why: 'no-times' };
  let entries: readonly { from: number; to: number; text: string }[];
  try {
    ({ entries } = parse(plain));
  } catch {
    entries = looseCues(plain);
  }
  if (entries.length === 0) entries = looseCues(plain);
  const cues = [...entries]
    .filter((e) => Number.isFinite(e.from) && Number.isFinite(e.to))
    .sort((a, b) => a.from - b.from)
    .slice(0, MOST_CUES)
    .map((e, i) => ({
      line: i + 1,
      fromS: e.from / 1000,
      toS: Math.max(e.from, e.to) / 1000,
      text: bare(e.text.slice(0, LONGEST_CUE)),
    }))
    .filter((c) => c.text !== '');
  return cues.length === 0 ? { ok: false, why: 'unreadable' } : { ok: true, cues: withoutRepeats(cues) };
}

const TIMES =
  /^(?:(?<fh>\d{1,3}):)?(?<fm>\d{2}):(?<fs>\d{2})[.,](?<fms>\d{3})\s*-->\s*(?:(?<th>\d{1,3}):)?(?<tm>\d{2}):(?<ts>\d{2})[.,](?<tms>\d{3})/;

/** Cues of a file that keeps to no standard: every line of times, and what stands below it until a blank line. */
function looseCues(text: string): { from: number; to: number; text: string }[] {
  const out: { from: number; to: number; text: string }[] = [];
  let open: { from: number; to: number; text: string } | null = null;
  for (const line of text.split('\n')) {
    const t = TIMES.exec(line.trim())?.groups;
    if (t) {
      const ms = (h: string | undefined, m: string, s: string, milli: string) =>
        ((Number(h ?? 0) * 60 + Number(m)) * 60 + Number(s)) * 1000 + Number(milli);
      open = { from: ms(t.fh, t.fm!, t.fs!, t.fms!), to: ms(t.th, t.tm!, t.ts!, t.tms!), text: '' };
      out.push(open);
    } else if (line.trim() === '') open = null;
    else if (open) open.text += `${open.text === '' ? '' : '\n'}${line}`;
  }
  return out;
}
