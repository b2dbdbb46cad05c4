import { planOf } from '@/core/body/plan';
import type { EntryContext } from '../context';
import { parseStatement } from '../parse';
import { walkRounds } from './narrations/test-walk-rounds';
import { WORKED_ON } from './narrations/test-worked-on';
import { plainTalk } from './plain';
import { unitsOf, wordsOf } from './units';
import { ANY_MAY, isUnknown, mayTakeWith, noneMay } from './vocabulary';

const MOST_WORDS = 9;

it('never says that no sentence can take words which one reads whole', () => {
  const [walk] = walkRounds(WORKED_ON);
  const context: EntryContext = {
    ...{ plan: planOf(walk!.style)!, zone: 'hood', unit: 'um', ceilingUm: 500 },
    ...{ steering: 'left', kerb: 'right', talk: true },
  };
  let whole = 0;
  let spared = 0;
  const wrong: string[] = [];
  const tried = new Set<string>();
  const said = walkRounds(WORKED_ON).flatMap((w) => w.utterances.map((u) => u.said));
  // Two by two, as captions run on from one to the next.
  for (const both of said.map((text, i) => `${text} ${said[i + 1] ?? ''}`)) {
    const words = unitsOf(wordsOf(plainTalk(both, 'um'))).flatMap((u) => (u.sort === 'word' ? [u.text] : []));
    for (let from = 0; from < words.length; from++)
      for (let to = from + 1; to <= Math.min(words.length, from + MOST_WORDS); to++) {
        const piece = words.slice(from, to);
        const text = piece.join(' ');
        if (tried.has(text) || piece.some(isUnknown)) continue;
        tried.add(text);
        const none = noneMay(piece.reduce(mayTakeWith, ANY_MAY));
        const { items, problems } = parseStatement(text, context);
        const read = items.length > 0 && problems.length === 0;
        if (read && none) wrong.push(text);
        whole += read ? 1 : 0;
        spared += none ? 1 : 0;
      }
  }
  expect(wrong).toEqual([]);
  // Neither is idle.
  expect(whole).toBeGreaterThan(300);
  expect(spared).toBeGreaterThan(300);
});

it('lets whatever stands beside a word that leads it', () => {
  const may = (text: string) => !noneMay(text.split(' ').reduce(mayTakeWith, ANY_MAY));
  expect(may('coolant dent')).toBe(false);
  expect(may('seller coolant dent')).toBe(true);
  expect(may('coolant dent blocked')).toBe(true);
  expect(may('hood dent')).toBe(true);
});
