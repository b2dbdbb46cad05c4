import type { Actor } from '@/data/actor';
import { HouseMemory } from './house-memory';
import { houseOf } from './live';

const actor = (role: Actor['role'], userId = 'one', orgId = 'house'): Actor => ({ role, userId, orgId, name: userId });

function bench() {
  const listeners = new Map<string, () => void>();
  const memory = new HouseMemory({
    on: (topic, listener) => {
      listeners.set(topic, listener);
      return () => listeners.delete(topic);
    },
  });
  let n = 0;
  const read = async () => ++n;
  const change = (orgId: string) => listeners.get(houseOf(orgId))?.();
  return { memory, read, change, listeners };
}

it('keeps an answer until something of that house changed', async () => {
  const { memory, read, change } = bench();
  expect(await memory.answer(actor('manager'), 'yard', read)).toBe(1);
  expect(await memory.answer(actor('inspector', 'two'), 'yard', read)).toBe(1);
  expect(await memory.answer(actor('manager'), 'other', read)).toBe(2);
  expect(await memory.answer(actor('manager', 'x', 'elsewhere'), 'yard', read)).toBe(3);
  change('elsewhere');
  expect(await memory.answer(actor('manager'), 'yard', read)).toBe(1);
  change('house');
  expect(await memory.answer(actor('manager'), 'yard', read)).toBe(4);
  memory.drop('house');
  expect(await memory.answer(actor('manager'), 'yard', read)).toBe(5);
});

it('never gives one viewer what was read for another, or for the house', async () => {
  const { memory, read } = bench();
  const seen = [];
  for (const who of [actor('manager'), actor('viewer', 'harald'), actor('viewer', 'wanda'), actor('viewer', 'harald')])
    seen.push(await memory.answer(who, 'yard', read));
  expect(seen).toEqual([1, 2, 3, 2]);
});

it('does not keep what was read before the change and came after it, nor what failed', async () => {
  const { memory, read, change, listeners } = bench();
  let give = (_: string) => {};
  const slow = memory.answer(actor('manager'), 'yard', () => new Promise<string>((r) => (give = r)));
  change('house');
  give('old');
  expect(await slow).toBe('old');
  expect(await memory.answer(actor('manager'), 'yard', read)).toBe(1);
  change('house');
  await expect(memory.answer(actor('manager'), 'yard', () => Promise.reject(new Error('away')))).rejects.toThrow(
    'away',
  );
  expect(await memory.answer(actor('manager'), 'yard', read)).toBe(2);
  memory.drop('house');
  expect(listeners.size).toBe(0);
});
