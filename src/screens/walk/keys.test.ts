import { KEYS, type KeyActions, keyTyped } from './keys';

const done: string[] = [];
const actions = new Proxy({} as KeyActions, {
  get:
    (_t, name) =>
    (...given: unknown[]) =>
      done.push([String(name), ...given].join(' ')),
});
beforeEach(() => {
  done.length = 0;
});

it('does what its key says, and two keys one after the other', () => {
  keyTyped('', 'k')!.run(actions, 'k');
  keyTyped('', ']')!.run(actions, ']');
  keyTyped('g', 'u')!.run(actions, 'g u');
  keyTyped('', 'u')!.run(actions, 'u');
  expect(done).toEqual(['clean', 'step 1', 'show underneath', 'unit']);
});

it('knows no other key, and the first of two does nothing by itself', () => {
  expect(keyTyped('', 'q')).toBeNull();
  expect(keyTyped('', 'g')).toBeNull();
});

it('gives no key two things to do', () => {
  const all = KEYS.flatMap((k) => k.keys);
  expect(new Set(all).size).toBe(all.length);
});
