import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { canonicalText } from '@/core/seal/seal';
import { contentHash, logHash, nameHash } from './change-hash';

const sha = (text: string) => createHash('sha256').update(text).digest('hex');

it('hashes the canonical form (RFC 8785), however the text is put together', () => {
  const text = fc.string({ unit: 'grapheme' });
  fc.assert(
    fc.property(
      text,
      text,
      text,
      fc.nat(),
      fc.option(fc.dictionary(text, fc.jsonValue())),
      fc.jsonValue(),
      (a, b, c, n, body, other) => {
        const change = { op: a, kind: b, record: c, base: n, body };
        const line = {
          inspectionId: a,
          changeId: b,
          contentHash: c,
          actorId: a,
          at: b,
          op: c,
          kind: a,
          recordId: b,
          version: n,
          before: other,
          after: body,
        };
        const named = { ...line, actorName: c, clockAheadS: n % 2 ? n : null, schema: 1 + (n % 3) };
        const hashed = (value: unknown) =>
          typeof value === 'object' && value !== null ? sha(canonicalText(value)) : null;
        const { before: _b, after: _a, actorName: _n, ...rest } = named;
        const form2 = {
          ...rest,
          form: 2,
          previousHash: c,
          actorNameHash: nameHash(b, c),
          beforeHash: hashed(other),
          afterHash: hashed(body),
        };
        return (
          logHash(c, named) === sha(canonicalText(form2)) &&
          contentHash(change) === sha(canonicalText(change)) &&
          logHash(c, line) === sha(canonicalText({ previousHash: c, ...line }))
        );
      },
    ),
    { seed: 21, numRuns: 300 },
  );
});

it('takes a change without a body as one with none', () => {
  const bare = { op: 'remove', kind: 'look', record: 'r', base: 1 };
  expect(contentHash(bare)).toBe(contentHash({ ...bare, body: null }));
});
