import { heldTalk, holdTalk } from './held-talk';

const box = () => {
  const held = new Map<string, string>();
  return {
    getItem: (k: string) => held.get(k) ?? null,
    setItem: (k: string, v: string) => void held.set(k, v),
    removeItem: (k: string) => void held.delete(k),
  };
};
const talk = {
  name: 'lap.vtt',
  film: '0190f5c0-0000-7000-8000-000000000001',
  lines: [{ line: 1, text: 'hood has a chip', fromS: 1, toS: 2 }],
  decisions: { k: 'taken' },
} as const;

it('holds what was said at each lot until it is put away', () => {
  const at = box();
  expect(holdTalk('a', talk, at)).toBe(true);
  expect(heldTalk('a', at)).toEqual(talk);
  expect(heldTalk('b', at)).toBeNull();
  holdTalk('a', null, at);
  expect(heldTalk('a', at)).toBeNull();
});

it('gives talk that was held before films were kept a film of its own', () => {
  const at = box();
  const { film: _film, ...before } = talk;
  at.setItem('farvin-talk-a', JSON.stringify(before));
  expect(heldTalk('a', at)).toMatchObject({ ...before, film: expect.stringMatching(/^[0-9a-f-]{36}$/) });
});

it('takes nothing that it cannot read, and says where there is no room', () => {
  const at = box();
  at.setItem('farvin-talk-a', '{"name": 3}');
  expect(heldTalk('a', at)).toBeNull();
  at.setItem('farvin-talk-a', 'not json');
  expect(heldTalk('a', at)).toBeNull();
  const full = {
    ...box(),
    setItem: () => {
      throw new Error('full');
    },
  };
  expect(holdTalk('a', talk, full)).toBe(false);
});
