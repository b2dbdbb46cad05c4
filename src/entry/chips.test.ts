import { planOf } from '@/core/body/plan';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { chipsOf } from './chips';
import { type EntryContext, parseEntry } from './parse';

const context: EntryContext = {
  plan: planOf('fastback')!,
  zone: 'hood',
  unit: 'um',
  ceilingUm: 500,
  steering: 'left',
  kerb: 'left',
};
const US = { ...PLAIN_WORDING, words: 'en-US' as const };
const shown = (line: string, wording = PLAIN_WORDING) =>
  chipsOf(parseEntry(line, context).items, wording, 'um').map((c) => c.text);

it('names the place once, then what stands there', () => {
  expect(shown('118 122 over')).toEqual(['Bonnet', '118 µm', '122 µm', 'over 500 µm']);
  expect(shown('118 122', US)[0]).toBe('Hood');
});

it('names a new place where the line goes on to another panel', () => {
  expect(shown('118; roof 120').filter((t) => t === 'Bonnet' || t === 'Roof')).toEqual(['Bonnet', 'Roof']);
});

it('asks about a value that looks like another unit, and about no other', () => {
  const chips = chipsOf(parseEntry('5.2', context).items, PLAIN_WORDING, 'um');
  expect(chips.map((c) => c.tone)).toContain('ask');
  expect(chipsOf(parseEntry('118', context).items, PLAIN_WORDING, 'um').every((c) => c.tone === 'plain')).toBe(true);
});

it('says a finding piece by piece as it was understood', () => {
  const chips = shown('fender left 3 chips 2mm');
  expect(chips[0]).toBe('Front wing, left');
  expect(chips).toEqual(expect.arrayContaining(['3 × stone chip', '2 mm']));
});

it('says what was seen clean or blocked, with the aspects meant', () => {
  const clean = shown('clean');
  expect(clean.slice(0, 2)).toEqual(['Bonnet', 'seen and clean']);
  expect(clean[2]).toMatch(/^paint, /);
  expect(shown('blocked wet')).toContain('blocked: wet');
});

it('shows the beginning of a long line and counts the rest', () => {
  const line = Array.from({ length: 40 }, (_, i) => 110 + i).join(' ');
  const chips = shown(line);
  expect(chips.length).toBe(1 + 24 + 1);
  expect(chips.at(-1)).toBe('and 16 more');
});

it('shows nothing for an empty line', () => {
  expect(shown('')).toEqual([]);
});
