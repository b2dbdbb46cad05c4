import { clip } from '@/core/records/clip';
import { resultWord, TEST_WORDS } from '@/words/metal';
import { defineClause } from '../clause';
import { type Entry, type EntryContext, refused } from '../context';
import type { PhraseTable } from '../lexicon';
import { FILLER, PLACE_WORDS } from '../phrases';
import { takeZone } from '../take-zone';
import type { TokenCursor } from '../token-cursor';

type Test = 'magnet' | 'tap' | 'press' | 'wipe' | 'touch';
type Result = readonly [test: Test, result: string];

interface SpotTestItem {
  readonly kind: 'spot-test';
  readonly zone: string;
  readonly results: Readonly<Partial<Record<Test, string>>>;
  readonly where: string;
}

const says = (test: Test, result: string, phrases: readonly string[]) =>
  phrases.map((p) => [p.split(' '), [test, result] as Result] as const);

/** How people say what a test gave; longer phrases before those that they begin with. */
const TESTS: PhraseTable<Result> = [
  ...says('magnet', 'weak', [
    'magnet holds weakly',
    'magnet hardly holds',
    'magnet barely holds',
    'magnet barely sticks',
    'magnet is weak',
    'magnet weakly',
    'magnet weak',
  ]),
  ...says('magnet', 'off', [
    'magnet does not hold',
    'magnet does not stick',
    'magnet doesnt hold',
    "magnet doesn't hold",
    'magnet doesnt stick',
    "magnet doesn't stick",
    'magnet will not hold',
    'magnet will not stick',
    "magnet won't hold",
    "magnet won't stick",
    'magnet wont hold',
    'magnet wont stick',
    'magnet falls off',
    'magnet drops off',
    'magnet off',
  ]),
  ...says('magnet', 'holds', [
    'magnet holds firmly',
    'magnet holds',
    'magnet sticks',
    'magnet grabs',
    'magnet good',
    'magnet on',
  ]),
  ...says('tap', 'dull', ['sounds dull', 'taps dull', 'tap dull', 'dull thud', 'dull sound']),
  ...says('tap', 'rings', ['rings clear', 'rings true', 'taps clear', 'tap rings', 'sounds clear', 'rings']),
  ...says('press', 'gives', [
    'gives when pressed',
    'gives under the thumb',
    'presses soft',
    'press gives',
    'feels soft',
  ]),
  ...says('press', 'hard', ['hard when pressed', 'presses hard', 'press hard', 'feels hard']),
  ...says('touch', 'damp', [
    'damp to the touch',
    'wet to the touch',
    'feels damp',
    'feels wet',
    'damp behind it',
    'wet behind it',
  ]),
  ...says('touch', 'dry', ['dry to the touch', 'feels dry', 'bone dry']),
  ...says('wipe', 'wipes-off', ['brown wipes off', 'rust wipes off', 'wipes off']),
];
const DULL: PhraseTable<true> = [[['dull'], true]];
/** A test that is named and whose result is none of those. */
const NAMED: PhraseTable<true> = [[['magnet'], true]];

/** `left rocker magnet off, dull`: what tests of the metal gave. Refuses two results of one test and words of no place. */
function readTests(line: TokenCursor, quoted: string, context: EntryContext): Entry<SpotTestItem> | null {
  const results: Partial<Record<Test, string>> = {};
  for (let found = line.take(TESTS); found; found = line.take(TESTS)) {
    const [test, result] = found.value;
    if (results[test] !== undefined && results[test] !== result)
      return refused({ kind: 'not-understood', words: found.tokens.map((t) => t.raw).join(' ') });
    results[test] = result;
  }
  if (Object.keys(results).length === 0) return null;
  if (quoted || line.has(NAMED)) return refused({ kind: 'not-understood', words: quoted || 'magnet' });
  // "magnet off, dull": a word that says the tap's result only beside the magnet's.
  if (results.tap === undefined && line.take(DULL)) results.tap = 'dull';
  const found = takeZone(line, context);
  if (!found.ok) return refused(found.problem);
  if (found.zone === null) return refused({ kind: 'no-zone' });
  while (line.take(FILLER));
  const rest = line.rest();
  if (rest.some((t) => t.kind === 'number')) return refused({ kind: 'figure-left', words: line.words() });
  const strange = rest.filter((t) => !PLACE_WORDS.has(t.text));
  if (strange.length > 0) return refused({ kind: 'not-understood', words: strange.map((t) => t.raw).join(' ') });
  const zone = context.plan.zones.get(found.zone)!;
  if (!zone.aspects.includes('corrosion')) return refused({ kind: 'not-understood', words: 'magnet' });
  const where = clip([found.beside, line.words()].filter(Boolean).join(' '), 160);
  return { items: [{ kind: 'spot-test', zone: found.zone, results, where }], problems: [] };
}

/** How facts spell results, where otherwise than records do. */
const FACTS: Readonly<Record<string, string>> = { gives: 'soft' };

export const spotTest = defineClause<SpotTestItem>({
  words: [TESTS, NAMED, 'dull'],
  read: ({ line, quoted }, context) => readTests(line, quoted, context),
  items: {
    'spot-test': {
      placed: true,
      puts: ({ zone, results, where }, { place, at }) => [
        { kind: 'spot', body: { zone, place, where, ...results, at } },
      ],
      chips: ({ results, where }) => [
        ...Object.entries(results).map(
          ([t, r]) => `${TEST_WORDS[t as Test].toLowerCase()}: ${resultWord(t as Test, r)}`,
        ),
        ...(where ? [where] : []),
      ],
      facts: ({ zone, results }) =>
        Object.entries(results)
          .filter(([t, r]) => t !== 'wipe' && r !== 'dry')
          .map(([t, r]) => `metal ${zone} ${t === 'magnet' ? `magnet-${r}` : (FACTS[r] ?? r)}`),
    },
  },
});
