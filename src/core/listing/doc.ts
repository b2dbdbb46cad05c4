import { z } from 'zod';
import { text } from '../kinds/common';

/** Most paragraphs and letters of a listing. */
const MOST_PARTS = 200;
const MOST_LETTERS = 20_000;

const mark = z.strictObject({ type: z.enum(['bold', 'italic']) });
const run = z.strictObject({
  type: z.literal('text'),
  text: z.string().min(1).max(MOST_LETTERS),
  marks: z.array(mark).max(2).optional(),
});
const paragraph = z.strictObject({ type: z.literal('paragraph'), content: z.array(run).max(500).optional() });
const item = z.strictObject({ type: z.literal('listItem'), content: z.array(paragraph).min(1).max(5) });
const list = z.strictObject({ type: z.literal('bulletList'), content: z.array(item).min(1).max(MOST_PARTS) });

/** A listing's long text: paragraphs and plain lists, bold and italic, and nothing else. */
export const listingDocSchema = z
  .strictObject({
    type: z.literal('doc'),
    content: z
      .array(z.union([paragraph, list]))
      .max(MOST_PARTS)
      .default([]),
  })
  .refine((doc) => JSON.stringify(doc).length < 4 * MOST_LETTERS, 'The text is too long.');
export type ListingDoc = z.infer<typeof listingDocSchema>;
type Paragraph = z.infer<typeof paragraph>;

export const listingSchema = z.strictObject({ short: text(600), long: listingDocSchema });
export type Listing = z.infer<typeof listingSchema>;

export const EMPTY_DOC: ListingDoc = { type: 'doc', content: [] };

const plain = (p: Paragraph) => (p.content ?? []).map((r) => r.text).join('');

/** The long text as plain lines: a paragraph a line, a list's items begun with a dash. */
export const docText = (doc: ListingDoc): string =>
  doc.content
    .flatMap((b) => (b.type === 'paragraph' ? [plain(b)] : b.content.map((i) => `– ${i.content.map(plain).join(' ')}`)))
    .join('\n');

/** Paragraphs of plain text as a document. */
export const docOf = (paragraphs: readonly string[]): ListingDoc => ({
  type: 'doc',
  content: paragraphs.map((t) => ({ type: 'paragraph', ...(t && { content: [{ type: 'text' as const, text: t }] }) })),
});

const ESCAPES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
export const escapeHtml = (t: string): string => t.replaceAll(/[&<>"]/g, (c) => ESCAPES[c]!);

const html = (p: Paragraph) =>
  (p.content ?? [])
    .map((r) =>
      (r.marks ?? []).reduce((inner, m) => {
        const tag = m.type === 'bold' ? 'strong' : 'em';
        return `<${tag}>${inner}</${tag}>`;
      }, escapeHtml(r.text)),
    )
    .join('');

/** The long text as HTML of paragraphs, lists, strong and em; nothing of what was typed is taken as markup. */
export const docHtml = (doc: ListingDoc): string =>
  doc.content
    .map((b) =>
      b.type === 'paragraph'
        ? `<p>${html(b)}</p>`
        : `<ul>${b.content.map((i) => `<li>${i.content.map(html).join('<br>')}</li>`).join('')}</ul>`,
    )
    .join('\n');
