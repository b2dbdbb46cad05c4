import { planOf } from '@/core/body/plan';
import { listenTo } from './listen';
import { atPlace, isKept, nextWaiting, sorted, sortRows, surerThan } from './sorting';

const context = {
  plan: planOf('fastback')!,
  zone: null,
  unit: 'um',
  ceilingUm: 500,
  steering: 'left',
  kerb: 'right',
} as const;
const heardOf = (...said: string[]) =>
  listenTo(
    said.map((text, i) => ({ line: i + 1, text })),
    context,
  );

describe('the sorting table', () => {
  const heard = heardOf(
    'hood has a chip',
    'flimsy whatsit on it',
    'good morning',
    'maybe a dent',
    'comes with the jack',
  );
  const rows = sortRows(heard, {});

  it('holds what was understood and what was not, in the order of the talk, and no greetings', () => {
    expect(rows.map((r) => [r.text, r.item?.kind ?? r.why])).toEqual([
      ['hood has a chip', 'finding'],
      ['flimsy whatsit on it', 'unclear'],
      ['maybe a dent', 'finding'],
      ['comes with the jack', 'came-along'],
    ]);
  });

  it('keeps what was decided when more of the talk is understood', () => {
    const decided = { [rows[0]!.key]: 'taken', [rows[1]!.key]: 'dropped' } as const;
    const anew = sortRows(
      { ...heard, statements: heard.statements, left: heard.left.filter((l) => !l.text.includes('whatsit')) },
      decided,
    );
    expect(anew[0]).toMatchObject({ text: 'hood has a chip', decision: 'taken' });
    expect(sorted(anew)).toEqual({ done: 1, all: 3 });
  });

  it('goes to the next that waits, around the end, and nowhere when all is decided', () => {
    const all = Object.fromEntries(rows.map((r) => [r.key, 'dropped' as const]));
    expect(nextWaiting(rows, rows[0]!.key)).toBe(rows[1]!.key);
    expect(nextWaiting(sortRows(heard, { ...all, [rows[1]!.key]: undefined as never }), rows[3]!.key)).toBe(
      rows[1]!.key,
    );
    expect(nextWaiting(sortRows(heard, all), null)).toBeNull();
  });

  it('takes at once only what is surer than asked and what a record can hold', () => {
    expect(surerThan(rows, 0.9).map((r) => r.text)).toEqual(['hood has a chip', 'comes with the jack']);
    expect(surerThan(rows, 0.6).map((r) => r.text)).toEqual(['hood has a chip', 'maybe a dent', 'comes with the jack']);
    expect(isKept(rows[3]!.item!)).toBe(true);
    expect(isKept(heardOf("didn't try the clock").statements[0]!.item)).toBe(false);
  });

  it('says the same of another place, where it is of one', () => {
    expect(atPlace(rows[0]!.item!, 'roof')).toMatchObject({ kind: 'finding', zone: 'roof', flaw: 'chip' });
    expect(atPlace(heardOf('the clock works').statements[0]!.item, 'roof')).toBeNull();
  });
});
