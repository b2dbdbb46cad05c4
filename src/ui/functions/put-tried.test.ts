import { planOf } from '@/core/body/plan';
import { DEFAULT_FUNCTIONS } from '@/core/catalogue/functions';
import { functionsOf } from '@/core/functions/list';
import type { AnyRecord } from '@/core/kinds';
import { triedSchema } from '@/core/kinds/tried';
import { putTried } from './put-tried';

const plan = planOf('fastback')!;
const kept: { id?: string; body: Record<string, unknown> }[] = [];
const store = {
  put: (entries: readonly { kind: string; id?: string; body: object }[]) => {
    kept.push(...(entries as unknown as typeof kept));
    return { ok: true as const, ids: ['x'] };
  },
} as unknown as Parameters<typeof putTried>[0];
const line = (...records: AnyRecord[]) =>
  functionsOf(plan, records, null, DEFAULT_FUNCTIONS).find((l) => l.id === 'clock')!;

it('keeps a function with its place, and corrects what was said of it before', () => {
  expect(putTried(store, line(), { state: 'dead' })).toBe('');
  const first = triedSchema.parse(kept[0]!.body);
  expect(first).toMatchObject({ function: 'clock', zone: 'dash', state: 'dead', why: null });
  const own = { id: 'a', kind: 'tried', version: 1, body: { ...first, from: 'the dash' } } as unknown as AnyRecord;
  putTried(store, line(own), { state: 'works' });
  expect(kept[1]).toMatchObject({ id: 'a', body: { state: 'works', from: 'the dash' } });
});
