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
  /** False: looked for, and not there. */
  readonly there: boolean;
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
/** That it was looked for and is not there. */
const GONE: PhraseTable<true> = phraseTable([
  [
    true,
    [
      'does not come with',
      'did not come with',
      'comes without',
      'come without',
      'is missing',
      'are missing',
      'missing',
      'is not there',
      'are not there',
      'is not with it',
      'are not with it',
      'is not included',
      'are not included',
    ],
  ],
]);
/** A bare "no", which says so only of what means nothing else on a car: "no manual" may be a gearbox, "no cover" a distributor. */
const NO: PhraseTable<true> = [[['no'], true]];
const OF_MORE: ReadonlySet<string> = new Set(['manual', 'cover', 'photos', 'title', 'mats', 'registration', 'bills']);
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

/**
 * `comes with the jack and a spare key`, `no spare wheel`: what comes along with the car, or was looked for and is not there.
 * Whatever else is said beside is none.
 */
function readAlong(line: TokenCursor): Entry<AlongItem> | null {
  const gone = line.take(GONE) !== null;
  const bare = !gone && line.takeFirst(NO) !== null;
  const there = !gone && !bare;
  if (there && !line.take(COMES)) return null;
  const items: AlongThing[] = [];
  for (let t = line.take(THINGS); t; t = line.take(THINGS)) {
    if (bare && t.tokens.some((w) => OF_MORE.has(w.text))) return null;
    items.push(t.value);
  }
  while ((there && line.take(COMES)) || line.take(BESIDE) || line.take(FILLER));
  if (items.length === 0 || line.rest().length > 0) return null;
  return { items: [{ kind: 'came-along', items: [...new Set(items)], there }], problems: [] };
}

export const along = defineClause<AlongItem>({
  words: [THINGS, COMES, GONE, BESIDE],
  read: ({ line, quoted }) => (quoted ? null : readAlong(line)),
  items: {
    'came-along': {
      puts: ({ items, there }, { at }, records) =>
        items.map((thing) => {
          const own = recordsOf(records, 'along').find((r) => r.body.thing === thing);
          return { kind: 'along', ...(own && { id: own.id }), body: { ...own?.body, thing, there, at } };
        }),
      chips: ({ items, there }) => [
        `${there ? 'comes with' : 'not with it'}: ${items.map((i) => i.replaceAll('-', ' ')).join(', ')}`,
      ],
      facts: ({ items, there }) => (there ? items.map((i) => `came-along ${i}`) : []),
    },
  },
});
