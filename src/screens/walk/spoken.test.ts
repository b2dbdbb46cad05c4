import { planOf } from '@/core/body/plan';
import { commandOf, loadTalk, readLine } from './spoken';

const context = {
  plan: planOf('fastback')!,
  zone: 'hood',
  unit: 'um',
  ceilingUm: 500,
  steering: 'left',
  kerb: 'right',
} as const;

describe('what is said instead of touched', () => {
  it.each([
    ['Undo.', 'undo'],
    ['next panel', 'next'],
    ['go back', 'previous'],
    ['take a photo', 'photo'],
  ] as const)('%s', (said, command) => expect(commandOf(said)).toBe(command));
  it.each(['next panel has a dent', 'photo of the hood', 'one twenty two'])('%s is none', (said) =>
    expect(commandOf(said)).toBeNull(),
  );
});

describe('a dictated line', () => {
  beforeAll(loadTalk);
  it('is read as typed where it can be, else as talk, sentence by sentence', () => {
    const { items, problems } = readLine(
      "131 over; driver's door, there's a little ding about a quarter inch; closes nicely",
      context,
    );
    expect(problems).toEqual([]);
    expect(items.map((i) => [i.kind, 'zone' in i ? i.zone : null])).toEqual([
      ['reading', 'hood'],
      ['reading', 'hood'],
      ['finding', 'door.left.front'],
      ['look', 'door.left.front'],
    ]);
  });
  it('keeps a sentence that nobody understands as a problem', () => {
    const { items, problems } = readLine('hood chip; flimsy doodad', context);
    expect(items).toHaveLength(1);
    expect(problems).toHaveLength(1);
  });
});
