import type { AlongThing } from '@/core/catalogue/along';
import { recordsOf } from '@/core/records/reduce';
import { defineClause } from '../clause';
import type { Entry } from '../context';
import { type PhraseTable, phraseTable } from '../lexicon';
import { FILLER } from '../phrases';
import type { TokenCursor } from '../token-cursor';

interface AlongItem {
  readonly kind: 'came-along';
  readonly items: readonly AlongThing[];
}

/** Things that come with a car, by their slugs in facts. */
const THINGS: PhraseTable<AlongThing> = phraseTable<AlongThing>([
  ['spare-wheel', ['spare wheel', 'spare-wheel', 'spare tire', 'spare tyre', 'spare']],
  ['jack', ['jack', 'original jack', 'car jack']],
  ['tools', ['tools', 'tool kit', 'toolkit', 'tool roll', 'wheel brace', 'lug wrench']],
  [
    'handbook',
    ['handbook', "owner's manual", 'owners manual', "owner's handbook", 'owners handbook', 'owner is manual', 'manual'],
  ],
  ['service-book', ['service book', 'service record', 'service records', 'service history']],
  ['build-sheet', ['build sheet', 'original build sheet', 'build card', 'build record']],
  [
    'spare-key',
    [
      'spare key',
      'spare-key',
      'second key',
      'extra key',
      'spare set of keys',
      'two sets of keys',
      'both keys',
      'two keys',
      '2 keys',
    ],
  ],
  ['receipts', ['receipts', 'bills', 'invoices', 'folder of receipts', 'folder of bills', 'stack of receipts']],
  ['title', ['title', 'registration', 'log book', 'logbook']],
  ['car-cover', ['car cover', 'cover']],
  ['tonneau', ['tonneau', 'tonneau cover', 'top boot']],
  ['wheel-trims', ['hub caps', 'hubcaps', 'wheel trims', 'wheel covers', 'set of hubcaps']],
  ['floor-mats', ['floor mats', 'mats']],
  ['photos', ['photos', 'photographs', 'restoration photos', 'old photos']],
  ['spare-parts', ['spare parts', 'box of parts', 'box of spares', 'spares']],
]);
/** That it comes along. */
const COMES: PhraseTable<true> = phraseTable([
  [
    true,
    [
      'comes with',
      'came with',
      'come with',
      'it comes with',
      'is there',
      'are there',
      'is here',
      'are here',
      'is included',
      'are included',
      'is with it',
      'goes with it',
      'still has',
      'along with it',
      'comes along',
      'in the trunk',
      'in the boot',
      'is present',
      'in the glovebox',
      'in the glove box',
    ],
  ],
]);
const BESIDE: PhraseTable<true> = phraseTable([
  [
    true,
    [
      'original',
      'and',
      'too',
      'still',
      'all',
      'also',
      'factory',
      'it',
      'car',
      'of',
      'its',
      'some',
      'full',
      'is',
      'are',
      'there',
      'here',
      'set',
    ],
  ],
]);

/** `comes with the jack and a spare key`: what comes along with the car. Whatever else is said beside is none. */
function readAlong(line: TokenCursor): Entry<AlongItem> | null {
  if (!line.take(COMES)) return null;
  const items: AlongThing[] = [];
  for (let t = line.take(THINGS); t; t = line.take(THINGS)) items.push(t.value);
  while (line.take(COMES) || line.take(BESIDE) || line.take(FILLER));
  if (items.length === 0 || line.rest().length > 0) return null;
  return { items: [{ kind: 'came-along', items: [...new Set(items)] }], problems: [] };
}

export const along = defineClause<AlongItem>({
  words: [THINGS, COMES, BESIDE],
  read: ({ line, quoted }) => (quoted ? null : readAlong(line)),
  items: {
    'came-along': {
      puts: ({ items }, { at }, records) =>
        items.map((thing) => {
          const own = recordsOf(records, 'along').find((r) => r.body.thing === thing);
          return { kind: 'along', ...(own && { id: own.id }), body: { ...own?.body, thing, there: true, at } };
        }),
      chips: ({ items }) => [`comes with: ${items.map((i) => i.replaceAll('-', ' ')).join(', ')}`],
      facts: ({ items }) => items.map((i) => `came-along ${i}`),
    },
  },
});
