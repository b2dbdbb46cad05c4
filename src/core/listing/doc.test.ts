import { docHtml, docOf, docText, listingDocSchema } from './doc';

const run = (text: string, ...marks: ('bold' | 'italic')[]) => ({
  type: 'text' as const,
  text,
  ...(marks.length > 0 && { marks: marks.map((type) => ({ type })) }),
});
const DOC = listingDocSchema.parse({
  type: 'doc',
  content: [
    { type: 'paragraph', content: [run('A '), run('sound', 'bold', 'italic'), run(' car.')] },
    {
      type: 'bulletList',
      content: [{ type: 'listItem', content: [{ type: 'paragraph', content: [run('one <b>')] }] }],
    },
    { type: 'paragraph' },
  ],
});

it('is plain lines, and HTML in which nothing typed is markup', () => {
  expect(docText(DOC)).toBe('A sound car.\n– one <b>\n');
  expect(docHtml(DOC)).toBe('<p>A <em><strong>sound</strong></em> car.</p>\n<ul><li>one &lt;b&gt;</li></ul>\n<p></p>');
});

it('comes back from its own paragraphs', () => {
  expect(docText(docOf(['One.', '', 'Two.']))).toBe('One.\n\nTwo.');
});

it.each([
  ['a heading', { type: 'heading', attrs: { level: 1 } }],
  [
    'a link',
    {
      type: 'paragraph',
      content: [{ type: 'text', text: 'x', marks: [{ type: 'link', attrs: { href: 'javascript:' } }] }],
    },
  ],
  ['an image', { type: 'image', attrs: { src: 'x' } }],
  ['an empty run', { type: 'paragraph', content: [{ type: 'text', text: '' }] }],
])('takes no %s', (_what, block) => {
  expect(listingDocSchema.safeParse({ type: 'doc', content: [block] }).success).toBe(false);
});
