import type { BlockOf } from './blocks';

const SHOWN_S = 4;
const two = (n: number) => String(Math.floor(n)).padStart(2, '0');
/** A moment as WebVTT writes it (W3C WebVTT §3.3). */
const stamp = (s: number) =>
  `${two(s / 3600)}:${two((s / 60) % 60)}:${two(s % 60)}.${String(Math.round((s % 1) * 1000) % 1000).padStart(3, '0')}`;
/** A cue's words: no mark-up, no arrow that would end it, one line. */
const plain = (words: string) =>
  words.replace(/\s+/g, ' ').replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** What was said and taken, as captions of the film: a WebVTT text. */
export function captionsText(chapters: BlockOf<'film'>['chapters']): string {
  const moments = chapters.flatMap((c) => c.moments);
  const cues = moments.map((m, i) => {
    const next = moments[i + 1]?.fromS ?? Number.POSITIVE_INFINITY;
    const end = Math.max(
      m.fromS + 0.5,
      Math.min(m.toS ?? m.fromS + SHOWN_S, next > m.fromS ? next : m.fromS + SHOWN_S),
    );
    return `${stamp(m.fromS)} --> ${stamp(end)}\n${plain(m.words)}`;
  });
  return `WEBVTT\n\n${cues.join('\n\n')}\n`;
}
