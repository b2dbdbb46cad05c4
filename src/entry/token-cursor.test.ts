import { seeded } from '@/core/stats/random';
import { EVERY_TABLE, FAULT_TABLE, FLAW_TABLE, PART_TABLE, type PhraseTable, SIDE_TABLE } from './lexicon';
import { begunBy, TokenCursor } from './token-cursor';
import { tokens } from './tokens';

const TABLES: readonly PhraseTable<unknown>[] = [FLAW_TABLE, FAULT_TABLE, PART_TABLE, SIDE_TABLE, EVERY_TABLE];
const WORDS = [...new Set(TABLES.flatMap((t) => t.flatMap(([words]) => words)))];

it('takes the same, whether or not it knows what its words begin', () => {
  const random = seeded(3);
  const draw = (n: number) => Math.floor(random() * n);
  let taken = 0;
  for (let n = 0; n < 2000; n++) {
    const list = tokens(Array.from({ length: 1 + draw(7) }, () => WORDS[draw(WORDS.length)]).join(' '));
    const [knows, plain] = [new TokenCursor(list, begunBy(list)), new TokenCursor(list)];
    for (let k = 0; k < 4; k++) {
      const table = TABLES[draw(TABLES.length)]!;
      expect(knows.has(table)).toBe(plain.has(table));
      const [a, b] = k % 2 ? [knows.takeFirst(table), plain.takeFirst(table)] : [knows.take(table), plain.take(table)];
      expect(a).toEqual(b);
      taken += a === null ? 0 : 1;
    }
    expect(knows.copy().words()).toBe(plain.words());
  }
  expect(taken).toBeGreaterThan(1500);
});

it('finds a table that is first asked for after its words were looked at', () => {
  const list = tokens('zebra crossing');
  const line = new TokenCursor(list, begunBy(list));
  const late: PhraseTable<number> = [[['zebra', 'crossing'], 7]];
  expect(line.has(late)).toBe(true);
  expect(line.take(late)?.value).toBe(7);
});
