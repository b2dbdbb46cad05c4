import { html, NOTHING } from './html-text';

it('lets no text become source, in a text or in an attribute', () => {
  const title = '"><script>alert(1)</script>&\'';
  expect(html`<a title="${title}">${title}</a>`.source).toBe(
    '<a title="&quot;&gt;&lt;script&gt;alert(1)&lt;/script&gt;&amp;&#39;">&quot;&gt;&lt;script&gt;alert(1)&lt;/script&gt;&amp;&#39;</a>',
  );
});

it('puts pieces together that were made so, and numbers as they are', () => {
  const rows = [1, 2].map((n) => html`<li>${n}</li>`);
  expect(html`<ul>${rows}${NOTHING}</ul>`.source).toBe('<ul><li>1</li><li>2</li></ul>');
});
