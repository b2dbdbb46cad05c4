// Made when a text is too long for the first time: it costs tens of milliseconds, and few pages ever cut one.
let segmenter: Intl.Segmenter | undefined;
const wholeCharacters = () => {
  segmenter ??= new Intl.Segmenter('en', { granularity: 'grapheme' });
  return segmenter;
};

/**
 * The beginning of a text, at most `max` UTF-16 units long, cut between characters as people see them (UAX 29), so that
 * no letter, accent or emoji is cut in half; half letters and control characters that came with it are left out.
 */
export function clip(text: string, max: number): string {
  const plain = text.replace(/(?![\t\n\r])[\p{Cc}\p{Cs}]/gu, '').trim();
  if (plain.length <= max) return plain;
  let end = 0;
  for (const { index, segment } of wholeCharacters().segment(plain)) {
    if (index + segment.length > max) break;
    end = index + segment.length;
  }
  return plain.slice(0, end).trim();
}
