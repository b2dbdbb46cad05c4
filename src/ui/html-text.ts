import escapeHtml from 'escape-html';
import { keptWith } from '@/core/stats/remembered';

/** A piece of a page's source that is right as it stands. Only `html` makes one. */
export class Html {
  constructor(readonly source: string) {}
}

type Part = string | number | Html | readonly Html[];

const sourceOf = (part: Part): string => {
  if (part instanceof Html) return part.source;
  if (typeof part === 'object') return part.map((p) => p.source).join('');
  return escapeHtml(String(part));
};

/** What was written around the holes, without the line breaks and indents that only its writer needs. */
const textsOf = keptWith((given: TemplateStringsArray): readonly string[] => given.map((t) => t.replace(/\n\s*/g, '')));

/**
 * Source of a page with what stands in the holes escaped, in texts and in quoted attributes alike (WHATWG HTML, 13.1.2): for lists
 * whose rows are hundreds and do nothing by themselves. A hole never stands inside a script, a style or an unquoted attribute.
 */
export const html = (texts: TemplateStringsArray, ...parts: readonly Part[]): Html =>
  new Html(
    textsOf(texts)
      .map((text, i) => (i === 0 ? text : sourceOf(parts[i - 1]!) + text))
      .join(''),
  );

export const NOTHING = new Html('');
