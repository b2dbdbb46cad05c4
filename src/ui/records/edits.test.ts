import fc from 'fast-check';
import type { AnyRecord } from '@/core/kinds';
import { applyTo } from '@/core/records/reduce';
import { changeTo, type Edit, sameBody } from './edits';

const body = (um: number) => ({ zone: 'hood', thicknessUm: um }) as unknown as AnyRecord['body'];

it('makes a put upon the version, a removal of what is there, and nothing of nothing', () => {
  const put: Edit = { kind: 'reading', record: 'a', before: null, after: body(1) };
  expect(changeTo(put, 3, 'c')).toMatchObject({ op: 'put', base: 3, body: body(1) });
  const gone: Edit = { ...put, before: body(1), after: null };
  expect(changeTo(gone, 4, 'c')).toEqual({ id: 'c', op: 'remove', kind: 'reading', record: 'a', base: 4 });
  expect(changeTo(gone, 0, 'c')).toBeNull();
});

it('compares contents whatever the order of their keys', () => {
  expect(sameBody({ a: 1, b: { c: [1, 2] } }, { b: { c: [1, 2] }, a: 1 })).toBe(true);
  expect(sameBody({ a: 1 }, { a: 2 })).toBe(false);
  expect(sameBody({ a: 1 }, null)).toBe(false);
  expect(sameBody(null, null)).toBe(true);
});

it('turned round is its own inverse, over any row of edits', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ n: fc.integer({ min: 1, max: 4 }), um: fc.option(fc.integer({ min: 40, max: 490 })) }), {
        maxLength: 14,
      }),
      (steps) => {
        const records = new Map<string, AnyRecord>();
        const enter = (edit: Edit) => {
          const change = changeTo(edit, records.get(edit.record)?.version ?? 0, 'x');
          if (change) applyTo(records, change);
        };
        const bodies = () => JSON.stringify([...records.values()].map((r) => [r.id, r.body]).sort());
        const before: string[] = [];
        const done: Edit[] = [];
        for (const { n, um } of steps) {
          before.push(bodies());
          const record = String(n);
          const edit: Edit = {
            kind: 'reading',
            record,
            before: records.get(record)?.body ?? null,
            after: um === null ? null : body(um),
          };
          enter(edit);
          done.push(edit);
        }
        for (let edit = done.pop(); edit; edit = done.pop()) {
          enter({ ...edit, before: edit.after, after: edit.before });
          if (bodies() !== before.pop()) return false;
        }
        return true;
      },
    ),
    { seed: 8 },
  );
});
