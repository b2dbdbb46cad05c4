import { planOf } from '@/core/body/plan';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { chipsOf } from '../chips';
import { type EntryContext, parseEntry } from '../parse';

const context: EntryContext = {
  plan: planOf('fastback')!,
  zone: 'engine',
  unit: 'um',
  ceilingUm: 500,
  steering: 'left',
  kerb: 'left',
};
const kinds = (text: string) => parseEntry(text, context).items.map((i) => i.kind);
const problems = (text: string) => parseEntry(text, context).problems.map((p) => p.kind);

it.each([
  // What stands beside says something that is not understood.
  'oil pressure 45 psi because of the cold',
  'temperature 85 in the shade of the tram',
  // A figure without a gauge, a gauge without a figure.
  'pressure 45',
  'oil pressure fine today',
  'engine number unknown',
  'odometer broken and wrong',
])('takes nothing of: %s', (text) => {
  expect(kinds(text).filter((k) => ['gauge', 'number', 'odometer', 'part', 'road'].includes(k))).toEqual([]);
});

it.each([
  ['oil pressure 4500 psi', 'absurd'],
  ['temperature 900 c', 'absurd'],
  ['80 volts', 'absurd'],
])('refuses what no gauge shows: %s', (text, problem) => expect(problems(text)).toEqual([problem]));

it('shows what it understood before it is taken', () => {
  const chips = (text: string) => chipsOf(parseEntry(text, context).items, PLAIN_WORDING, 'um').map((c) => c.text);
  expect(chips('oil pressure 45 psi at idle')).toEqual(['oil 45 psi', 'idle']);
  expect(chips('brakes pull left')).toEqual(['brakes straight: not quite (pulls left)']);
  expect(chips('engine number QH 04418')).toEqual(['engine stamp', 'QH 04418']);
  expect(chips('odometer 61,412 miles')).toEqual(['odometer 61,412 mi']);
});
